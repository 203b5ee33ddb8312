package vividtrellis.core.compat;

import com.google.common.cache.Cache;
import com.google.common.cache.CacheBuilder;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import vividtrellis.core.compat.Assumptions.Assumption;
import vividtrellis.core.solver.Search;

/**
 * Answers that a compiled edition keeps, since many questions share them: what follows from few
 * picks, whatever else is picked. Bounded; shared between threads; what is kept changes no answer.
 */
final class AnswerCache {

  private static final int MOST_GRIDS = 256;
  private static final int MOST_REFUSALS = 2048;

  private final CompiledEdition compiled;

  /** By pick, wherever it stands; a pick is a word of the edition, so there are only so many. */
  private final Map<Object, Boolean> alone = new ConcurrentHashMap<>();

  private final Cache<List<Map<Axis, BitSet>>, BaseGrid> grids =
      CacheBuilder.newBuilder().maximumSize(MOST_GRIDS).build();

  private final Cache<List<Object>, Map<String, String>> refusals =
      CacheBuilder.newBuilder().maximumSize(MOST_REFUSALS).build();

  AnswerCache(CompiledEdition compiled) {
    this.compiled = compiled;
  }

  /**
   * What the joints of a lattice allow when only some picks on axes count.
   *
   * @param assumptions with framework and level released
   */
  BaseGrid grid(List<Assumption> assumptions) {
    List<Map<Axis, BitSet>> fixed = assumptions.stream().map(Assumption::narrowed).toList();
    BaseGrid known = grids.getIfPresent(fixed);
    if (known == null) {
      try (Desk desk = new Desk()) {
        known = new BaseGrid(assumptions, compiled, desk);
      }
      grids.put(fixed, known);
    }
    return known;
  }

  /**
   * The words of an axis that cannot be had with some picks on other axes, each with the reason.
   * More picks make none of them possible.
   *
   * @param assumptions on other axes
   */
  Map<String, String> refused(Axis axis, List<Assumption> assumptions) {
    List<Object> key = new ArrayList<>(List.of(axis));
    assumptions.forEach(assumption -> key.add(assumption.narrowed()));
    Map<String, String> known = refusals.getIfPresent(key);
    if (known == null) {
      known = refusedAnew(axis, assumptions);
      refusals.put(key, known);
    }
    return known;
  }

  private Map<String, String> refusedAnew(Axis axis, List<Assumption> assumptions) {
    Map<String, String> refused = new HashMap<>();
    try (Desk desk = new Desk()) {
      Feasibility reach = new Feasibility(assumptions, compiled, desk);
      if (reach.model().isPresent()) {
        compiled
            .words(axis)
            .forEach(
                (word, fixed) ->
                    reach
                        .refusal(fixed)
                        .ifPresent(rules -> refused.put(word, Offers.because(rules))));
      }
    }
    return Map.copyOf(refused);
  }

  /** Whether there is a solution with one pick and nothing that is not picked. */
  boolean bearsAlone(Assumption assumption) {
    return alone.computeIfAbsent(
        assumption.which() < 0 ? assumption.narrowed() : assumption.which(),
        any -> {
          BitSet only = new BitSet();
          if (assumption.which() >= 0) {
            only.set(assumption.which());
          }
          try (Desk desk = new Desk()) {
            Search search = desk.search(compiled.problem()).only(only);
            assumption.fix(search);
            return search.solve().isPresent();
          }
        });
  }
}
