package vividtrellis.core.compat.feasibility;

import com.google.common.base.Suppliers;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.catalog.Rule;
import vividtrellis.core.compat.Axis;
import vividtrellis.core.compat.encoding.Assumption;
import vividtrellis.core.compat.encoding.CompiledEdition;
import vividtrellis.core.solver.Model;
import vividtrellis.core.solver.Scope;
import vividtrellis.core.solver.Search;

/**
 * What can still be had beside some picks. Starters and extras that are not picked may be added to
 * meet a rule: the question is whether <em>any</em> full solution exists. One thread's work.
 */
public final class Feasibility {

  private static final int MOST_MODELS = 6;
  private static final int AXES = Axis.values().length;
  private static final BitSet NONE = new BitSet();

  private final CompiledEdition compiled;
  private final Desk desk;
  private final List<Assumption> assumptions;
  private final Search search;

  /** For questions that begin anew; made when there is one. */
  private @Nullable Search other;

  private final List<Model> models = new ArrayList<>();

  /**
   * By switch, what was on in the last solution with it that took a search, here or with other
   * picks: that often is one here too.
   */
  private final Map<Integer, BitSet> found;

  /** Made when a joint has a caution that may be avoidable; few have. */
  private final Supplier<Avoidance> avoidances;

  /** By axis, the values that the first of the models can have with nothing else changed. */
  private final Map<Axis, BitSet> apart = new EnumMap<>(Axis.class);

  private @Nullable BitSet borne;

  /** What fewer picks bear; more picks bear no other. {@code null} if that was not asked. */
  private @Nullable BitSet within;

  private @Nullable List<Rule> reasons;
  private boolean solved;

  /** The rules that these picks break; {@code null} if that is not seen without a search. */
  private @Nullable BitSet broken;

  /** Over some picks. Their order is that of the catalog, so that it changes no reason. */
  public Feasibility(List<Assumption> given, CompiledEdition compiled, Desk desk) {
    this(
        given.stream().sorted(Comparator.comparing(Assumption::which)).toList(),
        compiled,
        desk,
        desk.search(compiled.problem()),
        new HashMap<>(),
        Suppliers.memoize(() -> new Avoidance(compiled, desk)));
    assumptions.forEach(assumption -> assumption.fix(search));
    broken = search.settle() ? null : search.contradiction();
  }

  private Feasibility(
      List<Assumption> assumptions,
      CompiledEdition compiled,
      Desk desk,
      Search search,
      Map<Integer, BitSet> found,
      Supplier<Avoidance> avoidances) {
    this.found = found;
    this.avoidances = avoidances;
    this.compiled = compiled;
    this.desk = desk;
    this.assumptions = assumptions;
    this.search = search;
  }

  /** What an answer makes of a reach with one more pick. */
  public interface Asking<T> {
    T of(Feasibility reach);
  }

  /** Asks with one more pick, and takes it back afterwards. */
  public <T> T with(Assumption assumption, Asking<T> asking) {
    int mark = search.mark();
    assumption.fix(search);
    Feasibility there = new Feasibility(and(assumption), compiled, desk, search, found, avoidances);
    there.broken = search.settle() ? null : search.contradiction();
    there.within = borne == null ? within : borne;
    if (there.broken == null) {
      if (!models.isEmpty()) {
        search.quick().near(models.get(0), numbered(assumption.narrowed())).ifPresent(there::keep);
      }
      there.solved = !there.models.isEmpty();
    }
    T answer = asking.of(there);
    search.undo(mark);
    return answer;
  }

  /**
   * The most preferred of the solutions with no caution that can be avoided; none where the picks
   * do not fit unless something is added.
   */
  public Optional<Model> best() {
    return avoidances.get().filledIn(assumptions, search.left());
  }

  /** The ids of the cautions that these picks have whatever is filled in and added. */
  public Set<String> certain() {
    return avoidances.get().idsOf(assumptions, search.left());
  }

  /**
   * Whether the best solution is seen to have none of some cautions. A quick look at what is known
   * and near it: where it does not see that, it may be so all the same.
   *
   * @param some by the numbers of their clauses
   */
  public boolean isSeenWithout(BitSet some) {
    BitSet on = Assumption.switches(assumptions);
    Model known = model().map(each -> new Model(each.values(), on)).orElse(null);
    if (known == null || !compiled.problem().isSolution(known.values(), on)) {
      return false;
    }
    Avoidance avoidance = avoidances.get();
    Supplier<BitSet[]> left = Suppliers.memoize(search::left);
    return avoidance.isFree(assumptions, left, known)
        ? avoidance.isWithout(some, known)
        : search
            .quick()
            .near(known, avoidance.beside(assumptions, left.get(), known))
            .filter(other -> avoidance.isFree(assumptions, left, other))
            .filter(other -> avoidance.isWithout(some, other))
            .isPresent();
  }

  /** A full solution with these picks, if there is one. */
  public Optional<Model> model() {
    if (!solved) {
      solved = true;
      search.solve().ifPresent(models::add);
    }
    return models.isEmpty() ? Optional.empty() : Optional.of(models.get(0));
  }

  /** Why there is no solution with these picks. */
  public List<Rule> reasons() {
    List<Rule> known = reasons;
    if (known == null) {
      known = core(broken, assumptions);
      reasons = known;
    }
    return known;
  }

  /** Whether a starter or extra can be had too. */
  public boolean bears(int which) {
    return borne().get(which);
  }

  /** The starters and extras that can be had too, each by itself. Not to be changed. */
  public BitSet borne() {
    BitSet known = borne;
    if (known == null) {
      known = new BitSet();
      borne = known;
      if (model().isPresent()) {
        Model model = model().get();
        known.or(search.quick().supported(model));
        BitSet lost = search.quick().unsupported();
        int all = compiled.switches();
        for (int s = known.nextClearBit(0); s < all; s = known.nextClearBit(s + 1)) {
          if (!lost.get(s) && (within == null || within.get(s))) {
            known.or(beside(s));
          }
        }
      }
    }
    return known;
  }

  /** What is on in a solution with one more; empty if there is none. */
  private BitSet beside(int which) {
    Model model = model().orElseThrow();
    BitSet elsewhere = found.get(which);
    if (elsewhere != null && search.holds(model.values(), elsewhere)) {
      return elsewhere;
    }
    Optional<BitSet> seen =
        elsewhere == null ? search.quick().beside(model, which) : Optional.empty();
    if (seen.isPresent()) {
      return seen.get();
    }
    Optional<Model> other = with(only(which));
    other.ifPresent(this::keep);
    if (other.isEmpty()) {
      return NONE;
    }
    found.put(which, other.get().on());
    // What else is seen at a glance there need not be searched for.
    BitSet there = search.quick().supported(other.get());
    there.or(other.get().on());
    return there;
  }

  private static Assumption only(int which) {
    return new Assumption("", Map.of(), which);
  }

  /** Why a starter or extra cannot be had. */
  public List<Rule> reasons(int which) {
    int mark = search.mark();
    BitSet refused = refused(only(which));
    search.undo(mark);
    return core(refused, and(only(which)));
  }

  /**
   * Why some values cannot be had; empty if they can. Where a known solution shows that they can,
   * nothing is searched.
   */
  Optional<List<Rule>> refusal(Map<Axis, BitSet> narrowed) {
    if (isSeenApart(narrowed)) {
      return Optional.empty();
    }
    @Nullable BitSet[] numbered = numbered(narrowed);
    if (isSeen(0, Math.min(1, models.size()), numbered)) {
      return Optional.empty();
    }
    Assumption assumption = new Assumption("", narrowed, -1);
    int mark = search.mark();
    BitSet refused = refused(assumption);
    boolean seen = refused == null && isSeen(1, models.size(), numbered);
    Optional<Model> found = refused == null && !seen ? search.solve() : Optional.empty();
    search.undo(mark);
    found.ifPresent(this::keep);
    return seen || found.isPresent()
        ? Optional.empty()
        : Optional.of(core(refused, and(assumption)));
  }

  /** Whether the values of one axis can be had with nothing else changed. */
  private boolean isSeenApart(Map<Axis, BitSet> narrowed) {
    if (narrowed.size() != 1 || models.isEmpty()) {
      return false;
    }
    Map.Entry<Axis, BitSet> only = narrowed.entrySet().iterator().next();
    return apart
        .computeIfAbsent(only.getKey(), axis -> search.quick().apart(models.get(0), axis.number()))
        .intersects(only.getValue());
  }

  /** Whether one of some known solutions shows that some values can be had. */
  private boolean isSeen(int from, int to, @Nullable BitSet[] narrowed) {
    for (int m = from; m < to; m++) {
      if (search.quick().near(models.get(m), narrowed).isPresent()) {
        return true;
      }
    }
    return false;
  }

  /** Fixes one more, and gives the rules that then are broken if that is seen at once. */
  private @Nullable BitSet refused(Assumption assumption) {
    assumption.fix(search);
    return search.settle() ? null : search.contradiction();
  }

  private List<Assumption> and(Assumption assumption) {
    List<Assumption> more = new ArrayList<>(assumptions);
    more.add(assumption);
    return more;
  }

  private void keep(Model model) {
    if (models.size() < MOST_MODELS) {
      models.add(model);
    }
  }

  private static @Nullable BitSet[] numbered(Map<Axis, BitSet> narrowed) {
    @Nullable BitSet[] numbered = new BitSet[AXES];
    narrowed.forEach((axis, values) -> numbered[axis.number()] = values);
    return numbered;
  }

  /** A solution with one more pick. */
  public Optional<Model> with(Assumption assumption) {
    int mark = search.mark();
    Optional<Model> found = refused(assumption) == null ? search.solve() : Optional.empty();
    search.undo(mark);
    return found;
  }

  /** As few rules as it takes, of those that are known to be enough. */
  private List<Rule> core(@Nullable BitSet broken, List<Assumption> all) {
    BitSet enough = broken;
    if (enough == null) {
      Search whole = search(new BitSet(), all);
      whole.solve();
      enough = whole.used();
    }
    if (enough.isEmpty()) {
      return List.of();
    }
    int alone = alone(enough, all);
    if (alone >= 0) {
      return List.of(compiled.blocking().get(alone));
    }
    // Of two that only together are enough, none can be left out.
    return enough.cardinality() == 2
        ? compiled.blocking(enough)
        : Conflicts.fewest(compiled, enough, ignored -> search(ignored, all));
  }

  /** The last rule that these picks break by itself; -1 if none is, or if two fix one thing. */
  private int alone(BitSet rules, List<Assumption> all) {
    BitSet on = new BitSet();
    for (Assumption assumption : all) {
      if (assumption.which() >= 0) {
        on.set(assumption.which());
      }
    }
    @Nullable BitSet[] left = Assumption.left(all);
    for (BitSet values : left) {
      if (values != null && values.isEmpty()) {
        return -1;
      }
    }
    int last = rules.length() - 1;
    while (last >= 0 && !compiled.problem().isBroken(last, on, left)) {
      last = rules.previousSetBit(last - 1);
    }
    return last;
  }

  private Search search(BitSet ignored, List<Assumption> all) {
    if (other == null) {
      other = desk.search(compiled.problem());
    }
    Search fresh = other.again(Scope.EVERYTHING.without(ignored).explaining());
    all.forEach(assumption -> assumption.fix(fresh));
    return fresh;
  }
}
