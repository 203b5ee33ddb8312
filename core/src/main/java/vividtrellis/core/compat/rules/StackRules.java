package vividtrellis.core.compat.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Evidence;
import vividtrellis.core.catalog.Options.Framework;
import vividtrellis.core.catalog.Options.Readings;
import vividtrellis.core.catalog.Options.Stack;
import vividtrellis.core.catalog.Options.Starter;
import vividtrellis.core.catalog.Rule;
import vividtrellis.core.catalog.Saying;
import vividtrellis.core.catalog.Term;
import vividtrellis.core.compat.Selection;
import vividtrellis.core.compat.finding.Sentences;
import vividtrellis.core.version.Version;

/**
 * In which way an application serves, as it results from what its starters bring along, and the
 * cautions where that is not what was picked.
 */
public final class StackRules {

  private StackRules() {}

  /**
   * What results.
   *
   * @param starters those that bring it along, in the order of the picks
   */
  public record Resulting(Stack stack, List<String> starters) {}

  /** The stack of a selection; empty where nothing serves, or nothing was read. */
  public static Optional<Resulting> of(Selection selection, Edition edition) {
    Version version = selection.frameworkVersion();
    Framework framework = edition.framework(selection.framework()).orElse(null);
    if (framework == null || version == null) {
      return Optional.empty();
    }
    for (Stack stack : framework.stacks()) {
      Set<String> bring = bring(framework, version, stack);
      List<String> here = selection.starters().stream().filter(bring::contains).toList();
      if (!here.isEmpty()) {
        return Optional.of(new Resulting(stack, here));
      }
    }
    return Optional.empty();
  }

  private static Set<String> bring(Framework framework, Version version, Stack stack) {
    @Nullable Readings readings = framework.readings().get(version);
    return readings == null ? Set.of() : readings.brings().getOrDefault(stack.id(), Set.of());
  }

  /** The cautions: something is picked for one stack, and something else brings one that wins. */
  public static List<Rule> of(Edition edition) {
    List<Rule> rules = new ArrayList<>();
    for (Framework framework : edition.frameworks()) {
      for (int loser = 1; loser < framework.stacks().size(); loser++) {
        Stack lost = framework.stacks().get(loser);
        for (Starter picked : edition.starters()) {
          if (lost.id().equals(picked.serves())) {
            for (Stack wins : framework.stacks().subList(0, loser)) {
              edition.starters().stream()
                  .filter(other -> !other.equals(picked))
                  .forEach(other -> rules.addAll(of(framework, picked, lost, other, wins)));
            }
          }
        }
      }
    }
    return rules;
  }

  private static List<Rule> of(
      Framework framework, Starter picked, Stack lost, Starter other, Stack wins) {
    List<Rule> rules = new ArrayList<>();
    Saying because =
        Sentences.saying(
            "stack-differs",
            Map.of(
                "other", other.about().label(),
                "stack", wins.id(),
                "label", wins.label(),
                "lost", lost.id(),
                "value", picked.about().label()));
    for (LimitRules.Run<Boolean> run :
        LimitRules.runs(
            framework,
            read ->
                read.brings().getOrDefault(wins.id(), Set.of()).contains(other.id())
                    ? Optional.of(true)
                    : Optional.empty())) {
      rules.add(
          new Rule.Overlaps(
              "stack-differs",
              List.of(
                  Term.parse("starter:" + picked.id()),
                  Term.parse("starter:" + other.id()),
                  Term.parse("framework:" + framework.id() + " " + run.range())),
              because,
              List.of(
                  new Evidence(
                      "pom",
                      "what %s brings along with %s %s: %s"
                          .formatted(
                              other.about().label(),
                              framework.about().label(),
                              run.words(),
                              String.join(" or ", wins.by()))))));
    }
    return rules;
  }
}
