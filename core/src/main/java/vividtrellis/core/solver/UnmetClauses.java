package vividtrellis.core.solver;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * The active clauses that are not met, depth by depth of a search, each in the order in which they
 * became active. What is met at one depth is met below it, so that only what was not, and what
 * became active since, is looked at again: most clauses of a large problem are met from the start.
 */
final class UnmetClauses {

  private final State state;
  private final List<Depth> depths = new ArrayList<>();

  UnmetClauses(State state) {
    this.state = state;
  }

  /** Those as things stand now; the depth above must have been asked for before. */
  Depth at(int depth) {
    if (depth == depths.size()) {
      depths.add(new Depth());
    }
    Depth here = depths.get(depth);
    here.count = 0;
    int from = 0;
    if (depth > 0) {
      Depth above = depths.get(depth - 1);
      from = above.seen;
      for (int n = 0; n < above.count; n++) {
        here.addUnlessMet(above.clauses[n], state);
      }
    }
    here.seen = state.activeCount;
    for (int n = from; n < here.seen; n++) {
      here.addUnlessMet(state.active[n], state);
    }
    return here;
  }

  /** Those of one depth. */
  static final class Depth {

    /** The first {@code count} are in use. */
    int[] clauses = new int[64];

    int count;

    /** How many clauses were active when it was filled. */
    private int seen;

    private void addUnlessMet(int clause, State state) {
      if (!state.isKnownMet(clause)) {
        if (count == clauses.length) {
          clauses = Arrays.copyOf(clauses, count * 2);
        }
        clauses[count++] = clause;
      }
    }

    /** Whether some values, with what is on, meet all of them. */
    boolean areMetAt(int[] values, State state) {
      for (int n = 0; n < count; n++) {
        if (!state.isMetAt(clauses[n], values)) {
          return false;
        }
      }
      return true;
    }
  }
}
