package vividtrellis.core.solver;

import com.google.common.primitives.Ints;
import java.util.ArrayDeque;
import java.util.BitSet;
import java.util.Deque;

/**
 * Looks at all switches at once: which a solution bears besides, and which none can have. What it
 * sees is certain; of switches in neither set a search has to tell.
 */
final class BulkProbe {

  private final Problem problem;
  private final State state;

  BulkProbe(Problem problem, State state) {
    this.problem = problem;
    this.state = state;
  }

  /** Switches that can be turned on, with a few that they ask for, at the values of a solution. */
  BitSet borne(Model model) {
    SupportCache.Footing footing = problem.support().footing(model.values());
    BitSet clashing = new BitSet(problem.switches);
    BitSet doubtful = new BitSet(problem.switches);
    BitSet on = model.on();
    int[] values = Ints.toArray(model.values());
    for (int t = on.nextSetBit(0); t >= 0; t = on.nextSetBit(t + 1)) {
      for (int k : problem.wakes[t]) {
        if (problem.wakers[k].length > 1 && !problem.isMet(k, values, on)) {
          int only = problem.onlySleeper(k, on);
          if (only >= 0) {
            clashing.set(only);
          } else {
            doubt(k, on, doubtful);
          }
        }
      }
    }
    doubtful.or(clashing);
    BitSet borne = (BitSet) footing.accompanied().clone();
    for (int u = doubtful.nextSetBit(0); u >= 0; u = doubtful.nextSetBit(u + 1)) {
      borne.andNot(footing.companies().get(u));
    }
    BitSet alone = (BitSet) footing.alone().clone();
    alone.andNot(clashing);
    borne.or(alone);
    borne.or(on);
    return borne;
  }

  /** Two that are not on could wake it together. */
  private void doubt(int k, BitSet on, BitSet doubtful) {
    for (int waker : problem.wakers[k]) {
      if (!on.get(waker)) {
        doubtful.set(waker);
      }
    }
  }

  /** Switches that no solution can have on, as things stand. */
  BitSet lost() {
    BitSet lost = (BitSet) problem.support().lost(state).clone();
    BitSet on = state.switchesOn();
    Deque<Integer> news = new ArrayDeque<>();
    for (int t = on.nextSetBit(0); t >= 0; t = on.nextSetBit(t + 1)) {
      for (int k : problem.wakes[t]) {
        int free = problem.wakers[k].length > 1 ? problem.onlySleeper(k, on) : -1;
        if (free >= 0 && !lost.get(free) && problem.support().isLost(k, state, lost)) {
          lost.set(free);
          news.add(free);
        }
      }
    }
    problem.support().spread(news, lost, state, on);
    return lost;
  }
}
