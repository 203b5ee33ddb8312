package vividtrellis.core.solver;

import com.google.common.primitives.Ints;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;

/**
 * Choices, each of which takes exactly one of its values, switches, and the clauses between them.
 * The values of a choice are numbered in order of preference, and so are the choices. Immutable
 * once built; shared between threads.
 *
 * <p>A clause sleeps until all switches that it wants off are on. Since a sleeping clause is met by
 * leaving one of them off, only woken clauses take part in a search, however large the problem is.
 */
public final class Problem {

  final int choices;
  final int switches;
  final int clauses;

  /** First word of each choice in a state; one more at the end. */
  final int[] start;

  final int[] size;

  /** By clause: the switches that wake it, and those that meet it. */
  final int[][] wakers;

  final int[][] meeters;

  /** By clause: its choices, and for each the words of the values that meet it. */
  final int[][] over;

  final long[][][] allowed;

  /** By switch: the clauses it helps to wake. */
  final int[][] wakes;

  /** By choice: the clauses that speak of it. */
  final int[][] speaking;

  /** The words of a state in which every value is open. */
  final long[] everything;

  /** By clause: how many switches it takes to wake it. */
  final int[] sleepers;

  /** Clauses that nothing has to wake. */
  final int[] awake;

  /**
   * Compiles a problem.
   *
   * @param sizes how many values each choice has; none is empty
   * @param switches how many switches there are
   */
  public Problem(List<Integer> sizes, int switches, List<Clause> clauses) {
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
    this.wakers = new int[this.clauses][];
    this.meeters = new int[this.clauses][];
    this.over = new int[this.clauses][];
    this.allowed = new long[this.clauses][][];
    List<List<Integer>> waking = new ArrayList<>();
    for (int s = 0; s < switches; s++) {
      waking.add(new ArrayList<>());
    }
    List<List<Integer>> about = new ArrayList<>();
    for (int c = 0; c < choices; c++) {
      about.add(new ArrayList<>());
    }
    List<Integer> always = new ArrayList<>();
    for (int k = 0; k < this.clauses; k++) {
      Clause clause = clauses.get(k);
      wakers[k] = clause.off().stream().distinct().mapToInt(Integer::intValue).toArray();
      meeters[k] = clause.on().stream().distinct().mapToInt(Integer::intValue).toArray();
      over[k] = clause.within().keySet().stream().mapToInt(Integer::intValue).toArray();
      allowed[k] = new long[over[k].length][];
      for (int i = 0; i < over[k].length; i++) {
        int choice = over[k][i];
        about.get(choice).add(k);
        allowed[k][i] = words(choice, clause.within().getOrDefault(choice, new BitSet()));
      }
      for (int waker : wakers[k]) {
        waking.get(waker).add(k);
      }
      if (wakers[k].length == 0) {
        always.add(k);
      }
    }
    this.awake = ints(always);
    this.sleepers = Arrays.stream(wakers).mapToInt(each -> each.length).toArray();
    this.everything = new long[start[choices]];
    for (int c = 0; c < choices; c++) {
      for (int v = 0; v < size[c]; v++) {
        everything[start[c] + (v >> 6)] |= 1L << v;
      }
    }
    this.speaking = about.stream().map(Problem::ints).toArray(int[][]::new);
    this.wakes = waking.stream().map(Problem::ints).toArray(int[][]::new);
  }

  private static int[] ints(List<Integer> list) {
    return list.stream().mapToInt(Integer::intValue).toArray();
  }

  /** The switches that wake a clause: it sleeps until all of them are on. */
  public List<Integer> wakers(int clause) {
    return Ints.asList(wakers[clause]);
  }

  /** The choices that a clause speaks of. */
  public List<Integer> over(int clause) {
    return Ints.asList(over[clause]);
  }

  /** A set of values of a choice in the form in which states keep it. */
  long[] words(int choice, BitSet values) {
    long[] words = new long[start[choice + 1] - start[choice]];
    long[] given = values.get(0, size[choice]).toLongArray();
    System.arraycopy(given, 0, words, 0, given.length);
    return words;
  }

  /** A new search, in which nothing is fixed yet. Not to be shared between threads. */
  public Search search() {
    return new Search(this);
  }
}
