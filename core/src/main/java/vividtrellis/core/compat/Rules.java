package vividtrellis.core.compat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Evidence;
import vividtrellis.core.catalog.Options.Level;
import vividtrellis.core.catalog.Rule;
import vividtrellis.core.catalog.Term;

/** What rules mean, and the rules that follow from an edition without being written. */
final class Rules {

  private Rules() {}

  /** The rules of an edition, those that follow from it, and those that a team adds. */
  static List<Rule> of(Edition edition, List<Rule> more) {
    // Of cautions that cannot all be avoided, the first ones are.
    List<Rule> rules = new ArrayList<>(ReachRules.of(edition));
    rules.addAll(edition.rules());
    rules.addAll(BindingRules.of(edition));
    for (Level level : edition.levels()) {
      String number = level.version().text();
      rules.add(
          new Rule.Range(
              "jdk-not-below-" + number,
              List.of(Term.parse("jvm:[" + number + "]")),
              Term.parse("jdk:[" + number + ",)"),
              Sentences.saying("jdk-not-below", Map.of("value", number)),
              List.of(new Evidence("documentation", "javac, option --release"))));
    }
    rules.addAll(LimitRules.of(edition));
    rules.addAll(StackRules.of(edition));
    rules.addAll(more);
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
