package vividtrellis.core.compat.encoding;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.catalog.Options.Standing;
import vividtrellis.core.catalog.Rule;
import vividtrellis.core.catalog.Term;
import vividtrellis.core.compat.Axis;
import vividtrellis.core.compat.Axis.Value;
import vividtrellis.core.solver.Clause;
import vividtrellis.core.version.Version;

/** Turns rules into clauses over the axes and switches of an edition. */
final class Clauses {

  private final AxisValues values;
  private final Switches switches;

  Clauses(AxisValues values, Switches switches) {
    this.values = values;
    this.switches = switches;
  }

  /** A part of a condition: a switch that is on, or an axis with one of some values. */
  private record Part(int which, @Nullable Axis axis, BitSet set) {
    Part negated(int size) {
      BitSet other = (BitSet) set.clone();
      other.flip(0, size);
      return new Part(which, axis, other);
    }
  }

  /** What must hold together for a condition, not counting its negation. */
  private List<Part> parts(Term term) {
    String id = term.id();
    return switch (term.variable()) {
      case STARTER, EXTRA -> List.of(new Part(switches.of(term), null, new BitSet()));
      case JVM -> List.of(axis(Axis.JVM, value -> holds(term, value)));
      case JDK -> List.of(axis(Axis.JDK, value -> holds(term, value)));
      case LANGUAGE -> {
        Part levels = axis(Axis.JVM, value -> holds(term, value));
        boolean every = levels.set().cardinality() == values.of(Axis.JVM).size();
        yield !values.isLevelled(id)
            ? List.of(axis(Axis.LANGUAGE, v -> v.id().equals(id) && isIn(term, v)))
            : every
                ? List.of(axis(Axis.LANGUAGE, v -> v.id().equals(id)))
                : List.of(axis(Axis.LANGUAGE, v -> v.id().equals(id)), levels);
      }
      case FRAMEWORK, BUILD, PACKAGING, SAMPLE, LAYOUT, ALONGSIDE, FORMAT, THREADS ->
          List.of(axis(Axis.of(term.variable()), v -> v.id().equals(id) && isIn(term, v)));
    };
  }

  private Part axis(Axis axis, Predicate<Value> condition) {
    return new Part(-1, axis, values.where(axis, condition));
  }

  private static boolean holds(Term term, Value value) {
    return term.range().holds(value.required());
  }

  private static boolean isIn(Term term, Value value) {
    Version version = value.version();
    return version == null || term.range().holds(version);
  }

  /**
   * The clause of a rule: one condition does not hold, or something that it asks for does.
   *
   * @throws IllegalArgumentException when a condition that must hold is two at once (a language
   *     whose version is the level, with a range)
   */
  Clause of(Rule rule) {
    List<Integer> off = new ArrayList<>();
    List<Integer> on = new ArrayList<>();
    Map<Integer, BitSet> within = new TreeMap<>();
    for (Term term : rule.when()) {
      if (term.negated()) {
        add(single(rule, term), off, on, within, true);
      } else {
        parts(term).forEach(part -> add(part, off, on, within, false));
      }
    }
    for (Term term : rule.remaining()) {
      add(single(rule, term), off, on, within, !term.negated());
    }
    return new Clause(off, on, within);
  }

  /** The clause that no framework version of a standing is taken. */
  Clause without(Standing standing) {
    BitSet others =
        values.where(
            Axis.FRAMEWORK,
            value ->
                values
                    .line(value)
                    .map(line -> line.standing(value.required()) != standing)
                    .orElse(true));
    return new Clause(List.of(), List.of(), Map.of(Axis.FRAMEWORK.number(), others));
  }

  private Part single(Rule rule, Term term) {
    List<Part> parts = parts(term);
    if (parts.size() > 1) {
      throw new IllegalArgumentException(
          rule.id() + ": '" + term + "' looks at two picks at once; name the level with jvm:");
    }
    return parts.get(0);
  }

  private void add(
      Part part, List<Integer> off, List<Integer> on, Map<Integer, BitSet> within, boolean hold) {
    Axis axis = part.axis();
    if (axis == null) {
      (hold ? on : off).add(part.which());
      return;
    }
    Part meant = hold ? part : part.negated(values.of(axis).size());
    within.computeIfAbsent(axis.number(), a -> new BitSet()).or(meant.set());
  }
}
