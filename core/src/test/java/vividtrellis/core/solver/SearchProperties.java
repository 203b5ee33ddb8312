package vividtrellis.core.solver;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.function.Consumer;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.sat4j.core.VecInt;
import org.sat4j.minisat.SolverFactory;
import org.sat4j.specs.ContradictionException;
import org.sat4j.specs.ISolver;
import org.sat4j.specs.TimeoutException;

/** Holds the search against trying everything, and against a solver by others. */
class SearchProperties {

  /** A problem that can be looked into, made from a seed. */
  private record Made(List<Integer> sizes, int switches, List<Clause> clauses) {
    static Made of(Random random, int choices, int most, int switches, int clauses) {
      List<Integer> sizes = new ArrayList<>();
      for (int c = 0; c < choices; c++) {
        sizes.add(1 + random.nextInt(most));
      }
      List<Clause> all = new ArrayList<>();
      for (int k = 0; k < clauses; k++) {
        List<Integer> off = some(random, switches, 2);
        List<Integer> on = some(random, switches, 3);
        Map<Integer, BitSet> within = new TreeMap<>();
        for (int n = random.nextInt(3); n > 0; n--) {
          int choice = random.nextInt(choices);
          BitSet values = new BitSet();
          for (int v = 0; v < sizes.get(choice); v++) {
            values.set(v, random.nextBoolean());
          }
          within.put(choice, values);
        }
        if (!off.isEmpty() || !on.isEmpty() || !within.isEmpty()) {
          all.add(new Clause(off, on, within));
        }
      }
      return new Made(sizes, switches, all);
    }

    private static List<Integer> some(Random random, int switches, int most) {
      return random.ints(random.nextInt(most + 1), 0, switches).boxed().distinct().toList();
    }

    Problem problem() {
      return new Problem(sizes, switches, clauses);
    }

    boolean meets(List<Integer> values, BitSet on, Clause clause) {
      return clause.off().stream().anyMatch(s -> !on.get(s))
          || clause.on().stream().anyMatch(on::get)
          || clause.within().entrySet().stream()
              .anyMatch(part -> part.getValue().get(values.get(part.getKey())));
    }

    boolean isSolution(List<Integer> values, BitSet on) {
      return clauses.stream().allMatch(clause -> meets(values, on, clause));
    }

    /** Every solution with some switches on and others allowed, in order of preference. */
    Optional<List<Integer>> first(BitSet fixed, BitSet allowed) {
      List<Integer> values = new ArrayList<>(sizes.stream().map(s -> 0).toList());
      while (true) {
        for (int bits = 0; bits < 1 << switches; bits++) {
          BitSet on = BitSet.valueOf(new long[] {bits});
          BitSet beyond = (BitSet) on.clone();
          beyond.andNot(allowed);
          beyond.andNot(fixed);
          BitSet missing = (BitSet) fixed.clone();
          missing.andNot(on);
          if (beyond.isEmpty() && missing.isEmpty() && isSolution(values, on)) {
            return Optional.of(List.copyOf(values));
          }
        }
        int c = sizes.size() - 1;
        while (c >= 0 && values.get(c) + 1 == sizes.get(c)) {
          values.set(c--, 0);
        }
        if (c < 0) {
          return Optional.empty();
        }
        values.set(c, values.get(c) + 1);
      }
    }
  }

  private static BitSet drawn(Random random, int switches, int oneIn) {
    BitSet set = new BitSet();
    for (int s = 0; s < switches; s++) {
      set.set(s, random.nextInt(oneIn) == 0);
    }
    return set;
  }

  @Property(tries = 4000)
  void findsTheMostPreferredSolutionExactlyWhenThereIsOne(@ForAll @IntRange int seed) {
    Random random = new Random(seed);
    Made made = Made.of(random, 1 + random.nextInt(4), 4, 5, 2 + random.nextInt(14));
    BitSet fixed = drawn(random, 5, 3);
    Search search = made.problem().search().again(Scope.only(new BitSet()));
    fixed.stream().forEach(search::turnOn);

    Optional<Model> found = search.solve();

    assertThat(found.map(Model::values)).isEqualTo(made.first(fixed, new BitSet()));
    assertThat(search.solve()).as("asked again").isEqualTo(found);
  }

  @Property(tries = 4000)
  void withFreeSwitchesFindsASolutionExactlyWhenThereIsOne(@ForAll @IntRange int seed) {
    Random random = new Random(seed);
    Made made = Made.of(random, 1 + random.nextInt(3), 4, 6, 4 + random.nextInt(16));
    BitSet fixed = drawn(random, 6, 4);
    BitSet allowed = drawn(random, 6, 2);
    Search search = made.problem().search().again(Scope.only(allowed));
    fixed.stream().forEach(search::turnOn);

    Optional<Model> found = search.solve();

    assertThat(found.isPresent()).isEqualTo(made.first(fixed, allowed).isPresent());
    found.ifPresent(model -> assertThat(made.isSolution(model.values(), model.on())).isTrue());
  }

  /** How many of the answers that a search gives are seen without one. */
  private static final class Share {
    private int all;
    private int seen;

    void count(boolean isSeen, boolean isSo) {
      assertThat(isSeen && !isSo).as("seen, and not so").isFalse();
      all += isSo ? 1 : 0;
      seen += isSeen ? 1 : 0;
    }

    void isAtLeast(double share) {
      assertThat(seen).as("seen of %d", all).isGreaterThan((int) (share * all)).isPositive();
    }
  }

  @Example
  void quickLooksSeeMuchAndNothingThatIsNotSo() {
    Share supported = new Share();
    Share unsupported = new Share();
    Share beside = new Share();
    Share near = new Share();
    Share apart = new Share();
    for (int seed = 0; seed < 2000; seed++) {
      Random random = new Random(seed);
      Made made = Made.of(random, 2, 3, 6, 4 + random.nextInt(10));
      Search search = made.problem().search();
      Optional<Model> solved = search.solve();
      if (solved.isEmpty()) {
        continue;
      }
      Model model = solved.get();
      BitSet on = search.quick().supported(model);
      BitSet off = search.quick().unsupported();
      for (int s = 0; s < 6; s++) {
        int which = s;
        boolean possible = isPossible(search, more -> more.turnOn(which));
        supported.count(on.get(s), possible);
        unsupported.count(off.get(s), !possible);
        Optional<BitSet> more = search.quick().beside(model, s);
        more.ifPresent(set -> assertThat(made.isSolution(model.values(), set)).isTrue());
        beside.count(more.isPresent(), possible);
      }
      BitSet others = search.quick().apart(model, 0);
      for (int v = 0; v < made.sizes().get(0); v++) {
        BitSet value = BitSet.valueOf(new long[] {1L << v});
        BitSet[] narrowed = new BitSet[made.sizes().size()];
        narrowed[0] = value;
        boolean possible = isPossible(search, more -> more.narrow(0, value));
        Optional<Model> moved = search.quick().near(model, narrowed);
        moved.ifPresent(m -> assertThat(made.isSolution(m.values(), m.on())).isTrue());
        near.count(moved.isPresent(), possible);
        apart.count(others.get(v), possible);
      }
      assertThat(search.solve()).as("all was taken back").isEqualTo(solved);
      assertThat(search.again(Scope.only(new BitSet())).quick()).isSameAs(QuickLooks.NONE);
    }
    supported.isAtLeast(0.5);
    unsupported.isAtLeast(0.5);
    beside.isAtLeast(0.5);
    near.isAtLeast(0.5);
    apart.isAtLeast(0.5);
  }

  private static boolean isPossible(Search search, Consumer<Search> more) {
    int mark = search.mark();
    more.accept(search);
    boolean possible = search.solve().isPresent();
    search.undo(mark);
    return possible;
  }

  @Property(tries = 2000)
  void whatAContradictionRestsOnIsOneByItself(@ForAll @IntRange int seed) {
    Random random = new Random(seed);
    Made made = Made.of(random, 3, 3, 6, 12 + random.nextInt(20));
    BitSet fixed = drawn(random, 6, 3);
    List<BitSet> left =
        List.of(some(random, made.sizes().get(0)), some(random, made.sizes().get(1)));
    Search search = made.problem().search().again(Scope.EVERYTHING.explaining());
    fix(search, fixed, left);
    boolean settled = search.settle();
    BitSet contradiction = settled ? new BitSet() : search.contradiction();
    if (search.solve().isEmpty()) {
      assertThat(solvedBy(made, search.used(), fixed, left)).as("of the search").isEmpty();
      assertThat(settled || solvedBy(made, contradiction, fixed, left).isEmpty())
          .as("seen")
          .isTrue();
    }
    search.again(Scope.EVERYTHING);
    fix(search, fixed, left);
    assertThat(search.solve()).as("begun anew").isEqualTo(solvedBy(made, all(made), fixed, left));
  }

  /** One choice is narrowed before the switches are on, and one after that. */
  private static void fix(Search search, BitSet on, List<BitSet> left) {
    search.narrow(0, left.get(0));
    on.stream().forEach(search::turnOn);
    search.settle();
    search.narrow(1, left.get(1));
  }

  /** Some values of so many, at least one. */
  private static BitSet some(Random random, int size) {
    BitSet some = drawn(random, size, size);
    some.set(random.nextInt(size));
    return some;
  }

  private static BitSet all(Made made) {
    BitSet all = new BitSet();
    all.set(0, made.clauses().size());
    return all;
  }

  /** Solves with some clauses only. */
  private static Optional<Model> solvedBy(Made made, BitSet kept, BitSet fixed, List<BitSet> left) {
    BitSet others = all(made);
    others.andNot(kept);
    Search search = made.problem().search().again(Scope.EVERYTHING.without(others));
    fix(search, fixed, left);
    return search.solve();
  }

  @Property(tries = 150)
  void agreesWithAnotherSolverOnLargeProblems(@ForAll @IntRange int seed) throws TimeoutException {
    Random random = new Random(seed);
    int switches = 60 + random.nextInt(100);
    Made made = Made.of(random, 6, 9, switches, switches * (2 + random.nextInt(3)));
    BitSet fixed = drawn(random, switches, 12);
    Search search = made.problem().search();
    fixed.stream().forEach(search::turnOn);

    Optional<Model> found = search.solve();

    assertThat(found.isPresent()).isEqualTo(satisfiable(made, fixed));
    found.ifPresent(model -> assertThat(made.isSolution(model.values(), model.on())).isTrue());
  }

  private static boolean satisfiable(Made made, BitSet fixed) throws TimeoutException {
    ISolver solver = SolverFactory.newDefault();
    List<Integer> from = new ArrayList<>();
    int next = made.switches() + 1;
    for (int size : made.sizes()) {
      from.add(next);
      next += size;
    }
    solver.newVar(next);
    try {
      for (int c = 0; c < made.sizes().size(); c++) {
        VecInt one = new VecInt();
        for (int v = 0; v < made.sizes().get(c); v++) {
          one.push(from.get(c) + v);
        }
        solver.addExactly(one, 1);
      }
      for (Clause clause : made.clauses()) {
        VecInt literals = new VecInt();
        clause.off().forEach(s -> literals.push(-(s + 1)));
        clause.on().forEach(s -> literals.push(s + 1));
        clause
            .within()
            .forEach((c, values) -> values.stream().forEach(v -> literals.push(from.get(c) + v)));
        solver.addClause(literals);
      }
      for (int s = fixed.nextSetBit(0); s >= 0; s = fixed.nextSetBit(s + 1)) {
        solver.addClause(new VecInt(new int[] {s + 1}));
      }
      return solver.isSatisfiable();
    } catch (ContradictionException e) {
      return false;
    }
  }
}
