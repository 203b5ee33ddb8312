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

  private final ClauseTable table;
  private final State state;
  private final SupportCache support;

  BulkProbe(ClauseTable table, State state, SupportCache support) {
    this.table = table;
    this.state = state;
    this.support = support;
  }

  /** Switches that can be turned on, with a few that they ask for, at the values of a solution. */
  BitSet supported(Model model) {
    SupportCache.Footing footing = support.footing(model.values());
    BitSet clashing = new BitSet(table.switches);
    BitSet doubtful = new BitSet(table.switches);
    BitSet on = model.on();
    int[] values = Ints.toArray(model.values());
    for (int t = on.nextSetBit(0); t >= 0; t = on.nextSetBit(t + 1)) {
      for (int k : table.guarded[t]) {
        if (table.guards[k].length > 1 && !table.isMet(k, values, on)) {
          int only = table.onlyMissingGuard(k, on);
          if (only >= 0) {
            clashing.set(only);
          } else {
            doubt(k, on, doubtful);
          }
        }
      }
    }
    doubtful.or(clashing);
    BitSet supported = (BitSet) footing.accompanied().clone();
    for (int u = doubtful.nextSetBit(0); u >= 0; u = doubtful.nextSetBit(u + 1)) {
      supported.andNot(footing.companies().get(u));
    }
    BitSet alone = (BitSet) footing.alone().clone();
    alone.andNot(clashing);
    supported.or(alone);
    supported.or(on);
    return supported;
  }

  /** Two that are not on could activate it together. */
  private void doubt(int k, BitSet on, BitSet doubtful) {
    for (int guard : table.guards[k]) {
      if (!on.get(guard)) {
        doubtful.set(guard);
      }
    }
  }

  /** Switches that no solution can have on, as things stand. */
  BitSet unsupported() {
    BitSet unsupported = (BitSet) support.unsupported(state).clone();
    BitSet on = state.switchesOn();
    Deque<Integer> news = new ArrayDeque<>();
    for (int t = on.nextSetBit(0); t >= 0; t = on.nextSetBit(t + 1)) {
      for (int k : table.guarded[t]) {
        int free = table.guards[k].length > 1 ? table.onlyMissingGuard(k, on) : -1;
        if (free >= 0 && !unsupported.get(free) && support.isUnsupported(k, state, unsupported)) {
          unsupported.set(free);
          news.add(free);
        }
      }
    }
    support.spread(news, unsupported, state, on);
    return unsupported;
  }
}
