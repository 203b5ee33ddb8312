package vividtrellis.core.solver;

import com.google.common.base.Suppliers;
import java.util.BitSet;
import java.util.List;
import java.util.Queue;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * Choices, each of which takes exactly one of its values, switches, and the clauses between them.
 * The values of a choice are numbered in order of preference, and so are the choices. Shared
 * between threads; what it keeps changes no answer.
 */
public final class Problem {

  private static final int MOST_IDLE = 64;

  private final ClauseTable table;

  /** Searches that nobody works with at present. */
  private final Queue<Search> idle = new ArrayBlockingQueue<>(MOST_IDLE);

  /** Made when something is asked of it, since not every problem is; {@code null} for never. */
  private final @Nullable Supplier<SupportCache> support;

  /** Compiles a problem whose searches spare themselves what a quick look shows. */
  public Problem(List<Integer> sizes, int switches, List<Clause> clauses) {
    this(sizes, switches, clauses, true);
  }

  /**
   * Compiles a problem.
   *
   * @param sizes how many values each choice has; none is empty
   * @param switches how many there are
   * @param quickLooks whether its searches have any; answers are the same without, and take longer
   */
  public Problem(List<Integer> sizes, int switches, List<Clause> clauses, boolean quickLooks) {
    this.table = new ClauseTable(sizes, switches, clauses);
    this.support = quickLooks ? Suppliers.memoize(() -> new SupportCache(table)) : null;
  }

  /** A search in which nothing is fixed yet. Not to be shared between threads. */
  public Search search() {
    Search known = idle.poll();
    return known == null ? new Search(table, support) : known;
  }

  /**
   * Leaves a search to whoever asks for one next; it is not to be used any more. Whoever does not
   * do so loses time only.
   *
   * @param search one of this problem
   */
  public void takeBack(Search search) {
    idle.offer(search.again(Scope.EVERYTHING));
  }

  /** Whether a clause sleeps until a switch is on. */
  public boolean isGuardedBy(int clause, int which) {
    return table.isGuardedBy(clause, which);
  }

  /** Whether a clause speaks of a choice. */
  public boolean isOver(int clause, int choice) {
    return table.isOver(clause, choice);
  }

  /**
   * The clauses that are not met, by number.
   *
   * @param values one for each choice
   * @param on switches that are on; all others are off
   */
  public BitSet unmet(List<Integer> values, BitSet on) {
    return table.unmet(values, on);
  }

  /**
   * The clauses that cannot be met, each by itself, by number.
   *
   * @param on switches that are on; all others are off
   * @param left by choice the values that are left; {@code null} for one that is open
   */
  public BitSet broken(BitSet on, @Nullable BitSet[] left) {
    return table.broken(on, left);
  }

  /** Whether a clause is active and cannot be met; what is on and left as above. */
  public boolean isBroken(int clause, BitSet on, @Nullable BitSet[] left) {
    return table.isBroken(clause, on, left);
  }

  /** Whether some values and switches, and no others, meet every clause. */
  public boolean isSolution(List<Integer> values, BitSet on) {
    return table.isSolution(values, on);
  }
}
