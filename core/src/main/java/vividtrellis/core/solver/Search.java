package vividtrellis.core.solver;

import com.google.common.primitives.Ints;
import java.util.Arrays;
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
 * <p>Method: unit propagation over the active clauses, then switches for clauses that no choice can
 * meet any more, then choices in their order, value by value. Each change knows the decisions
 * behind it, so that a dead end leads straight back to one that has to do with it.
 */
public final class Search {

  /** Decisions from this depth on share one bit, and are never skipped. */
  private static final int LAST_BIT = 63;

  private static final int NOWHERE = -1;

  private final Problem problem;
  private final State state;
  private final Propagation propagation;
  private final LocalRepair localRepair;
  private final BulkProbe bulkProbe;

  /**
   * Where nothing is fixed, but all that follows from nothing is drawn; -1 until that was asked.
   */
  private int ground = NOWHERE;

  /** Whether this search goes on from a ground, if only from one of its own. */
  private boolean begun;

  private @Nullable Model model;

  Search(Problem problem) {
    this.problem = problem;
    this.state = new State(problem);
    this.propagation = new Propagation(problem, state);
    this.localRepair = new LocalRepair(problem, state);
    this.bulkProbe = new BulkProbe(problem, state);
  }

  /**
   * Leaves only some switches free to be turned on; all others count as off unless they are fixed.
   * To be called before anything is fixed.
   */
  public Search only(BitSet switches) {
    begin();
    BitSet more = state.switchesOn();
    more.andNot(switches);
    if (!more.isEmpty()) {
      // What follows from nothing turned one on that is not available here.
      leaveGround();
    }
    propagation.only(switches);
    return this;
  }

  /** Leaves some clauses out. To be called before anything is fixed. */
  public Search ignoring(BitSet clauses) {
    if (!clauses.isEmpty()) {
      begin();
      propagation.ignoring(clauses);
      if (state.isAnyActive(clauses)) {
        leaveGround();
      }
    }
    return this;
  }

  /** Back to nothing fixed, nothing left out and everything available. */
  public Search again() {
    propagation.clear(Math.max(ground, 0));
    begun = ground > NOWHERE;
    return this;
  }

  /**
   * Leaves this search to whoever asks the problem for one next; not to be used any more. Whoever
   * does not call it loses time only.
   */
  public void giveBack() {
    model = null;
    problem.keep(again());
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
    propagation.narrow(choice, problem.words(choice, values), 0, State.FIXED);
  }

  /** Turns a switch on. */
  public void turnOn(int which) {
    begin();
    propagation.turnOn(which, 0, State.FIXED);
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

  /** Keeps which clauses dead ends rest on, for {@link #used()}. */
  public Search explaining() {
    propagation.explaining();
    return this;
  }

  /** By choice, the values that are left as things stand; empty where there is a contradiction. */
  public BitSet[] left() {
    settle();
    BitSet[] left = new BitSet[problem.choices];
    for (int c = 0; c < left.length; c++) {
      left[c] =
          BitSet.valueOf(Arrays.copyOfRange(state.open, problem.start[c], problem.start[c + 1]));
    }
    return left;
  }

  /**
   * The clauses that all dead ends so far rest on, if this search keeps them: where there is no
   * solution, these clauses alone have none.
   */
  public BitSet used() {
    return (BitSet) propagation.used().clone();
  }

  /** The clauses that a contradiction met in settling rests on; to be asked right after it. */
  public BitSet contradiction() {
    BitSet clauses = new BitSet();
    propagation.explainFailure(clauses);
    return clauses;
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
   * A solution near a known one in which some choices take one of some values. A quick look only:
   * where it sees none, there may be one all the same, and what it sees need not be the most
   * preferred. Only for a search in which everything is available and nothing is left out.
   *
   * @param model a solution with what was fixed at some time before
   * @param narrowed by choice; {@code null} where it is not
   */
  public Optional<Model> near(Model model, @Nullable BitSet[] narrowed) {
    return Optional.ofNullable(localRepair.near(model, narrowed));
  }

  /**
   * The values that a choice can take at a solution while all else stays as it is; in the
   * circumstances of {@link #near}.
   *
   * @param model a solution with what is fixed
   */
  public BitSet apart(Model model, int choice) {
    return localRepair.apart(model, choice);
  }

  /**
   * The switches that can be turned on one at a time at the values of a solution, perhaps with a
   * few that they ask for. A quick look at all of them: where one is missing, a search has to tell.
   * Only for a search in which everything is available and nothing is left out.
   *
   * @param model a solution with what is fixed
   */
  public BitSet supported(Model model) {
    return bulkProbe.supported(model);
  }

  /**
   * What is on when a switch is turned on beside a known solution, with a few more that it asks
   * for. A quick look at one switch: where it sees nothing, a search has to tell. Only for a search
   * in which everything is available and nothing is left out.
   *
   * @param model a solution with what is fixed
   */
  public Optional<BitSet> beside(Model model, int which) {
    return Optional.ofNullable(problem.support().beside(model, which));
  }

  /**
   * Whether some switches, and no others, can be on at the values of a solution with what is fixed.
   */
  public boolean holds(List<Integer> values, BitSet on) {
    return state.isAllOnIn(on) && problem.isSolution(values, on);
  }

  /**
   * The switches that no solution has on, as things stand. A quick look: there may be more. Only
   * for a search in which everything is available and nothing is left out.
   */
  public BitSet unsupported() {
    return bulkProbe.unsupported();
  }

  private void begin() {
    if (!begun) {
      begun = true;
      activateAll();
      propagation.run();
      ground = state.mark();
    }
  }

  private void leaveGround() {
    begun = true;
    ground = NOWHERE;
    propagation.restart();
    activateAll();
  }

  private void activateAll() {
    for (int k : problem.unguarded) {
      propagation.activate(k);
    }
  }

  /** Gives the decisions behind the dead end, if it is one; else {@code model} is there. */
  private long seek(int depth) {
    if (!propagation.run()) {
      return propagation.failure();
    }
    int[] best = state.best();
    if (state.isSolvedBy(best)) {
      // The most preferred value of every choice at once cannot be beaten.
      model = new Model(Ints.asList(best), state.switchesOn());
      return 0;
    }
    int choice = problem.choices;
    int unsupported = -1;
    int questioned = problem.choices;
    for (int n = 0; n < state.activeCount; n++) {
      int k = state.active[n];
      if (!state.isMet(k)) {
        int undecided = state.firstUndecided(k);
        unsupported = unsupported < 0 && undecided == problem.choices ? k : unsupported;
        choice = Math.min(choice, undecided);
        if (!state.isMetBy(k, best)) {
          questioned = Math.min(questioned, undecided);
        }
      }
    }
    if (unsupported >= 0) {
      return meet(unsupported, depth);
    }
    return choice < questioned && depth == 0 && goesOnAtBest(questioned)
        ? 0
        : decide(choice, depth);
  }

  /** Tries the most preferred values of all choices before one at once: often that is enough. */
  private boolean goesOnAtBest(int before) {
    attempt(
        0,
        bit -> {
          for (int c = 0; c < before; c++) {
            propagation.take(c, state.first(c), bit);
          }
        });
    return model != null;
  }

  /** A decision that is tried. */
  private interface Attempt {
    void with(long bit);
  }

  /** Values of a choice, best first. */
  private long decide(int choice, int depth) {
    propagation.explainDecision(-1, choice);
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
    propagation.explainDecision(clause, -1);
    long all = propagation.why(clause, -1);
    for (int satisfier : problem.satisfiers[clause]) {
      if (propagation.isAvailable(satisfier)) {
        long why = attempt(depth, bit -> propagation.turnOn(satisfier, bit, State.DECIDED));
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
