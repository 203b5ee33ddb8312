package vividtrellis.core.solver;

import java.util.Arrays;
import java.util.BitSet;

/**
 * What is open, on and active at one moment of a search, with a trail that takes everything back.
 * Every change remembers which decisions led to it, one bit each.
 */
final class State {

  private static final int OPEN = 0;
  private static final int ON = 1;
  private static final int WOKEN = 2;
  private static final int MET = 3;

  /** In a clause's place: what was fixed from outside, and what was decided in the search. */
  static final int FIXED = -1;

  static final int DECIDED = -2;

  private final ClauseTable table;

  /** Values that are still open, word by word. */
  final long[] open;

  /** Values that what was fixed from outside leaves open, whatever follows from it. */
  private final long[] fixed;

  /** By choice and by switch: the decisions behind how it stands. */
  final long[] whyOpen;

  final long[] whyOn;
  final boolean[] on;
  private final int[] turnedOn;
  private int turnedOnCount;

  /** Active clauses, in the order in which they became so; and by choice. */
  int[] active = new int[64];

  int activeCount;
  final int[][] activeOver;

  /** Beside {@code activeOver}: which of the clause's choices it is. */
  final int[][] activeAs;

  /** Beside {@code activeOver}: the first word of the values that meet the clause. */
  final long[][] activeBy;

  final int[] activeOverCount;
  private final int[] inactive;

  /** Clauses that are known to be met, whatever is decided later. */
  private final boolean[] met;

  private long[] trail = new long[256];
  private int trailEnd;

  State(ClauseTable table) {
    this.table = table;
    open = table.everything.clone();
    fixed = table.everything.clone();
    whyOpen = new long[table.choices];
    whyOn = new long[table.switches];
    on = new boolean[table.switches];
    turnedOn = new int[table.switches];
    activeOver = new int[table.choices][16];
    activeAs = new int[table.choices][16];
    activeBy = new long[table.choices][16];
    activeOverCount = new int[table.choices];
    inactive = table.guardCount.clone();
    met = new boolean[table.clauses];
  }

  int mark() {
    return trailEnd;
  }

  private void push(long word) {
    if (trailEnd == trail.length) {
      trail = Arrays.copyOf(trail, trail.length * 2);
    }
    trail[trailEnd++] = word;
  }

  void undo(int mark) {
    while (trailEnd > mark) {
      long entry = trail[--trailEnd];
      int index = (int) (entry >>> 2);
      switch ((int) (entry & 3)) {
        case OPEN -> {
          if (trail[--trailEnd] == FIXED) {
            for (int w = table.start[index + 1] - 1; w >= table.start[index]; w--) {
              fixed[w] = trail[--trailEnd];
            }
          }
          whyOpen[index] = trail[--trailEnd];
          for (int w = table.start[index + 1] - 1; w >= table.start[index]; w--) {
            open[w] = trail[--trailEnd];
          }
        }
        case ON -> {
          trailEnd--;
          on[index] = false;
          turnedOnCount--;
          for (int k : table.guarded[index]) {
            inactive[k]++;
          }
        }
        case MET -> met[index] = false;
        default -> {
          activeCount--;
          for (int c : table.over[index]) {
            activeOverCount[c]--;
          }
        }
      }
    }
  }

  /**
   * Closes every value that is not in a set. Gives whether anything changed.
   *
   * @param clause that asks for it; {@link #FIXED} or {@link #DECIDED} where none does
   */
  boolean narrow(int choice, long[] values, long why, int clause) {
    int from = table.start[choice];
    boolean changes = false;
    for (int i = 0; i < values.length; i++) {
      changes |= ((clause == FIXED ? fixed : open)[from + i] & ~values[i]) != 0;
    }
    if (!changes) {
      return false;
    }
    for (int i = 0; i < values.length; i++) {
      push(open[from + i]);
      open[from + i] &= values[i];
    }
    push(whyOpen[choice]);
    if (clause == FIXED) {
      for (int i = 0; i < values.length; i++) {
        push(fixed[from + i]);
        fixed[from + i] &= values[i];
      }
    }
    push(clause);
    push(((long) choice << 2) | OPEN);
    whyOpen[choice] |= why;
    return true;
  }

  /** Leaves one value only. Gives whether anything changed. */
  boolean take(int choice, int value, long why) {
    long[] only = new long[table.start[choice + 1] - table.start[choice]];
    only[value >> 6] = 1L << value;
    return narrow(choice, only, why, DECIDED);
  }

  /** Turns a switch on; the caller activates what is due. */
  void turnOn(int which, long why, int clause) {
    on[which] = true;
    turnedOn[turnedOnCount++] = which;
    whyOn[which] = why;
    push(clause);
    push(((long) which << 2) | ON);
    for (int k : table.guarded[which]) {
      inactive[k]--;
    }
  }

  /** A word of the values that what was fixed from outside leaves. */
  long fixed(int word) {
    return fixed[word];
  }

  /** Whoever goes back along the trail. */
  interface WayBack {

    /**
     * A clause closed some values of a choice, one word of them at a time.
     *
     * @return whether one of them had to be closed
     */
    boolean asksFor(int word, long closed);

    /** A clause left fewer values of a choice, one of which had to be closed. */
    void narrowed(int choice, int clause);

    /** A clause turned a switch on. */
    void turnedOn(int which, int clause);
  }

  /** Goes through all that clauses did, the last first. */
  void back(WayBack way) {
    long[] now = open.clone();
    int at = trailEnd;
    while (at > 0) {
      long entry = trail[--at];
      int index = (int) (entry >>> 2);
      int kind = (int) (entry & 3);
      if (kind == WOKEN || kind == MET) {
        continue;
      }
      int clause = (int) trail[--at];
      if (kind == ON) {
        if (clause >= 0) {
          way.turnedOn(index, clause);
        }
        continue;
      }
      int from = table.start[index];
      int words = table.start[index + 1] - from;
      at -= clause == FIXED ? 2 * words + 1 : words + 1;
      boolean asked = false;
      for (int w = 0; w < words; w++) {
        asked |= clause >= 0 && way.asksFor(from + w, trail[at + w] & ~now[from + w]);
        now[from + w] = trail[at + w];
      }
      if (asked) {
        way.narrowed(index, clause);
      }
    }
  }

  BitSet switchesOn() {
    BitSet set = new BitSet();
    for (int i = 0; i < turnedOnCount; i++) {
      set.set(turnedOn[i]);
    }
    return set;
  }

  /** Whether nothing is on but what is in a set. */
  boolean isAllOnIn(BitSet switches) {
    for (int i = 0; i < turnedOnCount; i++) {
      if (!switches.get(turnedOn[i])) {
        return false;
      }
    }
    return true;
  }

  /** Whether one of some clauses is active. */
  boolean isAnyActive(BitSet clauses) {
    for (int n = 0; n < activeCount; n++) {
      if (clauses.get(active[n])) {
        return true;
      }
    }
    return false;
  }

  boolean isDue(int clause) {
    return inactive[clause] == 0;
  }

  void activate(int clause) {
    if (activeCount == active.length) {
      active = Arrays.copyOf(active, activeCount * 2);
    }
    active[activeCount++] = clause;
    int[] over = table.over[clause];
    for (int i = 0; i < over.length; i++) {
      int c = over[i];
      if (activeOverCount[c] == activeOver[c].length) {
        activeOver[c] = Arrays.copyOf(activeOver[c], activeOverCount[c] * 2);
        activeAs[c] = Arrays.copyOf(activeAs[c], activeOverCount[c] * 2);
        activeBy[c] = Arrays.copyOf(activeBy[c], activeOverCount[c] * 2);
      }
      activeAs[c][activeOverCount[c]] = i;
      activeBy[c][activeOverCount[c]] = table.allowed[clause][i][0];
      activeOver[c][activeOverCount[c]++] = clause;
    }
    push(((long) clause << 2) | WOKEN);
  }

  boolean isEmpty(int choice) {
    for (int w = table.start[choice]; w < table.start[choice + 1]; w++) {
      if (open[w] != 0) {
        return false;
      }
    }
    return true;
  }

  boolean isOpen(int choice, int value) {
    return (open[table.start[choice] + (value >> 6)] & 1L << value) != 0;
  }

  /** The most preferred value that is open; -1 if none is. */
  int first(int choice) {
    for (int w = table.start[choice]; w < table.start[choice + 1]; w++) {
      if (open[w] != 0) {
        return (w - table.start[choice]) * 64 + Long.numberOfTrailingZeros(open[w]);
      }
    }
    return -1;
  }

  /** The most preferred of some values that is open; -1 if none is. */
  int first(int choice, long[] among) {
    int from = table.start[choice];
    for (int w = 0; w < among.length; w++) {
      long both = open[from + w] & among[w];
      if (both != 0) {
        return w * 64 + Long.numberOfTrailingZeros(both);
      }
    }
    return -1;
  }

  /** How the i-th choice of a clause stands to it: 1 it is met, -1 it cannot be, 0 either. */
  int standing(int clause, int i) {
    int from = table.from[clause][i];
    long[] values = table.allowed[clause][i];
    if (values.length == 1) {
      long one = open[from];
      return (one & values[0]) == 0 ? -1 : (one & ~values[0]) == 0 ? 1 : 0;
    }
    boolean some = false;
    boolean all = true;
    for (int w = 0; w < values.length; w++) {
      long here = open[from + w];
      some |= (here & values[w]) != 0;
      all &= (here & ~values[w]) == 0;
    }
    return !some ? -1 : all ? 1 : 0;
  }

  /** Whether an active clause is met, whatever is decided later. */
  boolean isMet(int clause) {
    if (!met[clause] && isMetNow(clause)) {
      met[clause] = true;
      push(((long) clause << 2) | MET);
    }
    return met[clause];
  }

  /** Whether a clause is known to be met; a quick look. */
  boolean isKnownMet(int clause) {
    return met[clause];
  }

  private boolean isMetNow(int clause) {
    for (int satisfier : table.satisfiers[clause]) {
      if (on[satisfier]) {
        return true;
      }
    }
    for (int i = 0; i < table.over[clause].length; i++) {
      if (standing(clause, i) > 0) {
        return true;
      }
    }
    return false;
  }

  /** The first choice that can still decide about a clause; the number of choices if none can. */
  int firstUndecided(int clause) {
    for (int i = 0; i < table.over[clause].length; i++) {
      if (standing(clause, i) == 0) {
        return table.over[clause][i];
      }
    }
    return table.choices;
  }

  /** The most preferred open value of each choice, of which none is empty. */
  int[] best() {
    int[] best = new int[table.choices];
    for (int c = 0; c < best.length; c++) {
      best[c] = first(c);
    }
    return best;
  }

  /** Whether some values, with what is on, meet an active clause. */
  boolean isMetAt(int clause, int[] values) {
    return isMetBy(clause, values) || isMetNow(clause);
  }

  /** Whether one of some values meets a clause. */
  boolean isMetBy(int clause, int[] values) {
    int[] over = table.over[clause];
    for (int i = 0; i < over.length; i++) {
      if (table.isMetBy(clause, i, values[over[i]])) {
        return true;
      }
    }
    return false;
  }
}
