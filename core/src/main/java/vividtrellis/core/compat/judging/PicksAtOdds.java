package vividtrellis.core.compat.judging;

import com.google.common.base.Suppliers;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import vividtrellis.core.compat.Axis;
import vividtrellis.core.compat.Axis.Value;
import vividtrellis.core.compat.encoding.Assumption;
import vividtrellis.core.compat.encoding.CompiledEdition;
import vividtrellis.core.compat.feasibility.Avoidance;
import vividtrellis.core.solver.Model;
import vividtrellis.core.solver.Scope;
import vividtrellis.core.solver.Search;

/** Picks that have no solution together: what they nearly come to, and what speaks against them. */
final class PicksAtOdds {

  private final List<Assumption> picks;
  private final CompiledEdition compiled;
  private final Search search;
  private final Avoidance avoidance;
  private final Supplier<Model> nearest = Suppliers.memoize(this::withoutTheLast);

  PicksAtOdds(
      List<Assumption> picks, CompiledEdition compiled, Search search, Avoidance avoidance) {
    this.picks = picks;
    this.compiled = compiled;
    this.search = search;
    this.avoidance = avoidance;
  }

  /** What they come to when the last ones that do not fit are left out. */
  Model nearest() {
    return nearest.get();
  }

  private Model withoutTheLast() {
    // A pick may need a starter that is picked as well, and stands further down.
    search.again(Scope.only(Assumption.switches(picks)));
    List<Assumption> kept = new ArrayList<>();
    for (Assumption pick : picks) {
      int mark = search.mark();
      pick.fix(search);
      if (search.solve().isPresent()) {
        kept.add(pick);
      } else {
        search.undo(mark);
      }
    }
    return avoidance
        .filledIn(kept, search::left)
        .orElseThrow(
            () -> new IllegalStateException("the edition has no project without any pick"));
  }

  /** Whatever speaks against them as they stand. */
  Set<String> troubles() {
    Model nearby = nearest();
    // The framework that was asked for is where one is, even if nothing fits there yet.
    Value framework = pinned().orElse(compiled.value(nearby, Axis.FRAMEWORK));
    Model asked = new Model(nearby.values(), Assumption.switches(picks));
    Set<String> troubles = avoidance.troubles(asked, framework);
    // What a pick brings with it, it brings into every way out that keeps it.
    List<Assumption> switches = picks.stream().filter(pick -> pick.which() >= 0).toList();
    for (Assumption pick : picks) {
      List<Assumption> alone = new ArrayList<>(switches);
      if (pick.which() < 0) {
        alone.add(pick);
      }
      troubles.addAll(avoidance.idsOf(alone));
    }
    return troubles;
  }

  /** A version of the framework that is picked, if one is. */
  private Optional<Value> pinned() {
    return picks.stream()
        .flatMap(pick -> Optional.ofNullable(pick.narrowed().get(Axis.FRAMEWORK)).stream())
        .filter(values -> !values.isEmpty())
        .map(values -> compiled.values(Axis.FRAMEWORK).get(values.nextSetBit(0)))
        .findFirst();
  }
}
