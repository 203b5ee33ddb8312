package vividtrellis.core.solver;

import com.google.common.primitives.Ints;
import java.util.Arrays;
import java.util.BitSet;
import org.jspecify.annotations.Nullable;

/**
 * A quick look that spares a search: at a solution with some choices moved, and a few more that
 * have to move with them. What it sees is certain; where it sees nothing, a search has to tell.
 */
final class LocalRepair {

  private static final int NONE = -1;

  /** How many choices may be moved for the sake of others. */
  private static final int MOST_MOVED = 3;

  private final ClauseTable table;
  private final State state;

  LocalRepair(ClauseTable table, State state) {
    this.table = table;
    this.state = state;
  }

  /** A solution near a known one in which some choices take one of some values, if it is seen. */
  @Nullable Model near(Model model, @Nullable BitSet[] narrowed) {
    if (!state.isAllOnIn(model.on())) {
      // Something was turned on since; clauses that it met are not met by the solution.
      return null;
    }
    int[] values = Ints.toArray(model.values());
    BitSet changed = new BitSet(table.choices);
    for (int choice = 0; choice < table.choices; choice++) {
      // What was settled since the solution was found may have closed values of any choice, and
      // clauses that are known to be met are so by the values that are left.
      BitSet within = narrowed[choice];
      if (!state.isOpen(choice, values[choice])
          || (within != null && !within.get(values[choice]))) {
        int value = within == null ? state.first(choice) : firstOpen(choice, within);
        if (value < 0) {
          return null;
        }
        values[choice] = value;
        changed.set(choice);
      }
    }
    for (int moved = 0; moved <= MOST_MOVED; moved++) {
      int unmet = firstUnmet(values, model.on(), changed);
      if (unmet < 0) {
        return new Model(Ints.asList(values), model.on());
      }
      int choice = meet(unmet, values, narrowed);
      if (choice < 0) {
        return null;
      }
      changed.set(choice);
    }
    return null;
  }

  /**
   * The values that a choice can take at a solution while all else stays as it is.
   *
   * @param model a solution with what is fixed
   */
  BitSet apart(Model model, int choice) {
    int from = table.start[choice];
    long[] left = Arrays.copyOfRange(state.open, from, table.start[choice + 1]);
    int[] values = Ints.toArray(model.values());
    for (int n = 0; n < state.activeOverCount[choice]; n++) {
      narrow(left, state.activeOver[choice][n], state.activeAs[choice][n], values, model.on());
    }
    BitSet on = model.on();
    for (int s = on.nextSetBit(0); s >= 0; s = on.nextSetBit(s + 1)) {
      if (!state.on[s]) {
        for (int k : table.guarded[s]) {
          int as = Ints.indexOf(table.over[k], choice);
          if (as >= 0 && table.isActive(k, on)) {
            narrow(left, k, as, values, on);
          }
        }
      }
    }
    return BitSet.valueOf(left);
  }

  /** Keeps the values that meet a clause, if nothing but the choice meets it. */
  private void narrow(long[] left, int clause, int as, int[] values, BitSet on) {
    long[] allowed = table.allowed[clause][as];
    boolean some = false;
    for (int w = 0; w < left.length; w++) {
      some |= (left[w] & ~allowed[w]) != 0;
    }
    if (some && !table.isMetWithout(clause, as, values, on)) {
      for (int w = 0; w < left.length; w++) {
        left[w] &= allowed[w];
      }
    }
  }

  private int firstOpen(int choice, BitSet within) {
    for (int v = within.nextSetBit(0); v >= 0; v = within.nextSetBit(v + 1)) {
      if (state.isOpen(choice, v)) {
        return v;
      }
    }
    return NONE;
  }

  /** A clause that a solution does not meet any more since some of its choices were changed. */
  private int firstUnmet(int[] values, BitSet on, BitSet changed) {
    for (int c = changed.nextSetBit(0); c >= 0; c = changed.nextSetBit(c + 1)) {
      int[] over = state.activeOver[c];
      int[] as = state.activeAs[c];
      long[] by = state.activeBy[c];
      long bit = values[c] < 64 ? 1L << values[c] : 0;
      for (int n = 0; n < state.activeOverCount[c]; n++) {
        if ((by[n] & bit) == 0
            && !state.isKnownMet(over[n])
            && !table.isMetBy(over[n], as[n], values[c])
            && !table.isMet(over[n], values, on)) {
          return over[n];
        }
      }
    }
    for (int s = on.nextSetBit(0); s >= 0; s = on.nextSetBit(s + 1)) {
      if (!state.on[s]) {
        for (int k : table.guarded[s]) {
          if (table.isActive(k, on) && !table.isMet(k, values, on)) {
            return k;
          }
        }
      }
    }
    return NONE;
  }

  /** Moves the last choice that can meet a clause and is not asked for; gives which. */
  private int meet(int k, int[] values, @Nullable BitSet[] narrowed) {
    for (int i = table.over[k].length - 1; i >= 0; i--) {
      int choice = table.over[k][i];
      if (narrowed[choice] == null) {
        int value = state.first(choice, table.allowed[k][i]);
        if (value >= 0) {
          values[choice] = value;
          return choice;
        }
      }
    }
    return NONE;
  }
}
