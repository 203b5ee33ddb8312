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
 * <p>Method: unit propagation over the woken clauses, then choices in their order, value by value,
 * then switches that would meet a clause. Each change knows the decisions behind it, so that a dead
 * end leads straight back to one that has to do with it.
 */
public final class Search {

  private static final int LAST_BIT = 63;

  private final Problem problem;
  private final State state;
  private final int[] queue;
  private final boolean[] queued;
  private int head;
  private int tail;

  private @Nullable BitSet available;
  private @Nullable BitSet ignored;
  private final BitSet used = new BitSet();
  private int broken = -1;
  private boolean failed;
  private int failedAt;
  private long failure;
  private boolean begun;
  private @Nullable Model model;

  Search(Problem problem) {
    this.problem = problem;
    this.state = new State(problem);
    this.queue = new int[problem.clauses + 1];
    this.queued = new boolean[problem.clauses];
  }

  /**
   * Leaves only some switches free to be turned on; all others count as off unless they are fixed.
   * To be called before anything is fixed.
   */
  public Search only(BitSet switches) {
    this.available = switches;
    return this;
  }

  private boolean isAvailable(int which) {
    return available == null || available.get(which);
  }

  /** Leaves some clauses out. To be called before anything is fixed. */
  public Search ignoring(BitSet clauses) {
    this.ignored = clauses;
    return this;
  }

  /** A place to come back to. What follows from what is fixed so far is drawn first. */
  public int mark() {
    begin();
    propagate();
    return state.mark();
  }

  /** Takes back everything since a mark. */
  public void undo(int mark) {
    state.undo(mark);
    clearQueue();
    if (failed && failedAt > mark) {
      failed = false;
      broken = -1;
    }
  }

  /** Closes every value of a choice that is not in a set. */
  public void narrow(int choice, BitSet values) {
    begin();
    narrow(choice, problem.words(choice, values), 0);
  }

  /** Turns a switch on. */
  public void turnOn(int which) {
    begin();
    turnOn(which, 0);
  }

  /**
   * Draws what follows without any decision.
   *
   * @return whether no contradiction was met; if one was, there is no solution
   */
  public boolean settle() {
    begin();
    return propagate();
  }

  /** The clause at which the last attempt failed; -1 if a choice had no value left by itself. */
  public int broken() {
    return broken;
  }

  /** The clauses that took part since this search began: among them is every contradiction. */
  public BitSet used() {
    return (BitSet) used.clone();
  }

  /** Looks for a solution; what is fixed stays as it was. */
  public Optional<Model> solve() {
    int mark = mark();
    model = null;
    seek(0);
    retreat(mark);
    return Optional.ofNullable(model);
  }

  /** Whether a value is open, after what has been drawn so far. */
  public boolean isOpen(int choice, int value) {
    return state.isOpen(choice, value);
  }

  /**
   * Whether a solution stays one when one more switch is turned on.
   *
   * @param model a solution of this problem
   */
  public boolean bears(Model model, int which) {
    for (int k : problem.wakes[which]) {
      if (isIgnored(k)) {
        continue;
      }
      boolean woken = true;
      for (int waker : problem.wakers[k]) {
        woken &= waker == which || model.on().get(waker);
      }
      if (woken && !meets(model, which, k)) {
        return false;
      }
    }
    return true;
  }

  /**
   * Whether a solution stays one when a choice takes one of some values instead.
   *
   * @param model a solution of this problem
   */
  public boolean bears(Model model, int choice, BitSet values) {
    if (values.get(model.values().get(choice))) {
      return true;
    }
    for (int value = values.nextSetBit(0); value >= 0; value = values.nextSetBit(value + 1)) {
      if (state.isOpen(choice, value) && stays(model, choice, value)) {
        return true;
      }
    }
    return false;
  }

  private boolean stays(Model model, int choice, int value) {
    for (int k : problem.speaking[choice]) {
      boolean woken = !isIgnored(k);
      for (int waker : problem.wakers[k]) {
        woken &= model.on().get(waker);
      }
      if (woken && !meets(model, choice, value, k)) {
        return false;
      }
    }
    return true;
  }

  private boolean meets(Model model, int choice, int value, int k) {
    for (int meeter : problem.meeters[k]) {
      if (model.on().get(meeter)) {
        return true;
      }
    }
    for (int i = 0; i < problem.over[k].length; i++) {
      int c = problem.over[k][i];
      int taken = c == choice ? value : model.values().get(c);
      if ((problem.allowed[k][i][taken >> 6] & 1L << taken) != 0) {
        return true;
      }
    }
    return false;
  }

  /**
   * Whether turning on one more switch fails at once, as things stand. A quick look only: where it
   * sees nothing, there may be no solution all the same.
   *
   * @return a clause that then could not be met; -1 if none is seen
   */
  public int forbids(int which) {
    for (int k : problem.wakes[which]) {
      if (!isIgnored(k) && isLost(k, which)) {
        return k;
      }
    }
    return -1;
  }

  private boolean isLost(int k, int which) {
    for (int waker : problem.wakers[k]) {
      if (waker != which && !state.on[waker]) {
        return false;
      }
    }
    for (int meeter : problem.meeters[k]) {
      if (state.on[meeter] || isAvailable(meeter)) {
        return false;
      }
    }
    for (int i = 0; i < problem.over[k].length; i++) {
      if (state.standing(k, i) >= 0) {
        return false;
      }
    }
    return true;
  }

  private boolean meets(Model model, int which, int k) {
    for (int meeter : problem.meeters[k]) {
      if (meeter == which || model.on().get(meeter)) {
        return true;
      }
    }
    for (int i = 0; i < problem.over[k].length; i++) {
      int value = model.values().get(problem.over[k][i]);
      if ((problem.allowed[k][i][value >> 6] & 1L << value) != 0) {
        return true;
      }
    }
    return false;
  }

  private void begin() {
    if (!begun) {
      begun = true;
      for (int k : problem.awake) {
        wake(k);
      }
    }
  }

  private boolean isIgnored(int k) {
    return ignored != null && ignored.get(k);
  }

  private void wake(int k) {
    if (!isIgnored(k)) {
      state.wake(k);
      enqueue(k);
    }
  }

  private void enqueue(int k) {
    if (!queued[k]) {
      queued[k] = true;
      queue[tail] = k;
      tail = tail + 1 == queue.length ? 0 : tail + 1;
    }
  }

  private void clearQueue() {
    while (head != tail) {
      queued[queue[head]] = false;
      head = head + 1 == queue.length ? 0 : head + 1;
    }
  }

  private void narrow(int choice, long[] values, long why) {
    if (state.narrow(choice, values, why)) {
      touched(choice);
    }
  }

  private void touched(int choice) {
    if (state.isEmpty(choice)) {
      fail(-1, state.whyOpen[choice]);
    }
    int[] over = state.wokenOver[choice];
    for (int i = 0; i < state.wokenOverCount[choice]; i++) {
      enqueue(over[i]);
    }
  }

  private void turnOn(int which, long why) {
    if (!state.on[which]) {
      state.turnOn(which, why);
      for (int k : problem.wakes[which]) {
        if (state.isDue(k)) {
          wake(k);
        }
      }
    }
  }

  private void fail(int clause, long why) {
    if (!failed) {
      failed = true;
      failedAt = state.mark();
      broken = clause;
      failure = why;
    }
  }

  private boolean propagate() {
    while (!failed && head != tail) {
      int k = queue[head];
      head = head + 1 == queue.length ? 0 : head + 1;
      queued[k] = false;
      examine(k);
    }
    clearQueue();
    return !failed;
  }

  /** Meets a clause that can be met in one way only, and fails at one that cannot be met. */
  private void examine(int k) {
    for (int meeter : problem.meeters[k]) {
      if (state.on[meeter]) {
        return;
      }
    }
    int ways = 0;
    int way = -1;
    int last = -1;
    for (int meeter : problem.meeters[k]) {
      if (isAvailable(meeter)) {
        ways++;
        last = meeter;
      }
    }
    for (int i = 0; i < problem.over[k].length; i++) {
      int standing = state.standing(k, i);
      if (standing > 0) {
        return;
      }
      if (standing == 0) {
        ways++;
        way = i;
      }
    }
    if (ways > 1) {
      return;
    }
    used.set(k);
    long why = why(k, way);
    if (ways == 0) {
      fail(k, why);
    } else if (way >= 0) {
      narrow(problem.over[k][way], problem.allowed[k][way], why);
    } else {
      turnOn(last, why);
    }
  }

  /** The decisions that took every other way of meeting a clause. */
  private long why(int k, int exceptChoice) {
    long why = 0;
    for (int waker : problem.wakers[k]) {
      why |= state.whyOn[waker];
    }
    for (int i = 0; i < problem.over[k].length; i++) {
      if (i != exceptChoice) {
        why |= state.whyOpen[problem.over[k][i]];
      }
    }
    return why;
  }

  /** Gives the decisions behind the dead end, if it is one; else {@code model} is there. */
  private long seek(int depth) {
    if (!propagate()) {
      return failure;
    }
    int choice = nextChoice();
    if (choice >= 0) {
      return decide(choice, depth);
    }
    int clause = nextClause();
    if (clause >= 0) {
      return meet(clause, depth);
    }
    List<Integer> values = new ArrayList<>();
    for (int c = 0; c < problem.choices; c++) {
      values.add(state.first(c));
    }
    model = new Model(List.copyOf(values), state.switchesOn());
    return 0;
  }

  private long decide(int choice, int depth) {
    long bit = 1L << Math.min(depth, LAST_BIT);
    long before = state.whyOpen[choice];
    long all = before;
    for (int value = 0; value < problem.size[choice]; value++) {
      if (!state.isOpen(choice, value)) {
        continue;
      }
      int mark = state.mark();
      state.take(choice, value, bit);
      touched(choice);
      long why = seek(depth + 1);
      retreat(mark);
      if (model != null) {
        return 0;
      }
      if ((why & bit) == 0) {
        return why;
      }
      all |= depth < LAST_BIT ? why & ~bit : why;
    }
    return all;
  }

  private long meet(int clause, int depth) {
    long bit = 1L << Math.min(depth, LAST_BIT);
    long all = why(clause, -1);
    used.set(clause);
    for (int meeter : problem.meeters[clause]) {
      if (!isAvailable(meeter)) {
        continue;
      }
      int mark = state.mark();
      turnOn(meeter, bit);
      long why = seek(depth + 1);
      retreat(mark);
      if (model != null) {
        return 0;
      }
      if ((why & bit) == 0) {
        return why;
      }
      all |= depth < LAST_BIT ? why & ~bit : why;
    }
    return all;
  }

  private void retreat(int mark) {
    int at = broken;
    undo(mark);
    broken = at;
  }

  /** The first choice with several values on which a woken clause still depends; -1 if none. */
  private int nextChoice() {
    int best = problem.choices;
    for (int n = 0; n < state.wokenCount; n++) {
      int k = state.woken[n];
      int first = best;
      boolean met = false;
      for (int meeter : problem.meeters[k]) {
        met |= state.on[meeter];
      }
      for (int i = 0; i < problem.over[k].length && !met; i++) {
        int standing = state.standing(k, i);
        met = standing > 0;
        if (standing == 0 && problem.over[k][i] < first) {
          first = problem.over[k][i];
        }
      }
      if (!met) {
        best = first;
      }
    }
    return best == problem.choices ? -1 : best;
  }

  /** A woken clause that is not met, when no choice can meet one any more; -1 if there is none. */
  private int nextClause() {
    for (int n = 0; n < state.wokenCount; n++) {
      int k = state.woken[n];
      boolean met = false;
      for (int meeter : problem.meeters[k]) {
        met |= state.on[meeter];
      }
      for (int i = 0; i < problem.over[k].length && !met; i++) {
        met = state.standing(k, i) > 0;
      }
      if (!met) {
        return k;
      }
    }
    return -1;
  }
}
