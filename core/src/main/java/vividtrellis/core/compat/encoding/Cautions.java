package vividtrellis.core.compat.encoding;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.catalog.Options.Standing;
import vividtrellis.core.catalog.Rule;
import vividtrellis.core.compat.Axis;
import vividtrellis.core.solver.Clause;
import vividtrellis.core.solver.Model;
import vividtrellis.core.solver.Problem;

/**
 * The problem of an edition with every caution as a clause, behind those of the rules that block:
 * versions that cannot be relied on first, then the rules that only tell. Immutable.
 */
public final class Cautions {

  private static final Set<Integer> OF_A_JOINT =
      Stream.of(Axis.FRAMEWORK, Axis.LANGUAGE, Axis.JVM, Axis.JDK)
          .map(Axis::number)
          .collect(Collectors.toUnmodifiableSet());

  private final int first;
  private final Problem problem;
  private final Problem alone;
  private final List<Clause> all;

  /** By what is called as one that depends on starters and extras alone. */
  private final BitSet ofSwitches = new BitSet();

  /** Those that look at a framework version, a level, a JDK or a language. */
  private final BitSet ofJoints = new BitSet();

  private final List<String> ids = new ArrayList<>();
  private final Map<String, BitSet> byId = new HashMap<>();

  /**
   * Compiles it.
   *
   * @param sizes of the choices
   * @param switches how many there are
   * @param blocking the clauses of the rules that block
   * @param telling the rules that only tell, heaviest first
   */
  Cautions(
      List<Integer> sizes,
      int switches,
      List<Clause> blocking,
      List<Rule> telling,
      Clauses clauses) {
    first = blocking.size();
    List<Told> told = new ArrayList<>();
    for (Standing standing : List.of(Standing.PRE_RELEASE, Standing.PAST)) {
      told.add(new Told(standing.name(), clauses.without(standing)));
    }
    telling.forEach(rule -> told.add(new Told(rule.id(), clauses.of(rule))));
    all = new ArrayList<>(blocking);
    for (Told each : merged(told)) {
      byId.computeIfAbsent(each.id(), id -> new BitSet()).set(all.size());
      ids.add(each.id());
      all.add(each.clause());
    }
    for (int k = first; k < all.size(); k++) {
      if (all.get(k).within().isEmpty()) {
        ofSwitches.or(like(k));
      }
      if (isOfJoint(all.get(k))) {
        ofJoints.set(k);
      }
    }
    problem = new Problem(sizes, switches, all);
    List<Clause> last = all.subList(first, all.size());
    alone = new Problem(sizes, switches, last);
  }

  private static boolean isOfJoint(Clause clause) {
    return clause.within().keySet().stream().anyMatch(OF_A_JOINT::contains);
  }

  /** A clause, and what its caution is called. */
  private record Told(String id, Clause clause) {}

  /** What clauses have to have in common to be one. */
  private record Head(String id, List<Integer> off, List<Integer> on, Set<Integer> choices) {}

  /**
   * Clauses of one caution that ask for values of the same choice are one clause that asks for the
   * values which all of them allow: what only they together rule out is seen at once then.
   */
  private static List<Told> merged(List<Told> told) {
    Map<Head, Told> merged = new LinkedHashMap<>();
    for (Told each : told) {
      Clause clause = each.clause();
      Set<Integer> choices = clause.within().keySet();
      merged.merge(
          new Head(
              choices.size() == 1 ? each.id() : each.id() + merged.size(),
              clause.off(),
              clause.on(),
              choices),
          each,
          (one, other) -> new Told(each.id(), both(one.clause(), other.clause())));
    }
    return List.copyOf(merged.values());
  }

  private static Clause both(Clause one, Clause other) {
    Map<Integer, BitSet> within = new HashMap<>();
    one.within()
        .forEach(
            (choice, values) -> {
              BitSet both = (BitSet) values.clone();
              both.and(other.within().getOrDefault(choice, new BitSet()));
              within.put(choice, both);
            });
    return new Clause(one.off(), one.on(), within);
  }

  public Problem problem() {
    return problem;
  }

  /** The number of the first clause that is a caution. */
  public int first() {
    return first;
  }

  /** The cautions of a solution, by the number of their clause. */
  public BitSet of(Model model) {
    return numbered(alone.unmet(model.values(), model.on()));
  }

  /** Those that look at what a joint of the lattice stands for. Not to be changed. */
  public BitSet ofJoints() {
    return ofJoints;
  }

  /**
   * The cautions that some picks have by themselves, whatever is filled in; they need not fit.
   *
   * @param left what they leave of each axis; {@code null} for all of it
   */
  public BitSet of(List<Assumption> assumptions, @Nullable BitSet[] left) {
    return numbered(alone.broken(Assumption.switches(assumptions), left));
  }

  /** Whether whoever meets some cautions meets them whatever is filled in. */
  public boolean areOfSwitches(BitSet met) {
    for (int k = met.nextSetBit(first); k >= 0; k = met.nextSetBit(k + 1)) {
      if (!ofSwitches.get(k)) {
        return false;
      }
    }
    return true;
  }

  /**
   * Where to look for a solution without some cautions.
   *
   * @return by choice the values that none of them is about; {@code null} for all
   */
  public @Nullable BitSet[] without(BitSet some) {
    @Nullable BitSet[] narrowed = new BitSet[Axis.values().length];
    for (int k = some.nextSetBit(first); k >= 0; k = some.nextSetBit(k + 1)) {
      Map<Integer, BitSet> within = all.get(k).within();
      if (within.size() == 1) {
        int choice = within.keySet().iterator().next();
        BitSet values = (BitSet) within.values().iterator().next().clone();
        BitSet before = narrowed[choice];
        if (before != null) {
          values.and(before);
        }
        narrowed[choice] = values;
      }
    }
    return narrowed;
  }

  private BitSet numbered(BitSet alone) {
    BitSet numbered = new BitSet();
    for (int k = alone.nextSetBit(0); k >= 0; k = alone.nextSetBit(k + 1)) {
      numbered.set(first + k);
    }
    return numbered;
  }

  /** What the caution of a clause is called; several rules may share an id. */
  public String id(int clause) {
    return ids.get(clause - first);
  }

  /** The clauses of all cautions that are called like that of one. Not to be changed. */
  public BitSet like(int clause) {
    return byId.getOrDefault(id(clause), new BitSet());
  }
}
