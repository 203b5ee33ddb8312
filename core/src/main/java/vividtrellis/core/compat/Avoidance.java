package vividtrellis.core.compat;

import java.util.BitSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.compat.Pins.Pin;
import vividtrellis.core.solver.Model;
import vividtrellis.core.solver.Problem;
import vividtrellis.core.solver.Search;

/**
 * Fills in without leading into cautions: of all solutions with some picks, one that no other beats
 * by having fewer cautions (a set of cautions that is a part of another counts as fewer), and of
 * those the most preferred. One thread's work.
 *
 * <p>Cautions are clauses after those of the blocking rules, heaviest first; those of one id count
 * as one. All hold at first; as long as there is no solution, the lightest of those that together
 * have none is let go. In the end, what was let go for nothing is taken back.
 */
final class Avoidance {

  private final Cautions cautions;
  private final Problem careful;
  private final int first;
  private @Nullable Search search;

  Avoidance(Board board) {
    this.cautions = board.cautions();
    this.careful = cautions.problem();
    this.first = cautions.first();
  }

  /**
   * A solution with no cautions that can be avoided.
   *
   * @param pins all that is fixed; no other starter or extra is turned on
   * @param known the most preferred solution with these picks, cautions or not
   */
  Model from(List<Pin> pins, Model known) {
    BitSet met = met(known);
    if (met.isEmpty()) {
      return known;
    }
    BitSet certain = grouped(alone(pins));
    met.andNot(certain);
    if (met.isEmpty()) {
      return known;
    }
    BitSet dropped = (BitSet) certain.clone();
    Optional<Model> found = solve(pins, dropped, true);
    while (found.isEmpty()) {
      BitSet used = used();
      used.andNot(dropped);
      if (used.length() <= first) {
        return known;
      }
      dropped.or(cautions.like(used.length() - 1));
      found = solve(pins, dropped, true);
    }
    return restored(pins, certain, dropped, found.get());
  }

  /** Of what was let go, some may not have been needed once more was. */
  private Model restored(List<Pin> pins, BitSet certain, BitSet dropped, Model found) {
    Model best = found;
    BitSet open = (BitSet) dropped.clone();
    open.andNot(certain);
    open.andNot(grouped(met(best)));
    dropped.andNot(open);
    open = (BitSet) dropped.clone();
    open.andNot(certain);
    for (int k = open.nextSetBit(first); k >= 0; k = open.nextSetBit(first)) {
      BitSet group = cautions.like(k);
      open.andNot(group);
      dropped.andNot(group);
      Optional<Model> other = solve(pins, dropped, false);
      if (other.isPresent()) {
        best = other.get();
      } else {
        dropped.or(group);
      }
    }
    return best;
  }

  /** With every other caution that is called the same: it is one thing to tell, however often. */
  private BitSet grouped(BitSet some) {
    BitSet all = new BitSet();
    for (int k = some.nextSetBit(first); k >= 0; k = some.nextSetBit(k + 1)) {
      all.or(cautions.like(k));
    }
    return all;
  }

  /** The ids of the cautions of a solution. */
  Set<String> idsOf(Model model) {
    return ids(met(model));
  }

  /** The ids of the cautions that some picks have whatever is filled in; they need not fit. */
  Set<String> idsOf(List<Pin> pins) {
    return ids(alone(pins));
  }

  private Set<String> ids(BitSet met) {
    Set<String> ids = new HashSet<>();
    for (int k = met.nextSetBit(first); k >= 0; k = met.nextSetBit(k + 1)) {
      ids.add(cautions.id(k));
    }
    return ids;
  }

  private BitSet met(Model model) {
    @Nullable BitSet[] values = new BitSet[Axis.values().length];
    for (Axis axis : Axis.values()) {
      BitSet only = new BitSet();
      only.set(model.values().get(axis.number()));
      values[axis.number()] = only;
    }
    BitSet broken = careful.broken(model.on(), values);
    broken.clear(0, first);
    return broken;
  }

  /** The cautions that the picks have by themselves, whatever is filled in. */
  private BitSet alone(List<Pin> pins) {
    BitSet on = new BitSet();
    pins.stream().filter(pin -> pin.which() >= 0).forEach(pin -> on.set(pin.which()));
    BitSet broken = careful.broken(on, Pin.left(pins));
    broken.clear(0, first);
    return broken;
  }

  private Optional<Model> solve(List<Pin> pins, BitSet dropped, boolean explained) {
    Search fresh = search == null ? careful.search() : search;
    search = fresh;
    fresh.again().only(new BitSet()).ignoring(dropped);
    if (explained) {
      fresh.explaining();
    }
    pins.forEach(pin -> pin.fix(fresh));
    return fresh.solve();
  }

  private BitSet used() {
    Search last = search;
    return last == null ? new BitSet() : last.used();
  }
}
