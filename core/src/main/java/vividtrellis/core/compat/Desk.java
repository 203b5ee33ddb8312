package vividtrellis.core.compat;

import java.util.ArrayList;
import java.util.List;
import vividtrellis.core.solver.Problem;
import vividtrellis.core.solver.Search;

/**
 * The searches that one answer takes; all go back to their problems in the end. To make a search
 * takes longer than most of what is asked of it. One thread's work.
 */
final class Desk implements AutoCloseable {

  private final List<Search> taken = new ArrayList<>();

  /** A search in which nothing is fixed; not to be used once this is closed. */
  Search search(Problem problem) {
    Search search = problem.search();
    taken.add(search);
    return search;
  }

  @Override
  public void close() {
    taken.forEach(Search::giveBack);
    taken.clear();
  }
}
