package vividtrellis.core.compat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.catalog.Rule;
import vividtrellis.core.catalog.Term;
import vividtrellis.core.compat.Problem.Versioned;
import vividtrellis.core.version.Version;

/**
 * Looks at every combination in order of preference. Exact by construction; quick enough while an
 * edition has few versions, since starters are not enumerated: a missing one is branched on only
 * where a broken rule asks for it.
 */
final class ExhaustiveSolver implements Solver {

  private final List<Rule> rules;

  /** With the rules of an edition that block. */
  ExhaustiveSolver(List<Rule> rules) {
    this.rules = rules.stream().filter(Rule::blocks).toList();
  }

  @Override
  public Outcome solve(Problem problem) {
    Stuck best = null;
    for (Selection candidate : candidates(problem)) {
      List<Rule> broken = broken(candidate);
      if (broken.isEmpty()) {
        return new Fits(candidate);
      }
      if (problem.growing()) {
        Optional<Selection> grown = grow(candidate, broken);
        if (grown.isPresent()) {
          return new Fits(grown.get());
        }
      }
      if (best == null || broken.size() < best.broken().size()) {
        best = new Stuck(candidate, broken);
      }
    }
    if (best == null) {
      throw new IllegalStateException("a variable has no value at all; the edition is not valid");
    }
    return best;
  }

  private List<Rule> broken(Selection selection) {
    return rules.stream().filter(rule -> Rules.broken(rule, selection)).toList();
  }

  /**
   * Adds starters until nothing is broken; every broken rule must be mended by one of its terms.
   */
  private Optional<Selection> grow(Selection selection, List<Rule> broken) {
    if (broken.isEmpty()) {
      return Optional.of(selection);
    }
    for (Term term : Rules.remaining(broken.get(0))) {
      String id = addable(term, selection);
      if (id != null) {
        Selection more = selection.withStarter(id);
        Optional<Selection> grown = grow(more, broken(more));
        if (grown.isPresent()) {
          return grown;
        }
      }
    }
    return Optional.empty();
  }

  private static @Nullable String addable(Term term, Selection selection) {
    boolean missing =
        term.variable() == Term.Variable.STARTER
            && !term.negated()
            && term.id() != null
            && !selection.starters().contains(term.id());
    return missing ? term.id() : null;
  }

  private static List<Selection> candidates(Problem problem) {
    List<Selection> all = new ArrayList<>();
    for (Versioned framework : problem.frameworks()) {
      for (Versioned level : problem.levels()) {
        for (Version jdk : problem.jdks()) {
          for (Versioned build : problem.builds()) {
            for (String packaging : problem.packagings()) {
              for (String sample : problem.samples()) {
                for (String layout : problem.layouts()) {
                  all.add(
                      new Selection(
                          build.id(),
                          build.version(),
                          level.id(),
                          level.version(),
                          jdk,
                          framework.id(),
                          framework.version(),
                          packaging,
                          sample,
                          layout,
                          problem.starters(),
                          problem.extras()));
                }
              }
            }
          }
        }
      }
    }
    return all;
  }
}
