package vividtrellis.core.compat;

import java.util.List;
import vividtrellis.core.catalog.Rule;

/** The seam to the search: exact and deterministic, whoever stands behind it. */
interface Solver {

  /** Finds the most preferred solution, or shows why there is none. */
  Outcome solve(Problem problem);

  /** What a search comes to. */
  sealed interface Outcome {}

  /** The most preferred selection that breaks no blocking rule. */
  record Fits(Selection selection) implements Outcome {}

  /**
   * No selection is without a broken rule.
   *
   * @param nearest the most preferred of those that break the fewest
   * @param broken which it breaks
   */
  record Stuck(Selection nearest, List<Rule> broken) implements Outcome {}
}
