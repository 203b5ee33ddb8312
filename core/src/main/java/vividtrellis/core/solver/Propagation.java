package vividtrellis.core.solver;

import java.util.BitSet;
import org.jspecify.annotations.Nullable;

/**
 * Draws what follows from a state without any decision: an active clause that can be met in one way
 * only is met in that way, one that cannot be met is a failure. Each change carries the decisions
 * behind it, one bit each.
 */
final class Propagation {

  private final ClauseTable table;
  private final State state;
  private final int[] queue;
  private final boolean[] queued;
  private int head;
  private int tail;

  /** Switches that may be turned on besides those that are; {@code null} for all. */
  private @Nullable BitSet available;

  /** Clauses that are left out; {@code null} for none. */
  private @Nullable BitSet ignored;

  private final BitSet used = new BitSet();
  private boolean explaining;
  private int emptied = -1;
  private int broken = -1;
  private boolean failed;
  private int failedAt;
  private long failure;

  Propagation(ClauseTable table, State state) {
    this.table = table;
    this.state = state;
    this.queue = new int[table.clauses + 1];
    this.queued = new boolean[table.clauses];
  }

  void only(BitSet switches) {
    available = switches;
    // What could be met by any of several switches may have one way left, or none.
    for (int n = 0; n < state.activeCount; n++) {
      int k = state.active[n];
      if (table.satisfiers[k].length > 0 && !state.isKnownMet(k)) {
        enqueue(k);
      }
    }
  }

  void ignoring(BitSet clauses) {
    ignored = clauses.isEmpty() ? null : clauses;
  }

  /** Goes back to the very beginning, where only clauses without guards are active. */
  void restart() {
    undo(0);
    failed = false;
  }

  boolean isAvailable(int which) {
    return available == null || available.get(which);
  }

  private boolean isIgnored(int clause) {
    return ignored != null && ignored.get(clause);
  }

  /** The decisions behind the failure. */
  long failure() {
    return failure;
  }

  /** Keeps from now on which clauses dead ends rest on. */
  void explaining() {
    explaining = true;
  }

  /** The clauses that dead ends rested on. */
  BitSet used() {
    return used;
  }

  /** Adds the clauses that the present failure rests on. */
  void explainFailure(BitSet clauses) {
    explain(broken, emptied, clauses);
  }

  /** Keeps what a decision rests on: a clause that asks for it, or what a choice has left. */
  void explainDecision(int clause, int choice) {
    if (explaining) {
      explain(clause, choice, used);
    }
  }

  /** Adds a clause, or if it is -1 only what a choice has left, and all that lies behind it. */
  private void explain(int clause, int choice, BitSet clauses) {
    Reasons reasons = new Reasons(table, state, clauses);
    if (clause >= 0) {
      reasons.ofClause(clause);
    } else {
      reasons.ofChoice(choice);
    }
  }

  void activate(int clause) {
    if (!isIgnored(clause)) {
      state.activate(clause);
      enqueue(clause);
    }
  }

  void narrow(int choice, long[] values, long why, int clause) {
    if (state.narrow(choice, values, why, clause)) {
      touched(choice);
    }
  }

  void take(int choice, int value, long why) {
    if (state.take(choice, value, why)) {
      touched(choice);
    }
  }

  void turnOn(int which, long why, int clause) {
    if (!state.on[which]) {
      state.turnOn(which, why, clause);
      for (int k : table.guarded[which]) {
        if (state.isDue(k)) {
          activate(k);
        }
      }
    }
  }

  /** Gives whether no clause failed. */
  boolean run() {
    while (!failed && head != tail) {
      int k = queue[head];
      head = head + 1 == queue.length ? 0 : head + 1;
      queued[k] = false;
      examine(k);
    }
    clearQueue();
    if (failed && explaining) {
      explainFailure(used);
    }
    return !failed;
  }

  /** Takes back everything since a mark of the state, failures included. */
  void undo(int mark) {
    state.undo(mark);
    clearQueue();
    if (failed && failedAt > mark) {
      failed = false;
    }
  }

  /** Back to a mark, with nothing left out any more and everything available. */
  void clear(int mark) {
    undo(mark);
    available = null;
    ignored = null;
    used.clear();
    explaining = false;
    if (mark == 0) {
      failed = false;
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

  private void touched(int choice) {
    if (state.isEmpty(choice)) {
      emptied = choice;
      fail(-1, state.whyOpen[choice]);
    }
    int[] over = state.activeOver[choice];
    int[] as = state.activeAs[choice];
    long[] by = state.activeBy[choice];
    long open = state.open[table.start[choice]];
    for (int n = 0; n < state.activeOverCount[choice]; n++) {
      // Where the choice can still meet a clause, the clause has no fewer ways than before.
      if ((open & by[n]) == 0 && !state.isKnownMet(over[n]) && state.standing(over[n], as[n]) < 0) {
        enqueue(over[n]);
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

  private void examine(int k) {
    if (state.isMet(k)) {
      return;
    }
    int ways = 0;
    int way = -1;
    int last = -1;
    for (int satisfier : table.satisfiers[k]) {
      if (isAvailable(satisfier)) {
        ways++;
        last = satisfier;
      }
    }
    for (int i = 0; i < table.over[k].length && ways < 2; i++) {
      if (state.standing(k, i) == 0) {
        ways++;
        way = i;
      }
    }
    if (ways > 1) {
      return;
    }
    long why = why(k, way);
    if (ways == 0) {
      fail(k, why);
    } else if (way >= 0) {
      narrow(table.over[k][way], table.allowed[k][way], why, k);
    } else {
      turnOn(last, why, k);
    }
  }

  /** The decisions that took every way of satisfying a clause, but for one of its choices. */
  long why(int k, int exceptChoice) {
    long why = 0;
    for (int guard : table.guards[k]) {
      why |= state.whyOn[guard];
    }
    for (int i = 0; i < table.over[k].length; i++) {
      if (i != exceptChoice) {
        why |= state.whyOpen[table.over[k][i]];
      }
    }
    return why;
  }
}
