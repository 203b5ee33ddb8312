package vividtrellis.core.catalog;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Reads one entry of {@code rules}. */
final class RuleReader {

  private static final List<String> EVIDENCE =
      List.of("bom", "pom", "module", "class-file", "recorded-build", "documentation");

  private final ConditionReader conditions;

  RuleReader(ConditionReader conditions) {
    this.conditions = conditions;
  }

  /**
   * One rule; or one for each two of {@code any-two}, and one for each alternative of its
   * conditions, all with one id.
   */
  List<Rule> rules(Section section) {
    List<Term> any = section.parsed("any-two", Term::parse);
    List<List<Term>> pairs = new ArrayList<>();
    for (int i = 0; i < any.size(); i++) {
      for (int j = i + 1; j < any.size(); j++) {
        pairs.add(List.of(any.get(i), any.get(j)));
      }
    }
    if (any.isEmpty()) {
      pairs.add(List.of());
    }
    List<List<Term>> alternatives = conditions.together(section, "when");
    List<Rule> rules = new ArrayList<>();
    for (List<Term> pair : pairs) {
      for (List<Term> conditions : alternatives) {
        List<Term> when = new ArrayList<>(pair);
        when.addAll(conditions);
        rules.add(rule(section, when));
      }
    }
    return rules;
  }

  private Rule rule(Section section, List<Term> when) {
    String id = section.text("id");
    String kind = section.text("kind");
    Saying because = new Saying(id, Map.of(), section.text("because"));
    List<Evidence> evidence = section.sections("evidence", RuleReader::evidence);
    if (when.isEmpty()) {
      section.fault("a rule says when it speaks; 'when' is empty");
    }
    if (evidence.isEmpty()) {
      section.fault("a rule says what it rests on; 'evidence' is empty");
    }
    return switch (kind) {
      case "needs" -> new Rule.Needs(id, when, oneOf(section), because, evidence);
      case "wants" -> new Rule.Wants(id, when, oneOf(section), because, evidence);
      case "range" -> new Rule.Range(id, when, within(section), because, evidence);
      case "overlaps" -> new Rule.Overlaps(id, when, because, evidence);
      default -> {
        if (!kind.equals("clashes")) {
          section.fault(
              section.at("kind"),
              "'" + kind + "' is no kind; expected needs, wants, range, clashes or overlaps");
        }
        yield new Rule.Clashes(id, when, because, evidence);
      }
    };
  }

  private List<Term> oneOf(Section section) {
    List<Term> terms = conditions.oneOf(section, "one-of");
    if (terms.isEmpty()) {
      section.fault("'one-of' names at least one condition that would do");
    }
    return terms;
  }

  private static Term within(Section section) {
    List<Term> terms = section.parsed("within", Term::parse);
    if (terms.size() != 1) {
      section.fault("'within' names exactly one range");
      return Term.parse("jvm:*");
    }
    return terms.get(0);
  }

  private static Evidence evidence(Section section) {
    String kind = section.text("kind");
    if (!EVIDENCE.contains(kind)) {
      section.fault(
          section.at("kind"), "'" + kind + "' is no kind of evidence; expected " + EVIDENCE);
    }
    return new Evidence(kind, section.text("source"));
  }
}
