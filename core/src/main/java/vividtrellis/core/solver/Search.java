package vividtrellis.core.solver;

import com.google.common.primitives.Ints;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
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

  private final ClauseTable table;
  private final State state;
  private final Propagation propagation;
  private final UnmetClauses unmet;
  private final @Nullable Supplier<SupportCache> support;

  /** Made when they are asked for. */
  private @Nullable QuickLooks glances;

  private Scope scope = Scope.EVERYTHING;

  /**
   * Where nothing is fixed, but all that follows from nothing is drawn; -1 until that was asked.
   */
  private int ground = NOWHERE;

  /** Whether this search goes on from a ground, if only from one of its own. */
  private boolean begun;

  private @Nullable Model model;

  /**
   * Over a table.
   *
   * @param support for quick looks; {@code null} for none
   */
  Search(ClauseTable table, @Nullable Supplier<SupportCache> support) {
    this.table = table;
    this.support = support;
    this.state = new State(table);
    this.propagation = new Propagation(table, state);
    this.unmet = new UnmetClauses(state);
  }

  /** Begins anew, with nothing fixed. */
  public Search again(Scope wanted) {
    propagation.clear(Math.max(ground, 0));
    begun = ground > NOWHERE;
    model = null;
    scope = wanted;
    if (!wanted.isWhole()) {
      begin();
      confine(wanted);
    }
    if (wanted.explained()) {
      propagation.explaining();
    }
    return this;
  }

  private void confine(Scope wanted) {
    BitSet switches = wanted.available();
    boolean isGround = true;
    if (switches != null) {
      BitSet more = state.switchesOn();
      more.andNot(switches);
      // What follows from nothing turned one on that is not available here.
      isGround = more.isEmpty();
    }
    propagation.ignoring(wanted.ignored());
    if (!isGround || state.isAnyActive(wanted.ignored())) {
      leaveGround();
    }
    if (switches != null) {
      propagation.only(switches);
    }
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
    propagation.narrow(choice, table.words(choice, values), 0, State.FIXED);
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

  /** By choice, the values that are left as things stand; empty where there is a contradiction. */
  public BitSet[] left() {
    settle();
    BitSet[] left = new BitSet[table.choices];
    for (int c = 0; c < left.length; c++) {
      left[c] = BitSet.valueOf(Arrays.copyOfRange(state.open, table.start[c], table.start[c + 1]));
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

  /** Looks that may spare a search; they see nothing where the scope is not everything. */
  public QuickLooks quick() {
    Supplier<SupportCache> supported = support;
    if (supported == null || !scope.isWhole()) {
      return QuickLooks.NONE;
    }
    QuickLooks known = glances;
    if (known == null) {
      known = new Glances(table, state, supported.get());
      glances = known;
    }
    return known;
  }

  /**
   * Whether some switches, and no others, can be on at the values of a solution with what is fixed.
   */
  public boolean holds(List<Integer> values, BitSet on) {
    return state.isAllOnIn(on) && table.isSolution(values, on);
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
    for (int k : table.unguarded) {
      propagation.activate(k);
    }
  }

  /** Gives the decisions behind the dead end, if it is one; else {@code model} is there. */
  private long seek(int depth) {
    if (!propagation.run()) {
      return propagation.failure();
    }
    int[] best = state.best();
    UnmetClauses.Depth unmet = this.unmet.at(depth);
    if (unmet.areMetAt(best, state)) {
      // The most preferred value of every choice at once cannot be beaten.
      model = new Model(Ints.asList(best), state.switchesOn());
      return 0;
    }
    int choice = table.choices;
    int unsupported = -1;
    int questioned = table.choices;
    for (int n = 0; n < unmet.count; n++) {
      int k = unmet.clauses[n];
      if (!state.isMet(k)) {
        int undecided = state.firstUndecided(k);
        unsupported = unsupported < 0 && undecided == table.choices ? k : unsupported;
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
    for (int value = 0; value < table.size[choice]; value++) {
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
    for (int satisfier : table.satisfiers[clause]) {
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
