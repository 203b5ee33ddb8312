package vividtrellis.core.compat.feasibility;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import vividtrellis.core.catalog.Rule;
import vividtrellis.core.compat.Axis;
import vividtrellis.core.compat.Verdict.Severity;
import vividtrellis.core.compat.encoding.Assumption;
import vividtrellis.core.compat.encoding.CompiledEdition;
import vividtrellis.core.compat.finding.Change;
import vividtrellis.core.compat.finding.PendingFinding;
import vividtrellis.core.compat.finding.Sentences;
import vividtrellis.core.solver.Problem;
import vividtrellis.core.solver.Scope;
import vividtrellis.core.solver.Search;

/**
 * Finds what picks are at odds: for each conflict a set of picks of which none can be left out
 * (take any one away, and that conflict is gone), and the rules in it, of which none can be left
 * out either.
 *
 * <p>Every rule that the picks break by themselves is found. Conflicts that only show when several
 * rules are taken together are looked for until the picks that are left have none.
 */
public final class Conflicts {

  /** More are not told; nobody would read them. */
  public static final int MOST = 100;

  /** Of how many picks it is kept whether each can be had by itself. */
  private static final int MOST_ALONE = 4096;

  /**
   * One conflict.
   *
   * @param picks in the order of the brief; never empty
   * @param rules the rules that it takes; empty when two picks fix one thing differently
   */
  public record Conflict(List<Assumption> picks, List<Rule> rules) {
    /** It is known by its first rule; when it takes several, all of them are told. */
    public PendingFinding finding(List<Change> candidates) {
      return new PendingFinding(
          Severity.BLOCKER,
          rules.isEmpty() ? "picks-differ" : rules.get(0).id(),
          picks.stream().map(Assumption::pointer).toList(),
          Sentences.sayings(rules),
          rules.stream().flatMap(rule -> rule.evidence().stream()).distinct().toList(),
          candidates,
          Optional.empty());
    }
  }

  private final CompiledEdition compiled;
  private final Problem problem;
  private final Search search;
  private final List<Assumption> assumptions;
  private final List<Conflict> found = new ArrayList<>();
  private final Set<List<Assumption>> seen = new LinkedHashSet<>();

  /**
   * Starters and extras that are picked. Without its pick, one of them may still be there; others
   * may not. So fewer picks never are at odds where more are not.
   */
  private final BitSet picked = new BitSet();

  private final int most;

  private Conflicts(
      List<Assumption> assumptions, CompiledEdition compiled, Search search, int most) {
    assumptions.stream()
        .filter(assumption -> assumption.which() >= 0)
        .forEach(assumption -> picked.set(assumption.which()));
    this.compiled = compiled;
    this.problem = compiled.problem();
    this.search = search;
    this.assumptions = assumptions;
    this.most = most;
  }

  /**
   * The conflicts among picks when nothing else is picked; empty if they fit.
   *
   * @param search begun anew for each question
   * @param most after how many to stop
   */
  public static List<Conflict> among(
      List<Assumption> assumptions, CompiledEdition compiled, Search search, int most) {
    Conflicts conflicts = new Conflicts(assumptions, compiled, search, most);
    conflicts.search();
    return conflicts.found;
  }

  private Search search(List<Assumption> some, BitSet ignored) {
    Search again = search.again(Scope.only(picked).without(ignored).explaining());
    some.forEach(assumption -> assumption.fix(again));
    return again;
  }

  private boolean fits(List<Assumption> some) {
    return search(some, new BitSet()).solve().isPresent();
  }

  private void search() {
    BitSet broken = problem.broken(picked, Assumption.left(assumptions));
    if (broken.isEmpty() && fits(assumptions)) {
      return;
    }
    for (List<Assumption> small : ofOneThing()) {
      if (found.size() < most && !fits(small)) {
        add(small);
      }
    }
    for (int k = broken.nextSetBit(0);
        k >= 0 && found.size() < most;
        k = broken.nextSetBit(k + 1)) {
      List<Assumption> small = new ArrayList<>();
      for (Assumption assumption : assumptions) {
        if (assumption.isIn(problem, k)) {
          small.add(assumption);
        }
      }
      if (isFewest(small)) {
        add(small, List.of(compiled.blocking().get(k)));
      } else if (!small.isEmpty()) {
        add(small);
      }
    }
    List<Assumption> left = new ArrayList<>(assumptions);
    seen.forEach(picks -> leaveOut(picks, left));
    while (found.size() < most && !left.isEmpty() && !fits(left)) {
      leaveOut(add(left), left);
    }
  }

  /** Takes away one pick of a conflict that is still whole: the one that was made last. */
  private static void leaveOut(List<Assumption> conflict, List<Assumption> left) {
    if (!conflict.isEmpty() && left.containsAll(conflict)) {
      left.remove(conflict.get(conflict.size() - 1));
    }
  }

  /** Each two picks that fix the same thing. */
  private List<List<Assumption>> ofOneThing() {
    List<List<Assumption>> two = new ArrayList<>();
    for (int i = 0; i < assumptions.size(); i++) {
      Set<Axis> axes = assumptions.get(i).narrowed().keySet();
      for (int j = i + 1; j < assumptions.size() && !axes.isEmpty(); j++) {
        if (!Collections.disjoint(axes, assumptions.get(j).narrowed().keySet())) {
          two.add(List.of(assumptions.get(i), assumptions.get(j)));
        }
      }
    }
    return two;
  }

  /** Whether it is plain that of some picks that are at odds none can be left out. */
  private boolean isFewest(List<Assumption> some) {
    return some.size() == 1 || (some.size() == 2 && some.stream().allMatch(this::bearsAlone));
  }

  /** Whether there is a solution with one pick and nothing that is not picked. */
  private record Alone(boolean isPossible) {}

  private boolean bearsAlone(Assumption assumption) {
    Object key = assumption.which() < 0 ? assumption.narrowed() : assumption.which();
    return compiled
        .kept()
        .get(
            Alone.class,
            MOST_ALONE,
            key,
            () -> {
              List<Assumption> only = List.of(assumption);
              try (Desk desk = new Desk()) {
                Search fresh = desk.search(problem).again(Scope.only(Assumption.switches(only)));
                assumption.fix(fresh);
                return new Alone(fresh.solve().isPresent());
              }
            })
        .isPossible();
  }

  /** Tells a conflict unless its rules are told already; gives its picks. */
  private List<Assumption> add(List<Assumption> some) {
    Search whole = search(some, new BitSet());
    whole.solve();
    List<Assumption> picks = fewest(involved(some, whole.used()));
    if (!seen.add(picks)) {
      return picks;
    }
    Search small = search(picks, new BitSet());
    small.solve();
    tell(picks, rules(picks, small.used()));
    return picks;
  }

  private void add(List<Assumption> picks, List<Rule> rules) {
    if (seen.add(picks)) {
      tell(picks, rules);
    }
  }

  private void tell(List<Assumption> picks, List<Rule> rules) {
    boolean told =
        found.stream().anyMatch(each -> !each.rules().isEmpty() && rules.containsAll(each.rules()));
    if (!told) {
      found.add(new Conflict(picks, rules));
    }
  }

  /** Only picks that a contradiction touched can be part of it. */
  private List<Assumption> involved(List<Assumption> some, BitSet used) {
    List<Assumption> fewer =
        some.stream()
            .filter(
                assumption -> used.stream().anyMatch(clause -> assumption.isIn(problem, clause)))
            .toList();
    return fewer.isEmpty() || fits(fewer) ? some : fewer;
  }

  private List<Assumption> fewest(List<Assumption> some) {
    List<Assumption> kept = new ArrayList<>(some);
    for (int i = kept.size() - 1; i >= 0; i--) {
      Assumption assumption = kept.remove(i);
      if (fits(kept)) {
        kept.add(i, assumption);
      }
    }
    return List.copyOf(kept);
  }

  private List<Rule> rules(List<Assumption> picks, BitSet used) {
    return fewest(compiled, used, ignored -> search(picks, ignored));
  }

  /** A search with some rules left out, and everything fixed that is fixed. */
  interface Attempt {
    Search without(BitSet rules);
  }

  /**
   * Of the rules that took part in a contradiction, as few as it takes.
   *
   * @param used what took part
   */
  static List<Rule> fewest(CompiledEdition compiled, BitSet used, Attempt attempt) {
    BitSet kept = (BitSet) used.clone();
    for (int k = kept.nextSetBit(0); k >= 0; k = kept.nextSetBit(k + 1)) {
      kept.clear(k);
      Search without = attempt.without(others(kept, compiled));
      if (without.solve().isPresent()) {
        kept.set(k);
      } else {
        kept.and(without.used());
      }
    }
    return compiled.blocking(kept);
  }

  private static BitSet others(BitSet rules, CompiledEdition compiled) {
    BitSet others = (BitSet) rules.clone();
    others.flip(0, compiled.blocking().size());
    return others;
  }
}
