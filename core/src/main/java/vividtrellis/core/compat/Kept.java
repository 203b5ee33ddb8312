package vividtrellis.core.compat;

import com.google.common.cache.Cache;
import com.google.common.cache.CacheBuilder;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import vividtrellis.core.compat.Pins.Pin;
import vividtrellis.core.solver.Search;

/**
 * Answers that a board keeps, since many questions share them: what follows from few picks,
 * whatever else is picked. Bounded; shared between threads; what is kept changes no answer.
 */
final class Kept {

  private static final int MOST_GROUNDS = 256;
  private static final int MOST_REFUSALS = 2048;

  private final Board board;

  /** By pick, wherever it stands; a pick is a word of the edition, so there are only so many. */
  private final Map<Object, Boolean> alone = new ConcurrentHashMap<>();

  private final Cache<List<Map<Axis, BitSet>>, Ground> grounds =
      CacheBuilder.newBuilder().maximumSize(MOST_GROUNDS).build();

  private final Cache<List<Object>, Map<String, String>> refusals =
      CacheBuilder.newBuilder().maximumSize(MOST_REFUSALS).build();

  Kept(Board board) {
    this.board = board;
  }

  /**
   * What the joints of a lattice allow when only some picks on axes count.
   *
   * @param pins with framework and level released
   */
  Ground ground(List<Pin> pins) {
    List<Map<Axis, BitSet>> fixed = pins.stream().map(Pin::narrowed).toList();
    Ground known = grounds.getIfPresent(fixed);
    if (known == null) {
      try (Desk desk = new Desk()) {
        known = new Ground(pins, board, desk);
      }
      grounds.put(fixed, known);
    }
    return known;
  }

  /**
   * The words of an axis that cannot be had with some picks on other axes, each with the reason.
   * More picks make none of them possible.
   *
   * @param pins on other axes
   */
  Map<String, String> refused(Axis axis, List<Pin> pins) {
    List<Object> key = new ArrayList<>(List.of(axis));
    pins.forEach(pin -> key.add(pin.narrowed()));
    Map<String, String> known = refusals.getIfPresent(key);
    if (known == null) {
      known = refusedAnew(axis, pins);
      refusals.put(key, known);
    }
    return known;
  }

  private Map<String, String> refusedAnew(Axis axis, List<Pin> pins) {
    Map<String, String> refused = new HashMap<>();
    try (Desk desk = new Desk()) {
      Feasibility reach = new Feasibility(pins, board, desk);
      if (reach.model().isPresent()) {
        board
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
  boolean bearsAlone(Pin pin) {
    return alone.computeIfAbsent(
        pin.which() < 0 ? pin.narrowed() : pin.which(),
        any -> {
          BitSet only = new BitSet();
          if (pin.which() >= 0) {
            only.set(pin.which());
          }
          try (Desk desk = new Desk()) {
            Search search = desk.search(board.problem()).only(only);
            pin.fix(search);
            return search.solve().isPresent();
          }
        });
  }
}
