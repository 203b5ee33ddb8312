package vividtrellis.core.compat.encoding;

import java.util.BitSet;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.compat.Axis;
import vividtrellis.core.solver.Problem;
import vividtrellis.core.solver.Search;

/**
 * One pick of the user.
 *
 * @param pointer where it stands
 * @param narrowed axis to the values it leaves, in the order of the axes, so that reasons do not
 *     depend on the order of a map; empty for a starter or extra
 * @param which the switch it turns on; -1 for none
 */
public record Assumption(String pointer, Map<Axis, BitSet> narrowed, int which) {
  public Assumption {
    narrowed = narrowed.size() > 1 ? new EnumMap<>(narrowed) : narrowed;
  }

  public void fix(Search search) {
    narrowed.forEach((axis, values) -> search.narrow(axis.number(), values));
    if (which >= 0) {
      search.turnOn(which);
    }
  }

  /**
   * What some picks together leave of each axis, by its number.
   *
   * @return {@code null} where none speaks of it; empty where two fix it differently
   */
  public static @Nullable BitSet[] left(List<Assumption> assumptions) {
    @Nullable BitSet[] left = new BitSet[Axis.values().length];
    for (Assumption assumption : assumptions) {
      for (Map.Entry<Axis, BitSet> each : assumption.narrowed().entrySet()) {
        BitSet both = (BitSet) each.getValue().clone();
        BitSet before = left[each.getKey().number()];
        if (before != null) {
          both.and(before);
        }
        left[each.getKey().number()] = both;
      }
    }
    return left;
  }

  /** The switches that some assumptions turn on. */
  public static BitSet switches(List<Assumption> assumptions) {
    BitSet on = new BitSet();
    for (Assumption assumption : assumptions) {
      if (assumption.which() >= 0) {
        on.set(assumption.which());
      }
    }
    return on;
  }

  /** Whether a clause speaks of it. */
  public boolean isIn(Problem problem, int clause) {
    if (which >= 0) {
      return problem.isGuardedBy(clause, which);
    }
    for (Axis axis : narrowed.keySet()) {
      if (problem.isOver(clause, axis.number())) {
        return true;
      }
    }
    return false;
  }

  /** By where it stands; what it narrows takes long to hash, and mostly follows from that. */
  @Override
  public int hashCode() {
    return 31 * pointer.hashCode() + which;
  }
}
