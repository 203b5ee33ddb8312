package vividtrellis.core.compat;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import vividtrellis.core.catalog.Options.Standing;
import vividtrellis.core.catalog.Rule;
import vividtrellis.core.solver.Clause;
import vividtrellis.core.solver.Problem;

/**
 * The problem of an edition with every caution as a clause, behind those of the rules that block:
 * versions that cannot be relied on first, then the rules that only tell. Immutable.
 */
final class Cautions {

  private final int first;
  private final Problem problem;
  private final List<String> ids = new ArrayList<>();
  private final Map<String, BitSet> byId = new HashMap<>();

  /**
   * Compiles it.
   *
   * @param sizes of the choices
   * @param switches how many there are
   * @param blocking the clauses of the rules that block
   * @param telling the rules that only tell, heaviest first
   */
  Cautions(
      List<Integer> sizes,
      int switches,
      List<Clause> blocking,
      List<Rule> telling,
      Clauses clauses) {
    first = blocking.size();
    List<Clause> all = new ArrayList<>(blocking);
    for (Standing standing : List.of(Standing.PRE_RELEASE, Standing.PAST)) {
      all.add(clauses.without(standing));
      ids.add(standing.name());
    }
    for (Rule rule : telling) {
      all.add(clauses.of(rule));
      ids.add(rule.id());
    }
    for (int n = 0; n < ids.size(); n++) {
      byId.computeIfAbsent(ids.get(n), id -> new BitSet()).set(first + n);
    }
    problem = new Problem(sizes, switches, all);
  }

  Problem problem() {
    return problem;
  }

  /** The number of the first clause that is a caution. */
  int first() {
    return first;
  }

  /** What the caution of a clause is called; several rules may share an id. */
  String id(int clause) {
    return ids.get(clause - first);
  }

  /** The clauses of all cautions that are called like that of one. Not to be changed. */
  BitSet like(int clause) {
    return byId.getOrDefault(id(clause), new BitSet());
  }
}
