package vividtrellis.core.compat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Options.Level;
import vividtrellis.core.catalog.Rule;
import vividtrellis.core.catalog.Term;
import vividtrellis.core.version.Version;

/**
 * On which JDKs a project that fits can be built and run: one interval, which every place in the
 * project that speaks of the JDK speaks of.
 *
 * @param lowest the JDK of the selection
 * @param below the lowest one above it that a rule speaks against; {@code null} where none of the
 *     known ones is
 * @param tested the lowest one and each newer long-term one that no rule speaks against, not even
 *     as a caution; oldest first
 */
public record SuitableJdks(Version lowest, @Nullable Version below, List<Version> tested) {

  /** Copies its list. */
  public SuitableJdks {
    tested = List.copyOf(tested);
  }

  /**
   * Those of a selection.
   *
   * @param selection one that fits
   * @param rules of the edition that look at the JDK
   */
  public static SuitableJdks of(Selection selection, Edition edition, List<Rule> rules) {
    int highest = edition.levels().stream().mapToInt(Level::level).max().orElse(0);
    Version below = null;
    List<Version> tested = new ArrayList<>(List.of(selection.jdk()));
    int lowest = Integer.parseInt(selection.jdk().text());
    List<Rule> concerned = new ArrayList<>();
    for (Rule rule : rules) {
      if (isConcerned(rule, selection)) {
        concerned.add(rule);
      }
    }
    for (int jdk = lowest + 1; jdk <= highest && below == null; jdk++) {
      Version version = new Version(Integer.toString(jdk));
      List<Rule> broken = broken(concerned, selection.on(version));
      if (broken.stream().anyMatch(Rule::blocks)) {
        below = version;
      } else if (broken.isEmpty() && isLongTerm(edition, version)) {
        tested.add(version);
      }
    }
    return new SuitableJdks(selection.jdk(), below, tested);
  }

  private static List<Rule> broken(List<Rule> rules, Selection selection) {
    return rules.stream().filter(rule -> selection.breaks(rule)).toList();
  }

  /** Whether what a rule asks, apart from the JDK, is so. */
  private static boolean isConcerned(Rule rule, Selection selection) {
    for (Term term : rule.when()) {
      if (term.variable() != Term.Variable.JDK && !selection.holds(term)) {
        return false;
      }
    }
    return true;
  }

  private static boolean isLongTerm(Edition edition, Version version) {
    return edition.levels().stream()
        .anyMatch(level -> level.longTerm() && level.version().equals(version));
  }

  /** Whether a rule looks at the JDK. */
  public static boolean concern(Rule rule) {
    return looksAtJdk(rule.when()) || looksAtJdk(rule.remaining());
  }

  private static boolean looksAtJdk(List<Term> terms) {
    return terms.stream().anyMatch(term -> term.variable() == Term.Variable.JDK);
  }

  /** In the interval notation of Maven: {@code [17,)}, {@code [17,25)}. */
  public String range() {
    return "[" + lowest + "," + (below == null ? "" : below) + ")";
  }

  /** The newest one that suits; empty where that is open. */
  public Optional<Version> highest() {
    return Optional.ofNullable(below)
        .map(each -> new Version(Integer.toString(Integer.parseInt(each.text()) - 1)));
  }
}
