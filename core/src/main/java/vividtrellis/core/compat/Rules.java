package vividtrellis.core.compat;

import java.util.ArrayList;
import java.util.List;
import vividtrellis.core.catalog.Contribution;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Evidence;
import vividtrellis.core.catalog.Options.Starter;
import vividtrellis.core.catalog.Rule;
import vividtrellis.core.catalog.Term;
import vividtrellis.core.catalog.Term.Variable;

/** What rules mean. */
final class Rules {

  private Rules() {}

  /** The rules of an edition, and those that follow from what its starters are bound to. */
  static List<Rule> of(Edition edition) {
    List<Rule> rules = new ArrayList<>(edition.rules());
    for (Starter starter : edition.starters()) {
      List<Term> frameworks =
          starter.bindings().stream()
              .map(Contribution::when)
              .flatMap(List::stream)
              .filter(term -> term.variable() == Variable.FRAMEWORK)
              .distinct()
              .toList();
      if (!frameworks.isEmpty()) {
        rules.add(
            new Rule.Needs(
                starter.id() + "-is-bound",
                List.of(Term.parse("starter:" + starter.id())),
                frameworks,
                Sentences.say(
                    "starter-is-bound",
                    java.util.Map.of("starter", starter.about().label(), "range", frameworks + "")),
                List.of(new Evidence("bom", "the bindings of this edition"))));
      }
    }
    return List.copyOf(rules);
  }

  /** Whether a selection breaks a rule. */
  static boolean broken(Rule rule, Selection selection) {
    if (!selection.holdsAll(rule.when())) {
      return false;
    }
    List<Term> remaining = remaining(rule);
    return remaining.stream().noneMatch(selection::holds);
  }

  /** Of which terms one must hold once all of {@code when} does; empty for a clash. */
  static List<Term> remaining(Rule rule) {
    if (rule instanceof Rule.Needs needs) {
      return needs.oneOf();
    }
    if (rule instanceof Rule.Wants wants) {
      return wants.oneOf();
    }
    return rule instanceof Rule.Range range ? List.of(range.within()) : List.of();
  }
}
