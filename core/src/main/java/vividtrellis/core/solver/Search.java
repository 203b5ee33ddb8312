package vividtrellis.core.solver;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * One thread's work on a problem: values are closed and switches turned on, and solutions are
 * looked for. Exact: it finds a solution whenever there is one. Deterministic.
 *
 * <p>The first solution is the most preferred one: no solution has a better value for the first
 * choice in which the two differ. (This holds where no switch is free to be turned on; else a
 * choice on which nothing depends so far keeps its best value, which may cost a later one.)
 *
 * <p>Method: unit propagation over the woken clauses, then switches for clauses that no choice can
 * meet any more, then choices in their order, value by value. Each change knows the decisions
 * behind it, so that a dead end leads straight back to one that has to do with it.
 */
public final class Search {

  /** Decisions from this depth on share one bit, and are never skipped. */
  private static final int LAST_BIT = 63;

  private final Problem problem;
  private final State state;
  private final Propagation propagation;
  private final Glance glance;
  private boolean begun;
  private @Nullable Model model;

  Search(Problem problem) {
    this.problem = problem;
    this.state = new State(problem);
    this.propagation = new Propagation(problem, state);
    this.glance = new Glance(problem, state, propagation);
  }

  /**
   * Leaves only some switches free to be turned on; all others count as off unless they are fixed.
   * To be called before anything is fixed.
   */
  public Search only(BitSet switches) {
    propagation.only(switches);
    return this;
  }

  /** Leaves some clauses out. To be called before anything is fixed. */
  public Search ignoring(BitSet clauses) {
    propagation.ignoring(clauses);
    return this;
  }

  /** A place to come back to. What follows from what is fixed so far is drawn first. */
  public int mark() {
    settle();
    return state.mark();
  }

  /** Takes back everything since a mark. */
  public void undo(int mark) {
    propagation.undo(mark);
  }

  /** Closes every value of a choice that is not in a set. */
  public void narrow(int choice, BitSet values) {
    begin();
    propagation.narrow(choice, problem.words(choice, values), 0);
  }

  /** Turns a switch on. */
  public void turnOn(int which) {
    begin();
    propagation.turnOn(which, 0);
  }

  /**
   * Draws what follows without any decision.
   *
   * @return whether no contradiction was met; if one was, there is no solution
   */
  public boolean settle() {
    begin();
    return propagation.run();
  }

  /** The clause that failed last; -1 if none did, or a choice had no value left by itself. */
  public int broken() {
    return propagation.broken();
  }

  /** The clauses that took part since this search began: among them is every contradiction. */
  public BitSet used() {
    return (BitSet) propagation.used().clone();
  }

  /** Looks for a solution; what is fixed stays as it was. */
  public Optional<Model> solve() {
    int mark = mark();
    model = null;
    seek(0);
    undo(mark);
    return Optional.ofNullable(model);
  }

  /**
   * Whether a solution stays one when one more switch is turned on, and perhaps a few that it asks
   * for. A quick look only: where it says no, there may be another solution with that switch.
   *
   * @param model a solution of this problem
   */
  public boolean bears(Model model, int which) {
    return glance.bears(model, which);
  }

  /**
   * Whether a solution stays one when a choice takes one of some values instead.
   *
   * @param model a solution of this problem
   */
  public boolean bears(Model model, int choice, BitSet values) {
    return glance.bears(model, choice, values);
  }

  /**
   * Whether turning on one more switch fails at once, as things stand. A quick look only: where it
   * sees nothing, there may be no solution all the same.
   *
   * @return a clause that then could not be met; -1 if none is seen
   */
  public int forbids(int which) {
    return glance.forbids(which);
  }

  private void begin() {
    if (!begun) {
      begun = true;
      for (int k : problem.awake) {
        propagation.wake(k);
      }
    }
  }

  /** Gives the decisions behind the dead end, if it is one; else {@code model} is there. */
  private long seek(int depth) {
    if (!propagation.run()) {
      return propagation.failure();
    }
    int choice = problem.choices;
    int lost = -1;
    boolean best = true;
    for (int n = 0; n < state.wokenCount; n++) {
      int k = state.woken[n];
      if (!state.isMet(k)) {
        int undecided = state.firstUndecided(k);
        lost = lost < 0 && undecided == problem.choices ? k : lost;
        choice = Math.min(choice, undecided);
        best &= state.isMetByBest(k);
      }
    }
    if (lost >= 0) {
      return meet(lost, depth);
    }
    // The most preferred value of every choice at once cannot be beaten.
    if (!best) {
      return decide(choice, depth);
    }
    List<Integer> values = new ArrayList<>();
    for (int c = 0; c < problem.choices; c++) {
      values.add(state.first(c));
    }
    model = new Model(List.copyOf(values), state.switchesOn());
    return 0;
  }

  /** A decision that is tried. */
  private interface Attempt {
    void with(long bit);
  }

  /** Values of a choice, best first. */
  private long decide(int choice, int depth) {
    long all = state.whyOpen[choice];
    for (int value = 0; value < problem.size[choice]; value++) {
      if (state.isOpen(choice, value)) {
        int tried = value;
        long why = attempt(depth, bit -> propagation.take(choice, tried, bit));
        if (model != null || !isBehind(why, depth)) {
          return why;
        }
        all |= without(why, depth);
      }
    }
    return all;
  }

  /** Switches that meet a clause which no choice can meet any more. */
  private long meet(int clause, int depth) {
    propagation.used().set(clause);
    long all = propagation.why(clause, -1);
    for (int meeter : problem.meeters[clause]) {
      if (propagation.isAvailable(meeter)) {
        long why = attempt(depth, bit -> propagation.turnOn(meeter, bit));
        if (model != null || !isBehind(why, depth)) {
          return why;
        }
        all |= without(why, depth);
      }
    }
    return all;
  }

  private long attempt(int depth, Attempt attempt) {
    int mark = state.mark();
    attempt.with(bit(depth));
    long why = seek(depth + 1);
    undo(mark);
    return why;
  }

  private static long bit(int depth) {
    return 1L << Math.min(depth, LAST_BIT);
  }

  private static boolean isBehind(long why, int depth) {
    return (why & bit(depth)) != 0;
  }

  private static long without(long why, int depth) {
    return depth < LAST_BIT ? why & ~bit(depth) : why;
  }
}
