package vividtrellis.core.compat;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import vividtrellis.core.catalog.Rule;
import vividtrellis.core.compat.Pins.Pin;
import vividtrellis.core.solver.Model;
import vividtrellis.core.solver.Search;

/**
 * What can still be had beside some picks. Starters and extras that are not picked may be added to
 * meet a rule: the question is whether <em>any</em> full solution exists. One thread's work.
 */
final class Reach {

  private static final int MOST_MODELS = 12;

  private final Board board;
  private final List<Pin> pins;
  private final Search search;
  private final List<Model> models = new ArrayList<>();
  private boolean solved;

  /** The rule that these picks break by themselves; -1 if none is seen without a search. */
  private int broken = -1;

  /** Over some picks. Their order is that of the catalog, so that it changes no reason. */
  Reach(List<Pin> given, Board board) {
    this(
        given.stream().sorted(Comparator.comparing(Pin::which)).toList(),
        board,
        board.problem().search());
    pins.forEach(pin -> pin.fix(search));
    broken = search.settle() ? -1 : search.broken();
  }

  private Reach(List<Pin> pins, Board board, Search search) {
    this.board = board;
    this.pins = pins;
    this.search = search;
  }

  /** What an answer makes of a reach with one more pick. */
  interface Asking<T> {
    T of(Reach reach);
  }

  /** Asks with one more pick, and takes it back afterwards. */
  <T> T with(Pin pin, Asking<T> asking) {
    int mark = search.mark();
    pin.fix(search);
    List<Pin> more = new ArrayList<>(pins);
    more.add(pin);
    Reach there = new Reach(more, board, search);
    there.broken = search.settle() ? -1 : search.broken();
    T answer = asking.of(there);
    search.undo(mark);
    return answer;
  }

  /** A full solution with these picks, if there is one. */
  Optional<Model> model() {
    if (!solved) {
      solved = true;
      search.solve().ifPresent(models::add);
    }
    return models.stream().findFirst();
  }

  /** Why there is no solution with these picks. */
  List<Rule> reasons() {
    return broken >= 0 ? List.of(board.blocking().get(broken)) : core(pin -> {});
  }

  /** Whether a starter or extra can be had too. */
  boolean bears(int which) {
    if (model().isEmpty()) {
      return false;
    }
    for (Model each : models) {
      if (search.bears(each, which)) {
        return true;
      }
    }
    if (search.forbids(which) >= 0) {
      return false;
    }
    int mark = search.mark();
    search.turnOn(which);
    Optional<Model> found = search.settle() ? search.solve() : Optional.empty();
    search.undo(mark);
    if (found.isPresent() && models.size() < MOST_MODELS) {
      models.add(found.get());
    }
    return found.isPresent();
  }

  /** Why a starter or extra cannot be had. */
  List<Rule> reasons(int which) {
    int forbidding = search.forbids(which);
    return forbidding >= 0
        ? List.of(board.blocking().get(forbidding))
        : reasons(more -> more.turnOn(which));
  }

  /** Fixes something for one question. */
  interface Fixing {
    void on(Search search);
  }

  /** Whether some values can be had; where a known solution shows it, nothing is searched. */
  boolean bears(Map<Axis, BitSet> narrowed) {
    if (narrowed.size() == 1) {
      Axis axis = narrowed.keySet().iterator().next();
      BitSet values = narrowed.getOrDefault(axis, new BitSet());
      for (Model each : models) {
        if (search.bears(each, axis.number(), values)) {
          return true;
        }
      }
    }
    Optional<Model> found = with(fixing(narrowed));
    if (found.isPresent() && models.size() < MOST_MODELS) {
      models.add(found.get());
    }
    return found.isPresent();
  }

  /** Why some values cannot be had. */
  List<Rule> reasons(Map<Axis, BitSet> narrowed) {
    return reasons(fixing(narrowed));
  }

  private static Fixing fixing(Map<Axis, BitSet> narrowed) {
    return search -> narrowed.forEach((axis, values) -> search.narrow(axis.number(), values));
  }

  /** A solution with something more fixed. */
  Optional<Model> with(Fixing fixing) {
    int mark = search.mark();
    fixing.on(search);
    Optional<Model> found = search.settle() ? search.solve() : Optional.empty();
    search.undo(mark);
    return found;
  }

  /** Why there is none. Where one rule says it by itself, that one. */
  List<Rule> reasons(Fixing fixing) {
    int mark = search.mark();
    fixing.on(search);
    boolean plain = !search.settle();
    int broken = search.broken();
    search.undo(mark);
    return plain && broken >= 0 ? List.of(board.blocking().get(broken)) : core(fixing);
  }

  private List<Rule> core(Fixing fixing) {
    Search whole = search(new BitSet(), fixing);
    whole.solve();
    return Conflicts.fewest(board, whole.used(), ignored -> search(ignored, fixing));
  }

  private Search search(BitSet ignored, Fixing fixing) {
    Search fresh = board.problem().search().ignoring(ignored);
    pins.forEach(pin -> pin.fix(fresh));
    fixing.on(fresh);
    return fresh;
  }
}
