package vividtrellis.core.compat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import vividtrellis.core.catalog.Contribution;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Evidence;
import vividtrellis.core.catalog.Options.Framework;
import vividtrellis.core.catalog.Options.Level;
import vividtrellis.core.catalog.Options.Line;
import vividtrellis.core.catalog.Options.Starter;
import vividtrellis.core.catalog.Rule;
import vividtrellis.core.catalog.Term;
import vividtrellis.core.catalog.Term.Variable;
import vividtrellis.core.version.VersionRange;

/** What rules mean, and the rules that follow from an edition without being written. */
final class Rules {

  private Rules() {}

  /** The rules of an edition, those that follow from it, and those that a team adds. */
  static List<Rule> of(Edition edition, List<Rule> more) {
    // Of cautions that cannot all be avoided, the first ones are.
    List<Rule> rules = new ArrayList<>(ReachRules.of(edition));
    rules.addAll(edition.rules());
    edition.starters().forEach(starter -> bound(starter, edition, rules));
    for (Level level : edition.levels()) {
      String number = level.version().text();
      rules.add(
          new Rule.Range(
              "jdk-not-below-" + number,
              List.of(Term.parse("jvm:[" + number + "]")),
              Term.parse("jdk:[" + number + ",)"),
              Sentences.say("jdk-not-below", Map.of("value", number)),
              List.of(new Evidence("documentation", "javac, option --release"))));
    }
    rules.addAll(LimitRules.of(edition));
    rules.addAll(StackRules.of(edition));
    rules.addAll(more);
    return List.copyOf(rules);
  }

  /** A starter can be had where one of its bindings holds, as far as the framework goes. */
  private static void bound(Starter starter, Edition edition, List<Rule> rules) {
    List<Term> frameworks =
        starter.bindings().stream()
            .map(Contribution::when)
            .flatMap(List::stream)
            .filter(term -> term.variable() == Variable.FRAMEWORK)
            .distinct()
            .toList();
    if (frameworks.isEmpty()) {
      return;
    }
    String known =
        edition.frameworks().stream()
            .map(framework -> known(framework, frameworks))
            .filter(text -> !text.isEmpty())
            .collect(Collectors.joining("; "));
    rules.add(
        new Rule.Needs(
            starter.id() + "-is-bound",
            List.of(new Term(false, Variable.STARTER, starter.id(), VersionRange.ANY)),
            frameworks,
            Sentences.say(
                "starter-is-bound", Map.of("starter", starter.about().label(), "range", known)),
            List.of(
                new Evidence(
                    "bom",
                    "the artifacts of " + starter.about().label() + " in the BOMs of each line"))));
  }

  private static String known(Framework framework, List<Term> terms) {
    List<String> lines =
        framework.lines().stream()
            .filter(
                line ->
                    terms.stream()
                        .anyMatch(
                            term ->
                                framework.id().equals(term.id())
                                    && line.versions().stream().anyMatch(term.range()::holds)))
            .map(Line::line)
            .toList();
    return lines.isEmpty() ? "" : framework.about().label() + " " + String.join(", ", lines);
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
