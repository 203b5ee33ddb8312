package vividtrellis.core.compat.judging;

import com.google.common.base.Suppliers;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.catalog.Rule;
import vividtrellis.core.compat.Axis;
import vividtrellis.core.compat.Selection;
import vividtrellis.core.compat.encoding.Assumption;
import vividtrellis.core.compat.encoding.Assumptions;
import vividtrellis.core.compat.encoding.CompiledEdition;
import vividtrellis.core.compat.encoding.SwitchRule;
import vividtrellis.core.compat.feasibility.Avoidance;
import vividtrellis.core.compat.feasibility.Conflicts;
import vividtrellis.core.compat.feasibility.Conflicts.Conflict;
import vividtrellis.core.compat.feasibility.Desk;
import vividtrellis.core.compat.finding.NameCheckCache;
import vividtrellis.core.compat.finding.PendingFinding;
import vividtrellis.core.compat.repair.RepairCandidates;
import vividtrellis.core.compat.repair.RepairSearch;
import vividtrellis.core.solver.Model;
import vividtrellis.core.solver.Scope;
import vividtrellis.core.solver.Search;

/**
 * Judges one brief, and changed ones beside it. The search is the same for all of them, since a new
 * one takes longer than most answers. One thread's work.
 */
final class CheckSession implements RepairSearch.Judge {

  private final CompiledEdition compiled;
  private final NameCheckCache nameChecks;
  private final Search search;
  private final Avoidance avoidance;

  /** The brief that changed ones are compared with, and its solution. */
  private @Nullable Brief of;

  private @Nullable Model found;

  /** The picks of the brief while they are at odds, once that was asked. */
  private @Nullable PicksAtOdds atOdds;

  /** The brief, if its names and texts are without fault. */
  private @Nullable Brief named;

  /** The solution of the last changed brief that had one. */
  private @Nullable Model last;

  /** The changed brief that was asked about last; it mostly is asked more than one question. */
  private @Nullable Changed changed;

  /** A changed brief, with what was found out about it. */
  private final class Changed {
    private final Brief brief;
    private final Assumptions assumptions;
    private final boolean isLegible;

    /** What its picks leave of each axis. */
    private final Supplier<BitSet[]> left;

    /** What it comes to, once that was worked out. */
    private Optional<Model> model = Optional.empty();

    private boolean isFilledIn;

    Changed(Brief brief) {
      this.brief = brief;
      this.assumptions = new Assumptions(brief, compiled);
      this.isLegible =
          assumptions.unknown().isEmpty()
              && (isNamedAlike(brief) || nameChecks.faults(brief).isEmpty());
      this.left = Suppliers.memoize(() -> fix(assumptions.all()).left());
    }

    Optional<Model> filledIn() {
      return isFilledIn ? model : keep(CheckSession.this.filledIn(assumptions, left));
    }

    /** A solution that has the same to tell as the one that is filled in. */
    Optional<Model> alike() {
      if (isFilledIn) {
        return model;
      }
      BitSet on = Assumption.switches(assumptions.all());
      boolean isSolved = false;
      for (Model each : known()) {
        if (isOfFirstFramework(each) && isSolvedBy(each, assumptions.all(), on)) {
          isSolved = true;
          Model solution = new Model(each.values(), on);
          // No caution beside those of the picks, and no other framework is more preferred.
          if (avoidance.isFree(assumptions.all(), left, solution)) {
            return Optional.of(solution);
          }
        }
      }
      return isSolved ? keep(avoidance.filledIn(assumptions.all(), left.get())) : filledIn();
    }

    private Optional<Model> keep(Optional<Model> found) {
      isFilledIn = true;
      model = found;
      found.ifPresent(each -> last = each);
      return found;
    }
  }

  /** Whether nothing that its names depend on differs from a brief that has no fault in them. */
  private boolean isNamedAlike(Brief brief) {
    Brief alike = named;
    return alike != null
        && brief.texts().equals(alike.texts())
        && brief.extras().equals(alike.extras());
  }

  // Questions about one way come with one and the same brief; to compare two takes longer.
  @SuppressWarnings("ReferenceEquality")
  private Changed changed(Brief brief) {
    Changed known = changed;
    if (known == null || known.brief != brief) {
      known = new Changed(brief);
      changed = known;
    }
    return known;
  }

  CheckSession(CompiledEdition compiled, NameCheckCache nameChecks, Desk desk) {
    this.compiled = compiled;
    this.nameChecks = nameChecks;
    this.search = desk.search(compiled.problem());
    this.avoidance = new Avoidance(compiled, desk);
  }

  @Override
  public boolean fits(Brief brief) {
    Changed changed = changed(brief);
    return changed.isLegible && isSolvable(changed.assumptions.all());
  }

  /** Changed briefs are much alike, so the last solution is often one of the next brief too. */
  private boolean isSolvable(List<Assumption> assumptions) {
    BitSet on = Assumption.switches(assumptions);
    for (Model known : known()) {
      if (isSolvedBy(known, assumptions, on)) {
        return true;
      }
    }
    Optional<Model> solved = fix(assumptions).solve();
    solved.ifPresent(model -> last = model);
    return solved.isPresent();
  }

  private List<Model> known() {
    List<Model> known = new ArrayList<>(2);
    Optional.ofNullable(found).ifPresent(known::add);
    Optional.ofNullable(last).ifPresent(known::add);
    return known;
  }

  private boolean isSolvedBy(Model model, List<Assumption> assumptions, BitSet on) {
    for (Assumption assumption : assumptions) {
      for (Map.Entry<Axis, BitSet> each : assumption.narrowed().entrySet()) {
        if (!each.getValue().get(model.values().get(each.getKey().number()))) {
          return false;
        }
      }
    }
    return compiled.problem().isSolution(model.values(), on);
  }

  @Override
  public RepairSearch.Left left(Brief brief) {
    Assumptions assumptions = new Assumptions(brief, compiled);
    List<PendingFinding> pending = named(brief, assumptions);
    int broken =
        compiled
            .problem()
            .broken(Assumption.switches(assumptions.all()), Assumption.left(assumptions.all()))
            .cardinality();
    // Rules that are at odds only together are found one at a time.
    int much = pending.size() + broken + (broken == 0 && !isSolvable(assumptions.all()) ? 1 : 0);
    return new RepairSearch.Left(
        much,
        () ->
            !pending.isEmpty()
                ? pending.get(0).candidates()
                : Conflicts.among(assumptions.all(), compiled, search, 1).stream()
                    .findFirst()
                    .map(conflict -> RepairCandidates.of(conflict, brief, compiled))
                    .orElse(List.of()));
  }

  private List<PendingFinding> named(Brief brief, Assumptions assumptions) {
    List<PendingFinding> pending =
        new ArrayList<>(isNamedAlike(brief) ? List.of() : nameChecks.faults(brief));
    assumptions.unknown().forEach(unknown -> pending.add(unknown.finding()));
    return pending;
  }

  /** Everything that blocks a brief, for which {@link #selection(Brief, Pins)} was asked before. */
  List<PendingFinding> blockers(Brief brief, Assumptions assumptions) {
    List<PendingFinding> pending = named(brief, assumptions);
    if (found != null) {
      return pending;
    }
    for (Conflict conflict : Conflicts.among(assumptions.all(), compiled, search, Conflicts.MOST)) {
      pending.add(conflict.finding(RepairCandidates.of(conflict, brief, compiled)));
    }
    return pending;
  }

  /** What is worth knowing about its names, texts and settings and blocks nothing. */
  List<PendingFinding> remarks(Brief brief) {
    return nameChecks.remarks(brief);
  }

  /**
   * Whether a changed brief fits, and a rule that only tells has nothing to tell any more, nor has
   * another one of its id.
   */
  boolean clears(Rule rule, Brief changed) {
    Optional<List<SwitchRule>> numbered = compiled.ofSwitches(rule.id());
    if (numbered.isPresent()) {
      Optional<BitSet> on = asItStands(changed);
      if (on.isPresent()) {
        return numbered.get().stream().noneMatch(each -> each.isBrokenBy(on.get()));
      }
    }
    List<Rule> rules = compiled.advisories(rule.id());
    Changed asked = changed(changed);
    return asked.isLegible
        && asked
            .filledIn()
            .map(model -> selection(model, asked.assumptions))
            .filter(found -> rules.stream().noneMatch(each -> found.breaks(each)))
            .isPresent();
  }

  /**
   * Looks whether the solution of the brief stays one when only starters or extras change.
   *
   * @return what is on then; empty if that is not seen at a glance
   */
  private Optional<BitSet> asItStands(Brief changed) {
    Model model = found;
    Brief brief = of;
    if (model == null || brief == null || !changed.texts().equals(brief.texts())) {
      return Optional.empty();
    }
    BitSet on = new BitSet();
    return turnOn("starter", changed.starters(), on)
            && turnOn("extra", changed.extras(), on)
            && compiled.problem().isSolution(model.values(), on)
        ? Optional.of(on)
        : Optional.empty();
  }

  /** Gives whether the edition has all of them. */
  private boolean turnOn(String kind, List<String> ids, BitSet on) {
    for (String id : ids) {
      Optional<Integer> which = compiled.switchOf(kind, id);
      if (which.isEmpty()) {
        return false;
      }
      on.set(which.get());
    }
    return true;
  }

  /** What a brief comes to when the rest is filled in; changed ones are then seen beside it. */
  Optional<Selection> selection(Brief brief, Assumptions assumptions) {
    found = filledIn(assumptions, () -> fix(assumptions.all()).left()).orElse(null);
    of = brief;
    named = nameChecks.faults(brief).isEmpty() ? brief : null;
    return Optional.ofNullable(found).map(model -> selection(model, assumptions));
  }

  /** What a solution comes to; nothing is added to the picks. */
  private Selection selection(Model model, Assumptions assumptions) {
    return compiled.selection(model, assumptions.starters(), assumptions.extras());
  }

  /** The most preferred of the solutions with no caution that can be avoided. */
  private Optional<Model> filledIn(Assumptions assumptions, Supplier<BitSet[]> left) {
    // What breaks a rule by itself has no solution; to find that out takes a search.
    boolean hopeless =
        !compiled
            .problem()
            .broken(Assumption.switches(assumptions.all()), Assumption.left(assumptions.all()))
            .isEmpty();
    return hopeless
        ? Optional.empty()
        : avoidance
            .filledIn(assumptions.all(), left)
            .map(found -> avoidance.inOwnFormat(found, assumptions.all()));
  }

  /** Whatever speaks against what a brief comes to; it must fit. */
  @Override
  public Set<String> troubles(Brief brief) {
    return changed(brief).alike().map(avoidance::troubles).orElse(Set.of());
  }

  private boolean isOfFirstFramework(Model model) {
    String id = compiled.value(model, Axis.FRAMEWORK).id();
    return compiled.values(Axis.FRAMEWORK).get(0).id().equals(id);
  }

  private Search fix(List<Assumption> some) {
    search.again(Scope.only(new BitSet()));
    some.forEach(assumption -> assumption.fix(search));
    return search;
  }

  /** Whatever speaks against the picks as they stand, also where they are at odds. */
  Set<String> standingTroubles(Assumptions assumptions) {
    Model model = found;
    return model == null ? atOdds(assumptions).troubles() : avoidance.troubles(model);
  }

  /** While picks are at odds: what they come to when the last ones that do not fit are left out. */
  Selection nearest(Assumptions assumptions) {
    return selection(atOdds(assumptions).nearest(), assumptions);
  }

  private PicksAtOdds atOdds(Assumptions assumptions) {
    PicksAtOdds known = atOdds;
    if (known == null) {
      known = new PicksAtOdds(assumptions.all(), compiled, search, avoidance);
      atOdds = known;
    }
    return known;
  }
}
