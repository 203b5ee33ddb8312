package vividtrellis.core.compat.rules;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.catalog.Contribution;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Evidence;
import vividtrellis.core.catalog.Options.Framework;
import vividtrellis.core.catalog.Options.Line;
import vividtrellis.core.catalog.Options.Option;
import vividtrellis.core.catalog.Rule;
import vividtrellis.core.catalog.Settings;
import vividtrellis.core.catalog.Term;
import vividtrellis.core.catalog.Term.Variable;
import vividtrellis.core.compat.finding.Sentences;
import vividtrellis.core.version.Version;
import vividtrellis.core.version.VersionRange;

/**
 * The rules that follow from what is bound to what: with a framework for which an option says
 * nothing, it would be left out of the project, or half of it.
 */
final class BindingRules {

  /** What a framework may have nothing to say to. */
  private static final List<Variable> FOR_FRAMEWORKS =
      List.of(
          Variable.STARTER, Variable.EXTRA, Variable.PACKAGING, Variable.SAMPLE, Variable.LAYOUT);

  private final Edition edition;
  private final List<Rule> rules = new ArrayList<>();

  private BindingRules(Edition edition) {
    this.edition = edition;
  }

  static List<Rule> of(Edition edition) {
    BindingRules rules = new BindingRules(edition);
    for (Variable kind : FOR_FRAMEWORKS) {
      rules.bound(kind, edition.options(kind));
    }
    edition.frameworks().forEach(rules::formats);
    return rules.rules;
  }

  private void bound(Variable variable, List<? extends Option> options) {
    for (Option option : options) {
      Term picked = new Term(false, variable, option.id(), VersionRange.ANY);
      List<Term> frameworks =
          option.bindings().stream()
              .filter(binding -> !binding.addition())
              .map(Contribution::when)
              .flatMap(List::stream)
              .filter(term -> term.variable() == Variable.FRAMEWORK && !term.negated())
              .distinct()
              .toList();
      if (!frameworks.isEmpty() && !isSaid(picked, frameworks)) {
        bound(option, picked, frameworks);
      }
    }
  }

  private void bound(Option option, Term picked, List<Term> frameworks) {
    String label = option.about().label();
    String known =
        edition.frameworks().stream()
            .map(framework -> known(framework, frameworks))
            .filter(text -> !text.isEmpty())
            .collect(Collectors.joining("; "));
    Evidence evidence =
        picked.variable() == Variable.STARTER
            ? new Evidence("bom", "the artifacts of " + label + " in the BOMs of each line")
            : new Evidence("documentation", "the bindings of " + label + " in this edition");
    rules.add(
        new Rule.Needs(
            option.id() + "-is-bound",
            List.of(picked),
            frameworks,
            Sentences.saying("option-is-bound", Map.of("label", label, "range", known)),
            List.of(evidence)));
  }

  /** Whether a written rule asks for no other frameworks; it knows better why. */
  private boolean isSaid(Term picked, List<Term> frameworks) {
    Set<List<Object>> bound = versions(frameworks);
    return edition.rules().stream()
        .filter(rule -> rule instanceof Rule.Needs && rule.when().equals(List.of(picked)))
        .map(rule -> ((Rule.Needs) rule).oneOf())
        .filter(terms -> terms.stream().allMatch(BindingRules::isFramework))
        .anyMatch(terms -> bound.containsAll(versions(terms)));
  }

  private static boolean isFramework(Term term) {
    return term.variable() == Variable.FRAMEWORK && !term.negated();
  }

  /** Every framework with each of its versions that some conditions hold for. */
  private Set<List<Object>> versions(List<Term> terms) {
    Set<List<Object>> all = new HashSet<>();
    for (Framework framework : edition.frameworks()) {
      if (framework.lines().isEmpty()
          && terms.stream().anyMatch(of -> holds(of, framework, null))) {
        all.add(List.of(framework.id()));
      }
      framework.lines().stream()
          .flatMap(line -> line.versions().stream())
          .filter(version -> terms.stream().anyMatch(of -> holds(of, framework, version)))
          .forEach(version -> all.add(List.of(framework.id(), version)));
    }
    return all;
  }

  private static boolean holds(Term term, Framework framework, @Nullable Version version) {
    return framework.id().equals(term.id()) && (version == null || term.range().holds(version));
  }

  private static String known(Framework framework, List<Term> terms) {
    String label = framework.about().label();
    if (framework.lines().isEmpty()) {
      return terms.stream().anyMatch(term -> holds(term, framework, null)) ? label : "";
    }
    Stream<Line> lines =
        framework.lines().stream()
            .filter(
                line ->
                    line.versions().stream()
                        .anyMatch(
                            version ->
                                terms.stream().anyMatch(of -> holds(of, framework, version))));
    String known = lines.map(Line::line).collect(Collectors.joining(", "));
    return known.isEmpty() ? "" : label + " " + known;
  }

  /** What a framework reads its settings as, where that is not everything. */
  private void formats(Framework framework) {
    List<String> formats = framework.settings().formats();
    if (!formats.isEmpty() && !formats.containsAll(Settings.FORMATS)) {
      String label = framework.about().label();
      rules.add(
          new Rule.Needs(
              framework.id() + "-settings",
              List.of(new Term(false, Variable.FRAMEWORK, framework.id(), VersionRange.ANY)),
              formats.stream()
                  .map(each -> new Term(false, Variable.FORMAT, each, VersionRange.ANY))
                  .toList(),
              Sentences.saying(
                  "format-of-framework",
                  Map.of("label", label, "known", String.join(" or ", formats))),
              List.of(new Evidence("documentation", "the settings of " + label))));
    }
  }
}
