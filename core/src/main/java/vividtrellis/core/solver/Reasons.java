package vividtrellis.core.solver;

import java.util.BitSet;

/**
 * Goes back along the trail of a state and gathers the clauses that something rests on: those that
 * closed a value which had to be closed for it, or turned on a switch, and those behind them. What
 * was fixed from outside closes its values by itself, whatever else closed them too, and so needs
 * no clause; that keeps the reasons few.
 */
final class Reasons {

  private static final int NO_CHOICE = -1;

  private final Problem problem;
  private final State state;
  private final BitSet clauses;

  /** Values that have to be closed, and the reason for that is still to be found. */
  private final long[] values;

  /** Likewise, switches that have to be on. */
  private final BitSet switches = new BitSet();

  /**
   * About a state as it is now.
   *
   * @param clauses takes what is found
   */
  Reasons(Problem problem, State state, BitSet clauses) {
    this.problem = problem;
    this.state = state;
    this.clauses = clauses;
    this.values = new long[state.open.length];
  }

  /** Why a clause cannot be met by any choice, and is active. */
  void ofClause(int clause) {
    take(clause, NO_CHOICE);
    state.back(this);
  }

  /** Why all those values of a choice are closed that are. */
  void ofChoice(int choice) {
    for (int w = problem.start[choice]; w < problem.start[choice + 1]; w++) {
      values[w] = state.fixed(w);
    }
    state.back(this);
  }

  private void take(int clause, int exceptChoice) {
    clauses.set(clause);
    int[] over = problem.over[clause];
    for (int i = 0; i < over.length; i++) {
      if (over[i] != exceptChoice) {
        long[] allowed = problem.allowed[clause][i];
        int from = problem.start[over[i]];
        for (int w = 0; w < allowed.length; w++) {
          values[from + w] |= allowed[w] & state.fixed(from + w);
        }
      }
    }
    for (int guard : problem.guards[clause]) {
      switches.set(guard);
    }
  }

  /** On the way back: a clause closed some values of a choice, one word of them at a time. */
  boolean asksFor(int word, long closed) {
    return (values[word] & closed) != 0;
  }

  /** On the way back: a clause left fewer values of a choice, one of which had to be closed. */
  void narrowed(int choice, int clause) {
    take(clause, choice);
  }

  /** On the way back: a clause turned a switch on. */
  void turnedOn(int which, int clause) {
    if (switches.get(which)) {
      take(clause, NO_CHOICE);
    }
  }
}
