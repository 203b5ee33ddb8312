package vividtrellis.core.compat;

import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.catalog.Term;
import vividtrellis.core.version.Version;

/**
 * One value for every variable: what conditions are asked of. Immutable.
 *
 * @param jvm Java level compiled for and run on
 * @param jdk the JDK that builds and runs it
 * @param starters ids that are picked, in the order given
 */
public record Selection(
    String build,
    Version buildVersion,
    String language,
    Version jvm,
    Version jdk,
    String framework,
    Version frameworkVersion,
    String packaging,
    String sample,
    String layout,
    Set<String> starters,
    Set<String> extras) {

  /** Copies its sets. */
  public Selection {
    starters = Collections.unmodifiableSet(new LinkedHashSet<>(starters));
    extras = Collections.unmodifiableSet(new LinkedHashSet<>(extras));
  }

  /** Whether a condition holds. */
  public boolean holds(Term term) {
    boolean plain =
        switch (term.variable()) {
          case BUILD -> is(term, build, buildVersion);
          case LANGUAGE -> is(term, language, jvm);
          case JVM -> term.range().holds(jvm);
          case JDK -> term.range().holds(jdk);
          case FRAMEWORK -> is(term, framework, frameworkVersion);
          case PACKAGING -> packaging.equals(term.id());
          case SAMPLE -> sample.equals(term.id());
          case LAYOUT -> layout.equals(term.id());
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

  Selection withStarter(String id) {
    Set<String> more = new LinkedHashSet<>(starters);
    more.add(id);
    return new Selection(
        build,
        buildVersion,
        language,
        jvm,
        jdk,
        framework,
        frameworkVersion,
        packaging,
        sample,
        layout,
        more,
        extras);
  }

  private static boolean is(Term term, String id, Version version) {
    return id.equals(term.id()) && term.range().holds(version);
  }

  private static boolean contains(Set<String> ids, @Nullable String id) {
    return id != null && ids.contains(id);
  }
}
