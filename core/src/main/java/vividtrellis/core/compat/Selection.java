package vividtrellis.core.compat;

import com.google.common.collect.Maps;
import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.catalog.Rule;
import vividtrellis.core.catalog.Term;
import vividtrellis.core.compat.Axis.Value;
import vividtrellis.core.version.Version;

/**
 * One value for every variable: what conditions are asked of. Immutable.
 *
 * @param values one for each axis
 * @param standards by name the levels that the framework is written for
 * @param starters ids that are picked, in the order given
 */
public record Selection(
    Map<Axis, Value> values,
    Map<String, Version> standards,
    Set<String> starters,
    Set<String> extras) {

  /** Copies its sets. */
  public Selection {
    values = Maps.immutableEnumMap(values);
    standards = Map.copyOf(standards);
    starters = Collections.unmodifiableSet(new LinkedHashSet<>(starters));
    extras = Collections.unmodifiableSet(new LinkedHashSet<>(extras));
  }

  /** The same on another JDK. */
  Selection on(Version otherJdk) {
    Map<Axis, Value> others = new EnumMap<>(values);
    others.put(Axis.JDK, new Value(otherJdk.text(), otherJdk));
    return new Selection(others, standards, starters, extras);
  }

  /** What is selected on an axis. */
  public Value value(Axis axis) {
    return Objects.requireNonNull(values.get(axis), () -> "nothing is selected on " + axis);
  }

  public String build() {
    return value(Axis.BUILD).id();
  }

  public Version buildVersion() {
    return value(Axis.BUILD).required();
  }

  public String language() {
    return value(Axis.LANGUAGE).id();
  }

  /** The language's own; {@code null} where its version is the level. */
  public @Nullable Version languageVersion() {
    return value(Axis.LANGUAGE).version();
  }

  /** Java level compiled for and run on. */
  public Version jvm() {
    return value(Axis.JVM).required();
  }

  /** The JDK that builds and runs it. */
  public Version jdk() {
    return value(Axis.JDK).required();
  }

  public String framework() {
    return value(Axis.FRAMEWORK).id();
  }

  /** {@code null} for a framework without versions. */
  public @Nullable Version frameworkVersion() {
    return value(Axis.FRAMEWORK).version();
  }

  public String packaging() {
    return value(Axis.PACKAGING).id();
  }

  public String sample() {
    return value(Axis.SAMPLE).id();
  }

  public String layout() {
    return value(Axis.LAYOUT).id();
  }

  /** Second language with its version, or {@link Axis#NONE}. */
  public String alongside() {
    return value(Axis.ALONGSIDE).word();
  }

  /** Of the settings. */
  public String format() {
    return value(Axis.FORMAT).id();
  }

  /** What serves requests: of {@link vividtrellis.core.catalog.Settings#THREADS}. */
  public String threads() {
    return value(Axis.THREADS).id();
  }

  /** Whether a condition holds. */
  public boolean holds(Term term) {
    boolean plain =
        switch (term.variable()) {
          case STARTER -> contains(starters, term.id());
          case EXTRA -> contains(extras, term.id());
          case JVM -> term.range().holds(jvm());
          case JDK -> term.range().holds(jdk());
          case LANGUAGE ->
              is(term, language(), languageVersion() == null ? jvm() : languageVersion());
          default -> {
            Value value = value(Axis.of(term.variable()));
            yield is(term, value.id(), value.version());
          }
        };
    return plain != term.negated();
  }

  /** Whether all of several conditions hold. */
  public boolean holdsAll(Iterable<Term> terms) {
    for (Term term : terms) {
      if (!holds(term)) {
        return false;
      }
    }
    return true;
  }

  /** Whether it breaks a rule: all that the rule asks about holds, and none of what must then. */
  public boolean breaks(Rule rule) {
    if (!holdsAll(rule.when())) {
      return false;
    }
    List<Term> remaining = rule.remaining();
    return remaining.stream().noneMatch(this::holds);
  }

  private static boolean is(Term term, String id, @Nullable Version version) {
    return id.equals(term.id()) && (version == null || term.range().holds(version));
  }

  private static boolean contains(Set<String> ids, @Nullable String id) {
    return id != null && ids.contains(id);
  }
}
