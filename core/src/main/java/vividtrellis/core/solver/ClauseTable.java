package vividtrellis.core.solver;

import com.google.common.primitives.Ints;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Choices, switches and the clauses between them as arrays of numbers: what everything in this room
 * reads. Immutable; shared between threads.
 *
 * <p>A clause is inactive until all its guards are on. Since an inactive clause is met by leaving
 * one of them off, only active clauses take part in a search, however large the problem is.
 */
final class ClauseTable {

  final int choices;
  final int switches;
  final int clauses;

  /** First word of each choice in a state; one more at the end. */
  final int[] start;

  final int[] size;

  /** By clause: the switches that activate it, and those that meet it. */
  final int[][] guards;

  final int[][] satisfiers;

  /** By clause: its choices, and for each the words of the values that meet it. */
  final int[][] over;

  final long[][][] allowed;

  /** By clause: the first word of each of its choices in a state. */
  final int[][] from;

  /** By switch: the clauses it helps to activate. */
  final int[][] guarded;

  /** The words of a state in which every value is open. */
  final long[] everything;

  /** By clause: how many switches it takes to activate it. */
  final int[] guardCount;

  /** Clauses that nothing has to activate. */
  final int[] unguarded;

  /** By switch: the clauses it helps to activate, each at the last of those that do. */
  private final int[][] lastGuarded;

  /** By switch: the clauses that it satisfies. */
  final int[][] satisfied;

  /**
   * Compiles a problem.
   *
   * @param sizes how many values each choice has; none is empty
   * @param switches how many switches there are
   */
  ClauseTable(List<Integer> sizes, int switches, List<Clause> clauses) {
    this.choices = sizes.size();
    this.switches = switches;
    this.clauses = clauses.size();
    this.size = sizes.stream().mapToInt(Integer::intValue).toArray();
    this.start = new int[choices + 1];
    for (int c = 0; c < choices; c++) {
      if (size[c] < 1) {
        throw new IllegalArgumentException("choice " + c + " has no value");
      }
      start[c + 1] = start[c] + (size[c] + 63) / 64;
    }
    this.guards = new int[this.clauses][];
    this.satisfiers = new int[this.clauses][];
    this.over = new int[this.clauses][];
    this.allowed = new long[this.clauses][][];
    this.from = new int[this.clauses][];
    List<List<Integer>> guarding = lists(switches);
    List<List<Integer>> lastGuarding = lists(switches);
    List<List<Integer>> satisfying = lists(switches);
    List<Integer> always = new ArrayList<>();
    for (int k = 0; k < this.clauses; k++) {
      Clause clause = clauses.get(k);
      guards[k] = clause.off().stream().distinct().mapToInt(Integer::intValue).toArray();
      satisfiers[k] = clause.on().stream().distinct().mapToInt(Integer::intValue).toArray();
      over[k] = clause.within().keySet().stream().mapToInt(Integer::intValue).toArray();
      allowed[k] = new long[over[k].length][];
      from[k] = Arrays.stream(over[k]).map(choice -> start[choice]).toArray();
      for (int i = 0; i < over[k].length; i++) {
        int choice = over[k][i];
        allowed[k][i] = words(choice, clause.within().getOrDefault(choice, new BitSet()));
      }
      for (int guard : guards[k]) {
        guarding.get(guard).add(k);
      }
      for (int satisfier : satisfiers[k]) {
        satisfying.get(satisfier).add(k);
      }
      if (guards[k].length == 0) {
        always.add(k);
      } else {
        lastGuarding.get(Ints.max(guards[k])).add(k);
      }
    }
    this.unguarded = ints(always);
    this.guardCount = Arrays.stream(guards).mapToInt(each -> each.length).toArray();
    this.everything = new long[start[choices]];
    for (int c = 0; c < choices; c++) {
      for (int v = 0; v < size[c]; v++) {
        everything[start[c] + (v >> 6)] |= 1L << v;
      }
    }
    this.guarded = guarding.stream().map(ClauseTable::ints).toArray(int[][]::new);
    this.lastGuarded = lastGuarding.stream().map(ClauseTable::ints).toArray(int[][]::new);
    this.satisfied = satisfying.stream().map(ClauseTable::ints).toArray(int[][]::new);
  }

  private static List<List<Integer>> lists(int count) {
    List<List<Integer>> lists = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      lists.add(new ArrayList<>());
    }
    return lists;
  }

  private static int[] ints(List<Integer> list) {
    return list.stream().mapToInt(Integer::intValue).toArray();
  }

  /** Whether a clause sleeps until a switch is on. */
  boolean isGuardedBy(int clause, int which) {
    return Ints.contains(guards[clause], which);
  }

  /** Whether a clause speaks of a choice. */
  boolean isOver(int clause, int choice) {
    return Ints.contains(over[clause], choice);
  }

  /**
   * The clauses that are not met, by number.
   *
   * @param given a value for each choice
   * @param on switches that are on; all others are off
   */
  BitSet unmet(List<Integer> given, BitSet on) {
    int[] values = Ints.toArray(given);
    BitSet unmet = new BitSet();
    for (int k : unguarded) {
      if (!isMet(k, values, on)) {
        unmet.set(k);
      }
    }
    for (int s = on.nextSetBit(0); s >= 0; s = on.nextSetBit(s + 1)) {
      for (int k : lastGuarded[s]) {
        if (isActive(k, on) && !isMet(k, values, on)) {
          unmet.set(k);
        }
      }
    }
    return unmet;
  }

  /**
   * The clauses that cannot be met, each by itself, by number.
   *
   * @param on switches that are on; all others are off
   * @param left by choice the values that are left; {@code null} for one that is open
   */
  BitSet broken(BitSet on, @Nullable BitSet[] left) {
    long[] @Nullable [] words = words(left);
    BitSet broken = new BitSet(clauses);
    for (int k : unguarded) {
      if (isUnmeetable(k, on, words)) {
        broken.set(k);
      }
    }
    for (int s = on.nextSetBit(0); s >= 0; s = on.nextSetBit(s + 1)) {
      for (int k : lastGuarded[s]) {
        if (isActive(k, on) && isUnmeetable(k, on, words)) {
          broken.set(k);
        }
      }
    }
    return broken;
  }

  /** Whether a clause is active and cannot be met; what is on and left as above. */
  boolean isBroken(int clause, BitSet on, @Nullable BitSet[] left) {
    return isActive(clause, on) && isUnmeetable(clause, on, words(left));
  }

  private long[] @Nullable [] words(@Nullable BitSet[] left) {
    long[] @Nullable [] words = new long[choices][];
    for (int c = 0; c < choices; c++) {
      BitSet values = left[c];
      words[c] = values == null ? null : words(c, values);
    }
    return words;
  }

  private boolean isUnmeetable(int k, BitSet on, long[] @Nullable [] left) {
    for (int satisfier : satisfiers[k]) {
      if (on.get(satisfier)) {
        return false;
      }
    }
    for (int i = 0; i < over[k].length; i++) {
      long[] values = left[over[k][i]];
      if (values == null || isAnyIn(values, allowed[k][i])) {
        return false;
      }
    }
    return true;
  }

  private static boolean isAnyIn(long[] values, long[] words) {
    for (int w = 0; w < words.length; w++) {
      if ((values[w] & words[w]) != 0) {
        return true;
      }
    }
    return false;
  }

  /** Whether some values and switches, and no others, meet every clause. */
  boolean isSolution(List<Integer> given, BitSet on) {
    int[] values = Ints.toArray(given);
    for (int k : unguarded) {
      if (!isMet(k, values, on)) {
        return false;
      }
    }
    for (int s = on.nextSetBit(0); s >= 0; s = on.nextSetBit(s + 1)) {
      for (int k : lastGuarded[s]) {
        if (isActive(k, on) && !isMet(k, values, on)) {
          return false;
        }
      }
    }
    return true;
  }

  /** A set of values of a choice, all of them below its size, in the form that states keep. */
  long[] words(int choice, BitSet values) {
    long[] words = new long[start[choice + 1] - start[choice]];
    long[] given = values.toLongArray();
    if (given.length == words.length) {
      return given;
    }
    System.arraycopy(given, 0, words, 0, given.length);
    return words;
  }

  /** Whether all that a clause waits for is on. */
  boolean isActive(int clause, BitSet on) {
    for (int guard : guards[clause]) {
      if (!on.get(guard)) {
        return false;
      }
    }
    return true;
  }

  /** The one switch that a clause still waits for; -1 if there is none or more than one. */
  int onlyMissingGuard(int clause, BitSet on) {
    int only = -1;
    for (int guard : guards[clause]) {
      if (!on.get(guard)) {
        if (only >= 0) {
          return -1;
        }
        only = guard;
      }
    }
    return only;
  }

  /** Whether some values or switches meet a clause. */
  boolean isMet(int clause, int[] values, BitSet on) {
    return isMetWithout(clause, -1, values, on);
  }

  /** The same, whatever the value of the i-th choice of the clause is. */
  boolean isMetWithout(int clause, int except, int[] values, BitSet on) {
    for (int satisfier : satisfiers[clause]) {
      if (on.get(satisfier)) {
        return true;
      }
    }
    for (int i = 0; i < over[clause].length; i++) {
      if (i != except && isMetBy(clause, i, values[over[clause][i]])) {
        return true;
      }
    }
    return false;
  }

  /** Whether a value of the i-th choice of a clause meets it. */
  boolean isMetBy(int clause, int i, int value) {
    return (allowed[clause][i][value >> 6] & 1L << value) != 0;
  }
}
