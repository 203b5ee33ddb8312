package vividtrellis.core.compat.lattice;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.catalog.Options.Level;
import vividtrellis.core.catalog.Options.Line;
import vividtrellis.core.catalog.Rule;
import vividtrellis.core.catalog.Saying;
import vividtrellis.core.compat.Axis;
import vividtrellis.core.compat.Lattice;
import vividtrellis.core.compat.Lattice.Cell;
import vividtrellis.core.compat.Lattice.Price;
import vividtrellis.core.compat.Lattice.State;
import vividtrellis.core.compat.Selection;
import vividtrellis.core.compat.encoding.Assumption;
import vividtrellis.core.compat.encoding.CompiledEdition;
import vividtrellis.core.compat.encoding.CompiledEdition.Column;
import vividtrellis.core.compat.feasibility.Desk;
import vividtrellis.core.compat.feasibility.Feasibility;
import vividtrellis.core.compat.finding.Sentences;
import vividtrellis.core.solver.Model;

/** Makes a lattice: every joint is asked for with both of its pins released. */
public final class LatticeBuilder {

  private final CompiledEdition compiled;
  private final List<Assumption> all;
  private final List<Assumption> assumptions = new ArrayList<>();
  private final Optional<Selection> picked;
  private final List<Column> columns;
  private final List<Level> levels;
  private final List<BitSet> values;
  private final BaseGrid grid;

  /** By level, the words of the framework lines that can be had with it. */
  private final Map<Level, Set<String>> lines = new HashMap<>();

  /** Whether nothing can be had even with the joint left open. */
  private boolean stuck;

  /** The number of the joint that is picked; -1 for none. */
  private final int here;

  /** Whether that one can be had: if not, no move has a price. */
  private boolean priced;

  /**
   * A joint.
   *
   * @param why it cannot be had, or the caution; {@code null} for neither
   * @param starters that can be had there, where moves have a price; at an impossible joint, those
   *     that could without the other starters
   */
  private record Joint(
      Column column, Level level, boolean possible, @Nullable String why, BitSet starters) {}

  private LatticeBuilder(
      List<Assumption> all, Optional<Selection> picked, CompiledEdition compiled) {
    this.compiled = compiled;
    this.all = all;
    this.picked = picked;
    this.columns = compiled.columns();
    this.levels = compiled.edition().levels();
    all.forEach(this::release);
    this.values = compiled.levels();
    this.here = picked();
    this.grid =
        BaseGrid.of(
            assumptions.stream().filter(assumption -> assumption.which() < 0).toList(), compiled);
  }

  /**
   * Makes one.
   *
   * @param picked what the picks come to, if they fit
   */
  public static Lattice of(
      List<Assumption> assumptions,
      Optional<Selection> picked,
      CompiledEdition compiled,
      Desk desk) {
    return new LatticeBuilder(assumptions, picked, compiled).weave(desk);
  }

  private void release(Assumption assumption) {
    Map<Axis, BitSet> left = new EnumMap<>(Axis.class);
    left.putAll(assumption.narrowed());
    left.remove(Axis.FRAMEWORK);
    left.remove(Axis.JVM);
    if (!left.isEmpty() || assumption.which() >= 0) {
      assumptions.add(new Assumption(assumption.pointer(), left, assumption.which()));
    }
  }

  private Lattice weave(Desk desk) {
    Feasibility reach = new Feasibility(assumptions, compiled, desk);
    stuck = reach.model().isEmpty();
    priced = !stuck && bearsPicked(reach);
    if (priced) {
      // Asked here once, so that no joint has to find out for itself what none of them bears.
      reach.borne();
    }
    List<Joint> joints = joints(reach);
    joints.stream()
        .filter(Joint::possible)
        .forEach(
            joint ->
                lines
                    .computeIfAbsent(joint.level(), level -> new LinkedHashSet<>())
                    .add(joint.column().word()));
    Joint at = here < 0 ? null : joints.get(here);
    List<Cell> cells = joints.stream().map(joint -> cell(joint, at)).toList();
    return new Lattice(
        columns.stream().map(LatticeBuilder::column).toList(),
        levels.stream()
            .map(
                level ->
                    new Lattice.Row(level.level(), level.longTerm() ? "long-term" : "short-term"))
            .toList(),
        cells,
        strips());
  }

  private List<Lattice.Strip> strips() {
    int starters = compiled.edition().starters().size();
    return assumptions.stream()
        .map(Assumption::which)
        .filter(which -> which >= 0 && which < starters)
        .map(which -> new Lattice.Strip(compiled.id(which), across(which)))
        .toList();
  }

  private List<Boolean> across(int which) {
    List<Boolean> possible = new ArrayList<>();
    for (int c = 0; c < columns.size(); c++) {
      boolean any = false;
      for (int l = 0; l < levels.size() && !any; l++) {
        BaseGrid.Joint joint = grid.at(l, c);
        any = joint.isPossible() && joint.borne().get(which);
      }
      possible.add(any);
    }
    return possible;
  }

  private static Lattice.Column column(Column column) {
    Line line = column.line();
    String id = column.framework().id();
    String label = column.framework().about().label();
    return line == null
        ? new Lattice.Column(id, label, "", "", null, false)
        : new Lattice.Column(
            id, label, line.line(), line.standing().words(), line.until(), line.estimated());
  }

  private int picked() {
    for (int l = 0; l < levels.size(); l++) {
      for (int c = 0; c < columns.size(); c++) {
        if (isPicked(columns.get(c), levels.get(l))) {
          return l * columns.size() + c;
        }
      }
    }
    return -1;
  }

  private boolean bearsPicked(Feasibility reach) {
    int columns = this.columns.size();
    return here >= 0
        && reach.with(
            BaseGrid.assumption(this.columns.get(here % columns), values.get(here / columns)),
            there -> there.model().isPresent());
  }

  /** All joints, level by level; what follows from a column is drawn once for all its levels. */
  private List<Joint> joints(Feasibility reach) {
    Joint[] joints = new Joint[levels.size() * columns.size()];
    for (int c = 0; c < columns.size(); c++) {
      int column = c;
      reach.with(
          new Assumption("", Map.of(Axis.FRAMEWORK, columns.get(c).values()), -1),
          along -> {
            along.model();
            for (int l = 0; l < levels.size(); l++) {
              joints[l * columns.size() + column] = joint(l, column, reach, along);
            }
            return joints;
          });
    }
    return List.of(joints);
  }

  private Joint joint(int l, int c, Feasibility reach, Feasibility along) {
    Column column = columns.get(c);
    Level level = levels.get(l);
    BaseGrid.Joint bare = grid.at(l, c);
    if (!bare.isPossible()) {
      return new Joint(column, level, false, bare.why(), bare.borne());
    }
    return along.with(
        new Assumption("", Map.of(Axis.JVM, values.get(l)), -1),
        there -> {
          if (there.model().isEmpty()) {
            String why = Sentences.because((stuck ? reach : there).reasons());
            return new Joint(column, level, false, why, bare.borne());
          }
          BitSet starters = new BitSet();
          if (priced) {
            starters.or(there.borne());
            starters.clear(compiled.edition().starters().size(), compiled.switches());
          }
          return new Joint(column, level, true, caution(column, there), starters);
        });
  }

  private @Nullable String caution(Column column, Feasibility there) {
    if (column.caution().isPresent()) {
      return column.caution().get().text();
    }
    if (there.isSeenWithout(compiled.cautions().ofJoints())) {
      return null;
    }
    Optional<Model> best = there.best();
    if (best.isPresent()) {
      return caution(best.get()).orElse(null);
    }
    // Something has to be added; what that brings is up to what is added.
    Set<String> certain = there.certain();
    return there
        .model()
        .flatMap(any -> broken(any, rule -> certain.contains(rule.id())))
        .orElse(null);
  }

  private boolean isPicked(Column column, Level level) {
    if (picked.isPresent()) {
      Selection selection = picked.get();
      return level.version().equals(selection.jvm())
          && column.framework().id().equals(selection.framework())
          && (column.line() == null
              || column.line().versions().contains(selection.frameworkVersion()));
    }
    return isPinned(Axis.FRAMEWORK, column.values())
        && isPinned(Axis.JVM, values.get(levels.indexOf(level)));
  }

  /** While the picks are at odds, a joint is picked if they say so outright. */
  private boolean isPinned(Axis axis, BitSet here) {
    boolean pinned = all.stream().anyMatch(assumption -> assumption.narrowed().containsKey(axis));
    return pinned
        && all.stream()
            .map(assumption -> assumption.narrowed().get(axis))
            .allMatch(values -> values == null || values.intersects(here));
  }

  private Cell cell(Joint joint, @Nullable Joint at) {
    Line line = joint.column().line();
    State state =
        !joint.possible() ? State.IMPOSSIBLE : joint.why() == null ? State.POSSIBLE : State.CAUTION;
    Price gain = Price.NONE;
    Price lose = Price.NONE;
    if (state == State.IMPOSSIBLE) {
      lose = new Price(dropped(joint), List.of());
    } else if (at != null && priced) {
      gain = price(at, joint);
      lose = price(joint, at);
    }
    return new Cell(
        joint.column().framework().id(),
        line == null ? "" : line.line(),
        joint.level().level(),
        state,
        joint.equals(at),
        joint.why(),
        gain,
        lose);
  }

  /** What there is to say about a solution. */
  private Optional<String> caution(Model model) {
    return compiled
        .caution(compiled.value(model, Axis.FRAMEWORK))
        .map(Saying::text)
        .or(() -> broken(model, rule -> true));
  }

  private Optional<String> broken(Model model, Predicate<Rule> which) {
    Selection selection = compiled.selection(model);
    return compiled.ofJoints(model.on()).stream()
        .filter(which)
        .filter(selection::breaks)
        .findFirst()
        .map(rule -> rule.because().text());
  }

  /** What the second joint offers and the first does not. */
  private Price price(Joint without, Joint with) {
    BitSet more = (BitSet) with.starters().clone();
    more.andNot(without.starters());
    Set<String> others = lines.getOrDefault(without.level(), Set.of());
    List<String> gained =
        without.level().equals(with.level())
            ? List.of()
            : lines.getOrDefault(with.level(), Set.of()).stream()
                .filter(line -> !others.contains(line))
                .toList();
    return more.isEmpty() && gained.isEmpty() ? Price.NONE : new Price(ids(more), gained);
  }

  /** Joints can differ by most of a large catalog, so these lists take a good part of the time. */
  private List<String> ids(BitSet starters) {
    String[] ids = new String[starters.cardinality()];
    int next = 0;
    for (int s = starters.nextSetBit(0); s >= 0; s = starters.nextSetBit(s + 1)) {
      ids[next++] = compiled.id(s);
    }
    return Collections.unmodifiableList(Arrays.asList(ids));
  }

  /** The picked starters that cannot be had at a joint even without the others. */
  private List<String> dropped(Joint joint) {
    BitSet dropped = new BitSet();
    for (Assumption assumption : assumptions) {
      int which = assumption.which();
      if (which >= 0 && which < compiled.edition().starters().size()) {
        dropped.set(which, !joint.starters().get(which));
      }
    }
    return ids(dropped);
  }
}
