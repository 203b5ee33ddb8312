package vividtrellis.core.compat;

import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.catalog.Rule;
import vividtrellis.core.catalog.Term;
import vividtrellis.core.version.Version;
import vividtrellis.core.version.VersionedId;

/**
 * One value for every variable: what conditions are asked of. Immutable.
 *
 * @param languageVersion the language's own; {@code null} where its version is the level
 * @param jvm Java level compiled for and run on
 * @param jdk the JDK that builds and runs it
 * @param frameworkVersion {@code null} for a framework without versions
 * @param standards by name the levels that the framework is written for
 * @param alongside second language with its version, or {@code none}
 * @param format of the settings
 * @param starters ids that are picked, in the order given
 */
public record Selection(
    String build,
    Version buildVersion,
    String language,
    @Nullable Version languageVersion,
    Version jvm,
    Version jdk,
    String framework,
    @Nullable Version frameworkVersion,
    Map<String, Version> standards,
    String packaging,
    String sample,
    String layout,
    String alongside,
    String format,
    Set<String> starters,
    Set<String> extras) {

  /** Copies its sets. */
  public Selection {
    standards = Map.copyOf(standards);
    starters = Collections.unmodifiableSet(new LinkedHashSet<>(starters));
    extras = Collections.unmodifiableSet(new LinkedHashSet<>(extras));
  }

  /** The same on another JDK. */
  Selection on(Version otherJdk) {
    return new Selection(
        build,
        buildVersion,
        language,
        languageVersion,
        jvm,
        otherJdk,
        framework,
        frameworkVersion,
        standards,
        packaging,
        sample,
        layout,
        alongside,
        format,
        starters,
        extras);
  }

  /** Whether a condition holds. */
  public boolean holds(Term term) {
    boolean plain =
        switch (term.variable()) {
          case BUILD -> is(term, build, buildVersion);
          case LANGUAGE -> is(term, language, languageVersion == null ? jvm : languageVersion);
          case JVM -> term.range().holds(jvm);
          case JDK -> term.range().holds(jdk);
          case FRAMEWORK -> is(term, framework, frameworkVersion);
          case ALONGSIDE -> isAlongside(term);
          case PACKAGING -> packaging.equals(term.id());
          case SAMPLE -> sample.equals(term.id());
          case LAYOUT -> layout.equals(term.id());
          case FORMAT -> format.equals(term.id());
          case STARTER -> contains(starters, term.id());
          case EXTRA -> contains(extras, term.id());
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

  private boolean isAlongside(Term term) {
    VersionedId second = VersionedId.read(alongside);
    return is(term, second.id(), second.comparable().orElse(null));
  }

  private static boolean is(Term term, String id, @Nullable Version version) {
    return id.equals(term.id()) && (version == null || term.range().holds(version));
  }

  private static boolean contains(Set<String> ids, @Nullable String id) {
    return id != null && ids.contains(id);
  }
}
