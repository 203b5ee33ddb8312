package vividtrellis.core.compat;

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
import vividtrellis.core.compat.Conflicts.Conflict;
import vividtrellis.core.compat.Pins.Pin;
import vividtrellis.core.solver.Model;
import vividtrellis.core.solver.Search;

/**
 * Judges one brief, and changed ones beside it. The search is the same for all of them, since a new
 * one takes longer than most answers. One thread's work.
 */
final class Judging implements Remedies.Judge {

  private final Board board;
  private final Naming naming;
  private final Search search;
  private final Avoidance avoidance;

  /** The brief that changed ones are compared with, and its solution. */
  private @Nullable Brief of;

  private @Nullable Model found;

  /** What the brief comes to without the picks that do not fit, once that was asked. */
  private @Nullable Model nearest;

  /** The brief, if its names and texts are without fault. */
  private @Nullable Brief named;

  /** The solution of the last changed brief that had one. */
  private @Nullable Model last;

  /** The changed brief that was asked about last; it mostly is asked more than one question. */
  private @Nullable Changed changed;

  /** A changed brief, with what was found out about it. */
  private final class Changed {
    private final Brief brief;
    private final Pins pins;
    private final boolean isLegible;

    /** What its picks leave of each axis. */
    private final Supplier<BitSet[]> left;

    /** What it comes to, once that was worked out. */
    private Optional<Model> model = Optional.empty();

    private boolean isFilledIn;

    Changed(Brief brief) {
      this.brief = brief;
      this.pins = new Pins(brief, board);
      this.isLegible =
          pins.unknown().isEmpty() && (isNamedAlike(brief) || naming.faults(brief).isEmpty());
      this.left = Suppliers.memoize(() -> fix(pins.pins()).left());
    }

    Optional<Model> filledIn() {
      return isFilledIn ? model : keep(Judging.this.filledIn(pins, left));
    }

    /** A solution that has the same to tell as the one that is filled in. */
    Optional<Model> alike() {
      if (isFilledIn) {
        return model;
      }
      List<Model> solving =
          known().stream()
              .filter(each -> isOfFirstFramework(each) && isSolvedBy(each, pins.pins()))
              .map(each -> new Model(each.values(), Pin.switches(pins.pins())))
              .toList();
      return solving.isEmpty()
          ? filledIn()
          : solving.stream()
              // No caution beside those of the picks, and no other framework is more preferred.
              .filter(each -> avoidance.isFree(pins.pins(), left, each))
              .findFirst()
              .or(() -> keep(avoidance.filledIn(pins.pins(), left.get())));
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

  Judging(Board board, Naming naming, Desk desk) {
    this.board = board;
    this.naming = naming;
    this.search = desk.search(board.problem());
    this.avoidance = new Avoidance(board, desk);
  }

  @Override
  public boolean fits(Brief brief) {
    Changed changed = changed(brief);
    return changed.isLegible && isSolvable(changed.pins.pins());
  }

  /** Changed briefs are much alike, so the last solution is often one of the next brief too. */
  private boolean isSolvable(List<Pin> pins) {
    for (Model known : known()) {
      if (isSolvedBy(known, pins)) {
        return true;
      }
    }
    Optional<Model> solved = fix(pins).solve();
    solved.ifPresent(model -> last = model);
    return solved.isPresent();
  }

  private List<Model> known() {
    List<Model> known = new ArrayList<>(2);
    Optional.ofNullable(found).ifPresent(known::add);
    Optional.ofNullable(last).ifPresent(known::add);
    return known;
  }

  private boolean isSolvedBy(Model model, List<Pin> pins) {
    for (Pin pin : pins) {
      for (Map.Entry<Axis, BitSet> each : pin.narrowed().entrySet()) {
        if (!each.getValue().get(model.values().get(each.getKey().number()))) {
          return false;
        }
      }
    }
    return board.problem().isSolution(model.values(), Pin.switches(pins));
  }

  @Override
  public Remedies.Left left(Brief brief) {
    Pins pins = new Pins(brief, board);
    List<Draft> drafts = named(brief, pins);
    int broken =
        board.problem().broken(Pin.switches(pins.pins()), Pin.left(pins.pins())).cardinality();
    // Rules that are at odds only together are found one at a time.
    int much = drafts.size() + broken + (broken == 0 && !isSolvable(pins.pins()) ? 1 : 0);
    return new Remedies.Left(
        much,
        () ->
            !drafts.isEmpty()
                ? drafts.get(0).mending()
                : Conflicts.among(pins.pins(), board, search, 1).stream()
                    .findFirst()
                    .map(conflict -> Mending.of(conflict, brief, board))
                    .orElse(List.of()));
  }

  private List<Draft> named(Brief brief, Pins pins) {
    List<Draft> drafts = new ArrayList<>(isNamedAlike(brief) ? List.of() : naming.faults(brief));
    pins.unknown().forEach(unknown -> drafts.add(Draft.of(unknown)));
    return drafts;
  }

  /** Everything that blocks a brief, for which {@link #selection(Brief, Pins)} was asked before. */
  List<Draft> blockers(Brief brief, Pins pins) {
    List<Draft> drafts = named(brief, pins);
    if (found != null) {
      return drafts;
    }
    for (Conflict conflict : Conflicts.among(pins.pins(), board, search, Conflicts.MOST)) {
      drafts.add(Draft.of(conflict, Mending.of(conflict, brief, board)));
    }
    return drafts;
  }

  /** What is worth knowing about its names, texts and settings and blocks nothing. */
  List<Draft> remarks(Brief brief) {
    return naming.remarks(brief);
  }

  /**
   * Whether a changed brief fits, and a rule that only tells has nothing to tell any more, nor has
   * another one of its id.
   */
  boolean clears(Rule rule, Brief changed) {
    Optional<List<OfSwitches>> numbered = board.ofSwitches(rule.id());
    if (numbered.isPresent()) {
      Optional<BitSet> on = asItStands(changed);
      if (on.isPresent()) {
        return numbered.get().stream().noneMatch(each -> each.isBrokenBy(on.get()));
      }
    }
    List<Rule> rules = board.lighter(rule.id());
    Changed asked = changed(changed);
    return asked.isLegible
        && asked
            .filledIn()
            .map(model -> selection(model, asked.pins))
            .filter(found -> rules.stream().noneMatch(each -> Rules.broken(each, found)))
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
            && board.problem().isSolution(model.values(), on)
        ? Optional.of(on)
        : Optional.empty();
  }

  /** Gives whether the edition has all of them. */
  private boolean turnOn(String kind, List<String> ids, BitSet on) {
    for (String id : ids) {
      Optional<Integer> which = board.switchOf(kind, id);
      if (which.isEmpty()) {
        return false;
      }
      on.set(which.get());
    }
    return true;
  }

  /** What a brief comes to when the rest is filled in; changed ones are then seen beside it. */
  Optional<Selection> selection(Brief brief, Pins pins) {
    found = filledIn(pins, () -> fix(pins.pins()).left()).orElse(null);
    of = brief;
    named = naming.faults(brief).isEmpty() ? brief : null;
    return Optional.ofNullable(found).map(model -> selection(model, pins));
  }

  /** What a solution comes to; nothing is added to the picks. */
  private Selection selection(Model model, Pins pins) {
    return board.selection(model, pins.starters(), pins.extras());
  }

  /** The most preferred of the solutions with no caution that can be avoided. */
  private Optional<Model> filledIn(Pins pins, Supplier<BitSet[]> left) {
    // What breaks a rule by itself has no solution; to find that out takes a search.
    boolean hopeless =
        !board.problem().broken(Pin.switches(pins.pins()), Pin.left(pins.pins())).isEmpty();
    return hopeless ? Optional.empty() : avoidance.filledIn(pins.pins(), left);
  }

  /** Whatever speaks against what a brief comes to; it must fit. */
  @Override
  public Set<String> troubles(Brief brief) {
    return changed(brief).alike().map(this::troubles).orElse(Set.of());
  }

  private boolean isOfFirstFramework(Model model) {
    String id = board.value(model, Axis.FRAMEWORK).id();
    return board.values(Axis.FRAMEWORK).get(0).id().equals(id);
  }

  private Set<String> troubles(Model model) {
    Set<String> troubles = avoidance.idsOf(model);
    // Another framework is another project, so to go there is no small change.
    troubles.add("framework " + board.value(model, Axis.FRAMEWORK).id());
    return troubles;
  }

  /** The same for the picks as they stand, also where they are at odds. */
  Set<String> standingTroubles(Pins pins) {
    Model model = found;
    if (model != null) {
      return troubles(model);
    }
    BitSet on = Pin.switches(pins.pins());
    Set<String> troubles = troubles(new Model(nearestModel(pins).values(), on));
    // What a pick brings with it, it brings into every way out that keeps it.
    List<Pin> switches = pins.pins().stream().filter(pin -> pin.which() >= 0).toList();
    for (Pin pin : pins.pins()) {
      List<Pin> alone = new ArrayList<>(switches);
      if (pin.which() < 0) {
        alone.add(pin);
      }
      troubles.addAll(avoidance.idsOf(alone));
    }
    return troubles;
  }

  private Search fix(List<Pin> some) {
    search.again().only(new BitSet());
    some.forEach(pin -> pin.fix(search));
    return search;
  }

  /** While picks are at odds: what they come to when the last ones that do not fit are left out. */
  Selection nearest(Pins pins) {
    return board.selection(nearestModel(pins), pins.starters(), pins.extras());
  }

  private Model nearestModel(Pins pins) {
    Model known = nearest;
    if (known != null) {
      return known;
    }
    search.again().only(new BitSet());
    List<Pin> kept = new ArrayList<>();
    for (Pin pin : pins.pins()) {
      int mark = search.mark();
      pin.fix(search);
      if (search.solve().isPresent()) {
        kept.add(pin);
      } else {
        search.undo(mark);
      }
    }
    Model model =
        avoidance
            .filledIn(kept, search::left)
            .orElseThrow(
                () -> new IllegalStateException("the edition has no project without any pick"));
    nearest = model;
    return model;
  }
}
