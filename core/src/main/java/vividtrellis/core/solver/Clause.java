package vividtrellis.core.solver;

import java.util.BitSet;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * A condition that every solution satisfies: at least one of its parts holds.
 *
 * @param off switches of which one being off is enough
 * @param on switches of which one being on is enough
 * @param within choice to the values of which one is enough
 */
public record Clause(List<Integer> off, List<Integer> on, Map<Integer, BitSet> within) {

  /** Copies its parts, and sorts the choices. */
  public Clause {
    off = List.copyOf(off);
    on = List.copyOf(on);
    Map<Integer, BitSet> copy = new TreeMap<>();
    within.forEach((choice, values) -> copy.put(choice, (BitSet) values.clone()));
    within = copy;
  }
}
