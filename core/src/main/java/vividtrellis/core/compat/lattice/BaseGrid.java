package vividtrellis.core.compat.lattice;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Map;
import vividtrellis.core.compat.Axis;
import vividtrellis.core.compat.encoding.Assumption;
import vividtrellis.core.compat.encoding.CompiledEdition;
import vividtrellis.core.compat.encoding.CompiledEdition.Column;
import vividtrellis.core.compat.feasibility.Desk;
import vividtrellis.core.compat.feasibility.Feasibility;
import vividtrellis.core.compat.finding.Sentences;

/**
 * What every joint of a lattice allows as long as no starter is picked: the ground that starters
 * stand on. Few different ones are ever asked for, so that they are kept. Immutable.
 */
final class BaseGrid {

  /** Each has all joints with what can be had there, which is much with many starters. */
  private static final int MOST_KEPT = 256;

  private final List<Joint> joints = new ArrayList<>();
  private final int columns;

  /**
   * One joint.
   *
   * @param why it cannot be had; empty if it can
   * @param borne starters and extras that can be had there, each by itself
   */
  record Joint(String why, BitSet borne) {
    boolean isPossible() {
      return why.isEmpty();
    }
  }

  /**
   * That of some picks.
   *
   * @param assumptions on axes, with framework and level released
   */
  static BaseGrid of(List<Assumption> assumptions, CompiledEdition compiled) {
    return compiled
        .kept()
        .get(
            BaseGrid.class,
            MOST_KEPT,
            assumptions.stream().map(Assumption::narrowed).toList(),
            () -> {
              try (Desk desk = new Desk()) {
                return new BaseGrid(assumptions, compiled, desk);
              }
            });
  }

  private BaseGrid(List<Assumption> assumptions, CompiledEdition compiled, Desk desk) {
    Feasibility reach = new Feasibility(assumptions, compiled, desk);
    // Asked here once, so that no joint has to find out for itself what none of them bears.
    reach.borne();
    boolean stuck = reach.model().isEmpty();
    columns = compiled.columns().size();
    for (BitSet level : compiled.levels()) {
      for (Column column : compiled.columns()) {
        joints.add(
            reach.with(
                assumption(column, level),
                there ->
                    new Joint(
                        there.model().isPresent()
                            ? ""
                            : Sentences.because((stuck ? reach : there).reasons()),
                        there.borne())));
      }
    }
  }

  /** What a joint fixes. */
  static Assumption assumption(Column column, BitSet level) {
    return new Assumption("", Map.of(Axis.FRAMEWORK, column.values(), Axis.JVM, level), -1);
  }

  Joint at(int level, int column) {
    return joints.get(level * columns + column);
  }
}
