package vividtrellis.core.solver;

import java.util.BitSet;

/**
 * Goes back along the trail of a state and gathers the clauses that something rests on: those that
 * closed a value which had to be closed for it, or turned on a switch, and those behind them. What
 * was fixed from outside closes its values by itself, whatever else closed them too, and so needs
 * no clause; that keeps the reasons few.
 */
final class Reasons implements State.WayBack {

  private static final int NO_CHOICE = -1;

  private final ClauseTable table;
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
  Reasons(ClauseTable table, State state, BitSet clauses) {
    this.table = table;
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
    for (int w = table.start[choice]; w < table.start[choice + 1]; w++) {
      values[w] = state.fixed(w);
    }
    state.back(this);
  }

  private void take(int clause, int exceptChoice) {
    clauses.set(clause);
    int[] over = table.over[clause];
    for (int i = 0; i < over.length; i++) {
      if (over[i] != exceptChoice) {
        long[] allowed = table.allowed[clause][i];
        int from = table.start[over[i]];
        for (int w = 0; w < allowed.length; w++) {
          values[from + w] |= allowed[w] & state.fixed(from + w);
        }
      }
    }
    for (int guard : table.guards[clause]) {
      switches.set(guard);
    }
  }

  @Override
  public boolean asksFor(int word, long closed) {
    return (values[word] & closed) != 0;
  }

  @Override
  public void narrowed(int choice, int clause) {
    take(clause, choice);
  }

  @Override
  public void turnedOn(int which, int clause) {
    if (switches.get(which)) {
      take(clause, NO_CHOICE);
    }
  }
}
