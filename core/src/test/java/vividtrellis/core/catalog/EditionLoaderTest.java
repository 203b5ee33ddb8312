package vividtrellis.core.catalog;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vividtrellis.core.TestEdition;
import vividtrellis.core.catalog.Options.Stack;
import vividtrellis.core.compat.judging.Verdicts;

class EditionLoaderTest {

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "summary: Builds.       | sumary: Builds.        | all.yaml:2: unknown key 'sumary'",
        "summary: Builds.       | sumary: Builds.        | all.yaml:2: 'summary' is missing",
        "versions: [1.0.9]      | versions: [one]        | all.yaml:20: 'one' is no version",
        "template: Main.java,   | template: \"{{style}}.kt\", | no template '{{style}}.kt'",
        "starter:driver-b\"]    | starter:driver-z\"]    | names a starter that is not there",
        "kind: clashes          | kind: fights           | 'fights' is no kind",
        "label: Frame           | label: Frame\\n"
            + "    modules: [{ id: a, needs: [b] }] | the module 'a' needs [b]",
        "template: Main.java, purpose: Starts } | template: Main.java, purpose: Starts }\\n"
            + "        module: pier | the module 'pier', which no framework has",
        "{{entryClass}}.java    | {{entryClass}}.odd     | the format of '{{entryClass}}.odd' is"
            + " not known",
        "one-of: [\"starter:web\"] | one-of: [\"trait:wet\"] | 'wet' is not a trait of anything",
        "one-of: [\"starter:web\"] | one-of: [\"none-of starter:loud, starter:old\"] | several"
            + " conditions at once",
        "rules:                 | bindings: [{ for: \"starter:wet\" }]\\n"
            + "rules: | 'for' names 'starter:wet', which is not there",
        "rules:                 | bindings: [{ for: \"no starter:web\" }]\\n"
            + "rules: | 'for' is one option",
        "template: Main.java,   | template: Mian.java,   | there is no template 'Mian.java'",
        "{{summary}}            | {{sumary}}             | templates/Main.java:1: nothing gives the"
            + " word 'sumary' a value",
        "jvm:[26,)              | jvm:[26                | is no version range",
        "id: driver-b           | id: driver-a           | 'driver-a' is there twice",
        "kind: class-file       | kind: hearsay          | 'hearsay' is no kind of evidence",
        "category: any          | category: none         | its category 'none' is none",
        "standing: pre-release  | standing: early        | 'standing' is supported, past or"
            + " pre-rel",
        "3.0, standing: pre-release, | 3.0, until: soon, standing: past, | 'until' is a month",
        "3.0, standing: pre-release, | 3.0, standing: past, | says since when",
        "3.0, standing: pre-release, | 3.0, standards: { servlet: x }, standing: past,  | levels"
            + " that are versions",
        "https://web.example    | http://web.example     | all.yaml:37: 'documentation' is an"
            + " address",
        "id: driver-a           | id: Driver_A           | an id is made of small letters",
        "\"jvm:[26,)\"           | \"jvm:java\"             | jvm",
        "one-of: [\"starter:web\"] | one-of: []           | 'one-of' names at least one",
        "levels:                | versions: [1]\\n    levels: | either 'levels' or 'versions'",
      })
  void namesFileLineAndReasonOfEachFault(String good, String bad, String fault) {
    InvalidEdition e =
        catchThrowableOfType(
            InvalidEdition.class,
            () ->
                EditionLoader.load(
                    name ->
                        TestEdition.file(name)
                            .map(text -> text.replace(good, bad.replace("\\n", "\n")))));

    assertThat(e.faults().toString()).contains(fault);
  }

  @Test
  void tellsAllFaultsTogetherAndMissingFilesToo() {
    InvalidEdition e =
        catchThrowableOfType(
            InvalidEdition.class, () -> EditionLoader.load(name -> Optional.<String>empty()));
    assertThat(e.faults()).hasSizeGreaterThan(3);

    Edition edition = TestEdition.load();
    Edition other =
        EditionLoader.load(
            name -> TestEdition.file(name).map(t -> t.replace("Packs.", "Packs it.")));
    assertThat(List.of(edition.digest())).doesNotContain(other.digest());
    assertThat(edition.digest()).isEqualTo(TestEdition.load().digest());
  }

  @Test
  void aNameThatHoldsAWordNeedsATemplateForEachValueThatItMayHave() {
    String two =
        """
        languages:
          - { id: brisk, label: Brisk, summary: Speaks., documentation: "https://l.example", versions: [1.0],
              bindings: [ { when: ["language:brisk"], variables: { suffix: brisk } } ] }
          - { id: calm, label: Calm, summary: Speaks., documentation: "https://l.example", versions: [1.0],
              bindings: [ { when: ["language:calm"], variables: { suffix: calm } } ] }
        extras:
          - id: notes
            label: Notes
            summary: Notes.
            documentation: https://n.example
            bindings:
              - files: [ { path: a.txt, template: "Main.{{suffix}}", purpose: A } ]
              - when: ["language:calm"]
                files: [ { path: b.txt, template: "Only.{{suffix}}", purpose: B } ]
        """;
    Function<String, Optional<String>> files =
        name ->
            switch (name) {
              case "edition.yaml" ->
                  Optional.of("edition: 2099-01\nfiles: [all.yaml, more.yaml]\n");
              case "more.yaml" -> Optional.of(two);
              case "templates/Main.brisk", "templates/Only.calm" -> Optional.of("");
              default -> TestEdition.file(name);
            };
    InvalidEdition e = catchThrowableOfType(InvalidEdition.class, () -> EditionLoader.load(files));

    assertThat(e.faults())
        .singleElement()
        .asString()
        .startsWith("more.yaml:")
        .contains("notes", "'Main.calm'", "{suffix=calm}", "templates/Main.calm");
  }

  private static Edition with(String rules) {
    return EditionLoader.load(
        name -> TestEdition.file(name).map(t -> name.equals("all.yaml") ? t + rules : t));
  }

  private static final String PROOF =
      "    because: So.\n    evidence: [{ kind: pom, source: x }]\n";

  @Test
  void anyTwoIsOneRuleForEachTwo() {
    Edition edition =
        with(
            "  - id: one-voice\n    kind: clashes\n"
                + "    any-two: [\"starter:web\", \"starter:loud\", \"starter:quiet\"]\n"
                + PROOF);

    assertThat(edition.rules())
        .filteredOn(rule -> rule.id().equals("one-voice"))
        .extracting(rule -> rule.when().toString())
        .containsExactly(
            "[starter:web, starter:loud]",
            "[starter:web, starter:quiet]",
            "[starter:loud, starter:quiet]");
  }

  @Test
  void conditionsOverSeveralPicksComeToTerms() {
    String rules =
        """
          - { id: any, kind: clashes, when: ["any-of drivers", "sample:none"], BECAUSE }
          - { id: none, kind: clashes, when: ["starter:web", "none-of starter:loud, starter:quiet"], BECAUSE }
          - { id: first, kind: clashes, when: ["first-of drivers is starter:driver-b"], BECAUSE }
          - { id: trait, kind: needs, when: ["no trait:wet"], one-of: ["trait:wet"], BECAUSE }
          - { id: standard, kind: clashes, when: ["standard:tide [2,)", "no standard:tide (,2)"], BECAUSE }
        orders:
          drivers: ["starter:driver-a", "starter:driver-b"]
        """
            .replace("BECAUSE", "because: So., evidence: [{ kind: pom, source: x }]");
    Edition edition =
        EditionLoader.load(
            name ->
                TestEdition.file(name)
                    .map(t -> name.equals("all.yaml") ? t + rules : t)
                    .map(t -> t.replace("verb: does quiet", "traits: [wet]\n    verb: does quiet"))
                    .map(
                        t ->
                            t.replace(
                                "line: 2.0,",
                                "line: 2.0, traits: [wet], standards: { tide: 2.1 },"))
                    .map(t -> t.replace("line: 1.0,", "line: 1.0, standards: { tide: 1.9 },")));

    assertThat(edition.rules())
        .filteredOn(
            rule -> List.of("any", "none", "first", "trait", "standard").contains(rule.id()))
        .extracting(rule -> rule.id() + rule.when())
        .containsExactly(
            "any[starter:driver-a, sample:none]",
            "any[starter:driver-b, sample:none]",
            "none[starter:web, no starter:loud, no starter:quiet]",
            "first[no starter:driver-a, starter:driver-b]",
            "trait[no framework:frame[2.0.3,2.0.4], no starter:quiet]",
            "standard[framework:frame[2.0.3,2.0.4], no framework:frame[1.0.9]]");
    assertThat(edition.rules())
        .filteredOn(rule -> rule.id().equals("trait"))
        .extracting(rule -> ((Rule.Needs) rule).oneOf().toString())
        .containsExactly("[framework:frame[2.0.3,2.0.4], starter:quiet]");
  }

  @Test
  void startersThatNeedEachOtherInACircleAreAFault() {
    String circle =
        "  - { id: a-b, kind: needs, when: [\"starter:driver-a\"], one-of: [\"starter:driver-b\"],"
            + " because: So., evidence: [{ kind: pom, source: x }] }\n"
            + "  - { id: b-a, kind: needs, when: [\"starter:driver-b\"], one-of:"
            + " [\"starter:driver-a\"], because: So., evidence: [{ kind: pom, source: x }] }\n";
    InvalidEdition e = catchThrowableOfType(InvalidEdition.class, () -> with(circle));

    assertThat(e.faults().toString()).contains("driver-a", "driver-b").contains("all.yaml:");
  }

  @Test
  void aStarterThatCanNeverBeHadIsAContradiction() {
    Edition edition =
        with(
            "  - { id: never, kind: needs, when: [\"starter:loud\"], one-of: [\"starter:quiet\"],"
                + " because: It wants company., evidence: [{ kind: pom, source: x }] }\n");

    assertThat(Verdicts.contradictions(edition))
        .singleElement()
        .asString()
        .contains("loud", "It wants company.");
    assertThat(Verdicts.contradictions(TestEdition.load())).isEmpty();
  }

  /** The dispatcher of servlets lies there without what it extends, and cannot be loaded. */
  @Test
  void aWayOfServingResultsOnlyWhereAllOfItIsThere() {
    Stack servlet = new Stack("servlet", "", List.of("a:dispatcher", "a:other"), List.of("b:api"));

    assertThat(servlet.isOf(Set.of("a:other", "b:api"))).isTrue();
    assertThat(servlet.isOf(Set.of("a:dispatcher", "a:other"))).isFalse();
    assertThat(servlet.isOf(Set.of("b:api"))).isFalse();
    assertThat(new Stack("any", "", List.of("a:other"), List.of()).isOf(Set.of("a:other")))
        .isTrue();
  }
}
