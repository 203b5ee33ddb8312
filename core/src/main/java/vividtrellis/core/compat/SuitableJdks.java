package vividtrellis.core.compat;

import java.util.ArrayList;
import java.util.List;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Options.Level;
import vividtrellis.core.catalog.Rule;
import vividtrellis.core.catalog.Term;
import vividtrellis.core.version.Version;

/** Says on which JDKs a project that fits can be built as well. */
public final class SuitableJdks {

  private SuitableJdks() {}

  /**
   * The JDK of a selection, and every newer long-term one that no rule speaks against, not even as
   * a caution; oldest first.
   *
   * @param selection one that fits
   */
  public static List<Version> of(Selection selection, Edition edition) {
    List<Rule> rules = new ArrayList<>();
    for (Rule rule : edition.rules()) {
      if (looksAtJdk(rule.when()) || looksAtJdk(Rules.remaining(rule))) {
        rules.add(rule);
      }
    }
    List<Version> suitable = new ArrayList<>(List.of(selection.jdk()));
    for (Level level : edition.levels()) {
      Version jdk = level.version();
      if (level.longTerm() && jdk.compareTo(selection.jdk()) > 0) {
        Selection on = selection.on(jdk);
        if (rules.stream().noneMatch(rule -> Rules.broken(rule, on))) {
          suitable.add(jdk);
        }
      }
    }
    suitable.sort(null);
    return suitable;
  }

  private static boolean looksAtJdk(List<Term> terms) {
    for (Term term : terms) {
      if (term.variable() == Term.Variable.JDK) {
        return true;
      }
    }
    return false;
  }
}
