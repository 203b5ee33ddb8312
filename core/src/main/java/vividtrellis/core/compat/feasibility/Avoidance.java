package vividtrellis.core.compat.feasibility;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.compat.Axis;
import vividtrellis.core.compat.Axis.Value;
import vividtrellis.core.compat.encoding.Assumption;
import vividtrellis.core.compat.encoding.Cautions;
import vividtrellis.core.compat.encoding.CompiledEdition;
import vividtrellis.core.solver.Model;
import vividtrellis.core.solver.Scope;
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
public final class Avoidance {

  private final CompiledEdition compiled;
  private final Cautions cautions;
  private final Desk desk;
  private final int first;
  private @Nullable Search search;

  public Avoidance(CompiledEdition compiled, Desk desk) {
    this.compiled = compiled;
    this.cautions = compiled.cautions();
    this.desk = desk;
    this.first = cautions.first();
  }

  /**
   * The most preferred of the solutions with no caution that can be avoided.
   *
   * @param assumptions all that is fixed; no other starter or extra is turned on
   * @param left what they leave of each axis; asked for only where it matters
   */
  public Optional<Model> filledIn(List<Assumption> assumptions, Supplier<BitSet[]> left) {
    BitSet seen = grouped(cautions.of(assumptions, Assumption.left(assumptions)));
    Optional<Model> free = solve(assumptions, seen, true);
    if (free.isPresent() || !isDueToCautions()) {
      return free;
    }
    BitSet certain = grouped(cautions.of(assumptions, left.get()));
    return certain.equals(seen) ? traded(assumptions, certain) : filledIn(assumptions, certain);
  }

  /**
   * The same, where a solution is known that has cautions: most likely some have to be let go.
   *
   * @param left what the picks leave of each axis
   */
  public Optional<Model> filledIn(List<Assumption> assumptions, BitSet[] left) {
    return filledIn(assumptions, grouped(cautions.of(assumptions, left)));
  }

  private Optional<Model> filledIn(List<Assumption> assumptions, BitSet certain) {
    Optional<Model> free = solve(assumptions, certain, true);
    return free.isPresent() || !isDueToCautions() ? free : traded(assumptions, certain);
  }

  /**
   * Lets cautions go until there is a solution; the last search found none without those that are
   * certain.
   */
  private Optional<Model> traded(List<Assumption> assumptions, BitSet certain) {
    BitSet dropped = (BitSet) certain.clone();
    BitSet last = new BitSet();
    Optional<Model> found = Optional.empty();
    while (found.isEmpty() && isDueToCautions()) {
      BitSet used = used();
      used.andNot(dropped);
      last = cautions.like(used.length() - 1);
      dropped.or(last);
      found = solve(assumptions, dropped, true);
    }
    // Before the last one was let go there was no solution, so that one cannot be taken back.
    BitSet kept = (BitSet) certain.clone();
    kept.or(last);
    return found.map(model -> restored(assumptions, kept, dropped, model));
  }

  /** Whether there might have been a solution with a caution less to care for. */
  private boolean isDueToCautions() {
    return used().length() > first;
  }

  /**
   * Whether a solution has no caution but those that the picks have by themselves.
   *
   * @param left what they leave of each axis; asked for only where it matters
   */
  public boolean isFree(List<Assumption> assumptions, Supplier<BitSet[]> left, Model solution) {
    BitSet met = cautions.of(solution);
    if (!cautions.areOfSwitches(met)) {
      met.andNot(grouped(cautions.of(assumptions, left.get())));
      return met.isEmpty();
    }
    return true;
  }

  /** Whether none of a solution's cautions is called like one of some. */
  boolean isWithout(BitSet some, Model solution) {
    return !grouped(cautions.of(solution)).intersects(some);
  }

  /**
   * By choice the values that are worth a look for one with fewer cautions; {@code null} for all.
   */
  @Nullable BitSet[] beside(List<Assumption> assumptions, BitSet[] left, Model solution) {
    BitSet met = cautions.of(solution);
    met.andNot(grouped(cautions.of(assumptions, left)));
    return cautions.without(met);
  }

  /** Of what was let go, all but some, some may not have been needed once more was. */
  private Model restored(List<Assumption> assumptions, BitSet kept, BitSet dropped, Model found) {
    Model best = found;
    BitSet open = (BitSet) dropped.clone();
    open.andNot(kept);
    open.andNot(grouped(cautions.of(best)));
    dropped.andNot(open);
    open = (BitSet) dropped.clone();
    open.andNot(kept);
    for (int k = open.nextSetBit(first); k >= 0; k = open.nextSetBit(first)) {
      BitSet group = cautions.like(k);
      open.andNot(group);
      dropped.andNot(group);
      Optional<Model> other = solve(assumptions, dropped, false);
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

  /**
   * The same with the settings as its framework has them by default, if nothing speaks against it;
   * which of all formats is preferred would else be the same for all frameworks.
   */
  public Model inOwnFormat(Model found, List<Assumption> assumptions) {
    int format = Axis.FORMAT.number();
    int own = compiled.formatOf(compiled.value(found, Axis.FRAMEWORK)).orElse(-1);
    if (own < 0 || own == found.values().get(format)) {
      return found;
    }
    BitSet left = Assumption.left(assumptions)[format];
    if (left != null && !left.get(own)) {
      return found;
    }
    List<Integer> values = new ArrayList<>(found.values());
    values.set(format, own);
    Model other = new Model(List.copyOf(values), found.on());
    return compiled.problem().isSolution(other.values(), other.on())
            && idsOf(found).containsAll(idsOf(other))
        ? other
        : found;
  }

  /** Whatever speaks against a solution: its cautions, and the framework that it is with. */
  public Set<String> troubles(Model model) {
    return troubles(model, compiled.value(model, Axis.FRAMEWORK));
  }

  /** The same as if it were with another framework: to go to another is no small change. */
  public Set<String> troubles(Model model, Value framework) {
    Set<String> troubles = idsOf(model);
    troubles.add("framework " + framework.id());
    return troubles;
  }

  /** The ids of the cautions of a solution. */
  Set<String> idsOf(Model model) {
    return ids(cautions.of(model));
  }

  /** The ids of the cautions that some picks have whatever is filled in; they need not fit. */
  public Set<String> idsOf(List<Assumption> assumptions) {
    return ids(cautions.of(assumptions, Assumption.left(assumptions)));
  }

  /** The same with what rules leave of each axis. */
  Set<String> idsOf(List<Assumption> assumptions, BitSet[] left) {
    return ids(cautions.of(assumptions, left));
  }

  private Set<String> ids(BitSet met) {
    Set<String> ids = new HashSet<>();
    for (int k = met.nextSetBit(first); k >= 0; k = met.nextSetBit(k + 1)) {
      ids.add(cautions.id(k));
    }
    return ids;
  }

  private Optional<Model> solve(List<Assumption> assumptions, BitSet dropped, boolean explained) {
    Search fresh = search == null ? desk.search(cautions.problem()) : search;
    search = fresh;
    Scope scope = Scope.only(new BitSet()).without(dropped);
    fresh.again(explained ? scope.explaining() : scope);
    assumptions.forEach(assumption -> assumption.fix(fresh));
    return fresh.solve();
  }

  private BitSet used() {
    Search last = search;
    return last == null ? new BitSet() : last.used();
  }
}
