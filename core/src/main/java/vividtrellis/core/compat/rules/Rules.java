package vividtrellis.core.compat.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Evidence;
import vividtrellis.core.catalog.Options.Level;
import vividtrellis.core.catalog.Rule;
import vividtrellis.core.catalog.Term;
import vividtrellis.core.compat.finding.Sentences;

/** What rules mean, and the rules that follow from an edition without being written. */
public final class Rules {

  private Rules() {}

  /** The rules of an edition, those that follow from it, and those that a team adds. */
  public static List<Rule> of(Edition edition, List<Rule> more) {
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
}
