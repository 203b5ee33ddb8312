package vividtrellis.core.compat.feasibility;

import java.util.ArrayList;
import java.util.List;
import vividtrellis.core.solver.Problem;
import vividtrellis.core.solver.Search;

/**
 * The searches that one answer takes; all go back to their problems in the end. To make a search
 * takes longer than most of what is asked of it. One thread's work.
 */
public final class Desk implements AutoCloseable {

  private final List<Runnable> givingBack = new ArrayList<>();

  /** A search in which nothing is fixed; not to be used once this is closed. */
  public Search search(Problem problem) {
    Search search = problem.search();
    givingBack.add(() -> problem.takeBack(search));
    return search;
  }

  @Override
  public void close() {
    givingBack.forEach(Runnable::run);
    givingBack.clear();
  }
}
