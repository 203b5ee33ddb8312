package vividtrellis.catalog;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.brief.PickWords;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Evidence;
import vividtrellis.core.catalog.Options.Option;
import vividtrellis.core.catalog.Reach;
import vividtrellis.core.catalog.Rule;
import vividtrellis.core.catalog.Saying;
import vividtrellis.core.catalog.Term;
import vividtrellis.core.compat.Lattice.Cell;
import vividtrellis.core.compat.Verdict;
import vividtrellis.core.compat.Verdict.Finding;
import vividtrellis.core.compat.Verdict.Remedy;
import vividtrellis.core.compat.Verdict.Severity;
import vividtrellis.core.compat.judging.Verdicts;

/** What the shipped edition says of picks that people make, through the door of the engine. */
class ShippedVerdictsTest {

  private final Edition edition = ShippedEdition.load();
  private final Verdicts verdicts = new Verdicts(edition);

  /** From picks as they are typed after {@code vivid check}. */
  private Brief brief(String words) {
    List<String> extras = edition.extras().stream().map(Option::id).toList();
    Brief brief = Brief.empty().with(Key.NAME, "berth-booking");
    for (String word : words.strip().split(" ", -1)) {
      brief = PickWords.applyWord(brief, word, extras);
    }
    return brief;
  }

  private Verdict judge(String words) {
    return verdicts.judge(brief(words), 2026);
  }

  private static Optional<Finding> finding(Verdict verdict, String rule) {
    return verdict.findings().stream().filter(f -> f.rule().equals(rule)).findFirst();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "framework=spring-boot@4.1                      | java@25   | 25 | 25",
        "framework=spring-boot@3.5                      | java@25   | 25 | 25",
        "framework=spring-boot@3.5 language=kotlin      | kotlin@1.9.25 | 21 | 21",
        "framework=spring-boot@4.0 language=kotlin      | kotlin@2.2.21 | 21 | 21",
        "framework=spring-boot@4.1 language=kotlin      | kotlin@2.3.21 | 25 | 25",
        "framework=spring-boot@4.1 language=kotlin jvm=17 | kotlin@2.3.21 | 17 | 17",
        "framework=spring-boot@3.5.9 language=groovy    | groovy@4.0.29 | 25 | 25",
        "framework=spring-boot@4.0.7 language=groovy    | groovy@5.0.6  | 25 | 25",
        "jdk=17                                         | java@17   | 17 | 17",
        "language=java@17 jdk=25                        | java@17   | 17 | 25",
      })
  void theSeveralVersionsOfOneProjectAreFilledInApart(
      String words, String language, String jvm, String jdk) {
    Verdict verdict = judge(words);

    assertThat(verdict.fits()).as("%s", verdict.findings()).isTrue();
    assertThat(verdict.brief().get(Key.LANGUAGE)).contains(language);
    assertThat(verdict.brief().get(Key.JVM)).contains(jvm);
    assertThat(verdict.brief().get(Key.JDK)).contains(jdk);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "framework=spring-boot@3.4.7 language=java@26    | spring-boot-reader       | class-file",
        "language=kotlin@1.9.25 jdk=25                   | kotlin-before-2-1-jdk    |"
            + " recorded-build",
        "language=kotlin@2.2.21 jvm=25                   | kotlin-target            | class-file",
        "framework=spring-boot@4.1 language=kotlin@1.9.25| kotlin-before-2-1-metadata |"
            + " recorded-build",
        "framework=spring-boot@4.0 alongside=kotlin@2.0.21| alongside-kotlin-before-2-1-metadata |"
            + " recorded-build",
        "framework=spring-boot@4.1 build=gradle-kotlin@8.14.5 | gradle-for-spring-boot-4 | module",
        "framework=spring-boot@4.1 +server-undertow      | server-undertow-is-bound | bom",
        "+http-api +http-reactive +sql-orm               | sql-orm-needs-driver     |"
            + " recorded-build",
        "+sql-reactive +sql-orm +h2                      | sql-reactive-and-sql-orm |"
            + " class-file",
        "language=kotlin alongside=kotlin@2.3.21         | alongside-kotlin         |"
            + " documentation",
      })
  void whatDoesNotFitIsRefusedForAReasonThatRestsOnSomething(
      String words, String rule, String evidence) {
    Verdict verdict = judge(words);
    Finding finding = finding(verdict, rule).orElseThrow(() -> new AssertionError(verdict));

    assertThat(verdict.fits()).isFalse();
    assertThat(finding.severity()).isEqualTo(Severity.BLOCKER);
    assertThat(finding.because()).endsWith(".");
    assertThat(finding.evidence()).extracting(Evidence::kind).contains(evidence);
    assertThat(finding.remedies())
        .isNotEmpty()
        .allMatch(remedy -> verdicts.judge(remedy.result(), 2026).fits());
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "framework=spring-boot@3.4                   | past-support-estimated | caution | Go to"
            + " Spring Boot 4.1",
        "framework=spring-boot@4.0.0-RC2             | pre-release            | caution | Go to"
            + " Spring Boot 4.1",
        "framework=spring-boot@4.0                   | longer-supported-line  | note    | Go to"
            + " Spring Boot 4.1",
        "framework=quarkus@3.38                      | long-term-line        | note    | Go to"
            + " Quarkus 3.33",
        "framework=spring-boot@4.1 language=java@26  | longer-supported-level | note    | Use Java"
            + " 25",
        "framework=spring-boot@3.4 language=java@25  | spring-boot-mocks-of-code | caution | Go to"
            + " Spring Boot 4.1",
        "packaging=war framework=spring-boot@4.1 +http-api | packaging-standard | note   | ",
        "framework=spring-boot@4.1 +http-reactive +websocket | stack-differs | caution | Drop"
            + " WebSocket",
        "+websocket                                  | stack-results          | note    | ",
        "framework=spring-boot@4.1 +http-api +rsocket | rsocket-out-of-reach | caution | Go to"
            + " Spring Boot 4.0",
        "framework=spring-boot@3.5 language=kotlin@2.2.21 | kotlin-not-managed | caution | Use"
            + " Kotlin 1.9.25",
        "group=com.gmail.skipper                     | personal-mail-domain   | caution | Set group"
            + " to org.example",
        "+http-api +postgresql +h2 +sql-orm          | two-databases          | caution | Drop"
            + " PostgreSQL",
        "+postgresql                                 | driver-wants-access-postgresql | caution |"
            + " Add SQL directly",
      })
  void whatIsWorthKnowingIsSaidAndStopsNothing(
      String words, String rule, String severity, String remedy) {
    Verdict verdict = judge(words);
    Finding finding = finding(verdict, rule).orElseThrow(() -> new AssertionError(verdict));

    assertThat(verdict.fits()).as("%s", verdict.findings()).isTrue();
    assertThat(finding.severity().name()).isEqualToIgnoringCase(severity);
    if (remedy == null) {
      assertThat(finding.remedies()).isEmpty();
    } else {
      assertThat(finding.remedies()).extracting(Remedy::title).contains(remedy);
      Brief mended = finding.remedies().get(0).result();
      assertThat(finding(verdicts.judge(mended, 2026), rule)).isEmpty();
    }
    if (rule.equals(Verdict.NOT_WRITTEN_YET)) {
      assertThat(verdict.isWritable()).isFalse();
    }
  }

  @Test
  void anotherFrameworkKeepsWhatIsPickedAndSaysWhatItDoesNotKnow() {
    Brief before = brief("framework=spring-boot@4.1 +http-api +kafka +validation");
    for (String framework : List.of("micronaut", "quarkus", "javafx")) {
      Verdict there = verdicts.judge(before.with(Key.FRAMEWORK, framework), 2026);
      Finding unknown = finding(there, "kafka-is-bound").orElseThrow();

      assertThat(there.brief().starters()).isEqualTo(before.starters());
      assertThat(unknown.severity()).isEqualTo(Severity.BLOCKER);
      assertThat(unknown.remedies().get(0).title()).startsWith("Drop Kafka");
      assertThat(verdicts.judge(unknown.remedies().get(0).result(), 2026).isWritable()).isTrue();
    }
  }

  @Test
  void waysOutBeginWithTheGentlest() {
    Finding reader =
        finding(judge("framework=spring-boot@3.4.7 language=java@26"), "spring-boot-reader")
            .orElseThrow();

    List<String> titles = reader.remedies().stream().map(Remedy::title).toList();
    assertThat(titles.get(0)).as("a newer patch would be past support too").endsWith("4.1");
    assertThat(titles).doesNotHaveDuplicates();
  }

  @Test
  void aSlipIsMendedRatherThanDropped() {
    Finding slip = finding(judge("+http-api +sql-ormm"), "unknown-id").orElseThrow();
    List<String> titles = slip.remedies().stream().map(Remedy::title).toList();

    assertThat(titles.get(0))
        .startsWith("Use SQL by object mapping instead, and add ")
        .doesNotContain("Drop");
    assertThat(titles).contains("Drop sql-ormm");
    List<Boolean> intoCautions =
        slip.remedies().stream()
            .map(way -> finding(verdicts.judge(way.result(), 2026), "sql-orm-wants-migrations"))
            .map(Optional::isPresent)
            .toList();
    assertThat(intoCautions).as("%s", titles).contains(true).isSorted();
    assertThat(slip.remedies())
        .allMatch(remedy -> verdicts.judge(remedy.result(), 2026).fits())
        .extracting(Remedy::result)
        .doesNotHaveDuplicates();
  }

  @Test
  void whatOnlySilencesACautionIsNoWayOut() {
    Finding finding =
        finding(judge("+http-api +sql-orm +postgresql"), "sql-orm-wants-migrations").orElseThrow();

    assertThat(finding.remedies())
        .extracting(Remedy::title)
        .containsExactly(
            "Add Migrations with Flyway",
            "Add Migrations with Liquibase",
            "Drop SQL by object mapping");
  }

  /** What is accepted without a caution can be fetched; the newest patch of 4.1 lacks files. */
  @Test
  void whatIsFilledInIsWithinReach() {
    Verdict verdict = judge("framework=spring-boot@4.1 +http-reactive");
    Verdict without =
        new Verdicts(edition.reaching(Reach.NONE))
            .judge(brief("framework=spring-boot@4.1 +http-reactive"), 2026);

    assertThat(verdict.findings()).isEmpty();
    assertThat(without.brief().get(Key.FRAMEWORK)).contains("spring-boot@4.1.2");
    assertThat(verdict.brief().get(Key.FRAMEWORK))
        .isPresent()
        .isNotEqualTo(without.brief().get(Key.FRAMEWORK));
    assertThat(verdict.reach()).isNotEmpty().isEqualTo(edition.reach().id());
    assertThat(verdict.usedReach()).isEqualTo(verdict.reach());
    Verdict again = verdicts.judge(verdict.brief(), 2026);
    assertThat(again.usedReach()).as("all is picked, so it has no say").isEmpty();
    assertThat(judge("edition=2026-11+000000000000").findings())
        .extracting(Finding::rule)
        .containsExactly("unknown-reach");
    Brief whole = verdict.brief().with(Key.EDITION, "2026-11+000000000000");
    assertThat(verdicts.judge(whole, 2026).fits()).as("nothing is left to fill in").isTrue();
  }

  /** The gentlest would be an older line; but that one is past support. */
  @Test
  void aWayOutThatLeadsPastSupportStandsBehindOthers() {
    Finding finding =
        finding(
                judge("language=kotlin@1.9.25 framework=spring-boot@4.1"),
                "kotlin-before-2-1-metadata")
            .orElseThrow();
    List<String> titles = finding.remedies().stream().map(Remedy::title).toList();

    assertThat(titles.get(0)).isEqualTo("Use Kotlin 2.3.21");
    assertThat(titles).contains("Go to Spring Boot 3.5");
    assertThat(
            judge("language=kotlin@1.9.25 framework=spring-boot@3.5").jdks().orElseThrow().range())
        .isEqualTo("[21,25)");
  }

  /** At level 25, which would be filled in first, mocks fail on 3.4; without a driver too. */
  @Test
  void virtualThreadsAreFilledInWhereNothingSpeaksAgainstThem() {
    assertThat(judge("+http-api").brief().get(Key.THREADS)).contains("virtual");
    for (String words :
        List.of("+http-api language=java@21", "+http-reactive", "framework=none", "+kafka")) {
      assertThat(judge(words).brief().get(Key.THREADS)).as(words).isEmpty();
    }
    Verdict asked = judge("+http-api language=java@21 threads=virtual");
    assertThat(asked.findings()).isEmpty();
    assertThat(asked.brief().get(Key.JDK)).as("one that has them").contains("25");
    assertThat(judge("+http-api language=java@21 jdk=21 threads=virtual").findings())
        .extracting(Finding::rule, Finding::severity)
        .contains(tuple("virtual-threads-want-jdk-24", Severity.CAUTION));
    assertThat(judge("+http-api threads=green managementPort=0").findings())
        .extracting(Finding::rule)
        .contains("threads-unknown", "port-range");
  }

  /** Who picked a framework learns what it costs to stay, beside how to get all from another. */
  @Test
  void aFrameworkThatLacksSeveralStartersCanBeKept() {
    Verdict verdict = judge("framework=none +http-api +validation +pages-thymeleaf");
    List<Finding> unbound =
        verdict.findings().stream().filter(each -> each.rule().endsWith("-is-bound")).toList();

    assertThat(unbound).hasSize(3);
    assertThat(unbound)
        .allSatisfy(
            finding -> {
              List<Brief> results = finding.remedies().stream().map(Remedy::result).toList();
              assertThat(results.get(0).get(Key.FRAMEWORK)).contains("none");
              assertThat(results.get(0).starters()).isEmpty();
              assertThat(results).anyMatch(each -> each.starters().size() > 2);
              assertThat(finding.remedies())
                  .allMatch(remedy -> verdicts.judge(remedy.result(), 2026).fits());
            });
  }

  @Test
  void whatFillingInWouldAvoidIsNotToldOfABlockedBriefEither() {
    Verdict verdict = judge("framework=spring-boot@3.4 +sql-orm");

    assertThat(finding(verdict, "sql-orm-needs-driver")).isPresent();
    assertThat(finding(verdict, "spring-boot-mocks-of-code")).isEmpty();
  }

  @Test
  void aTeamsRulesJoinThoseOfTheEdition() {
    Rule house =
        new Rule.Clashes(
            "harbour-office-no-h2",
            List.of(Term.parse("starter:h2")),
            new Saying(
                "harbour-office-no-h2",
                Map.of(),
                "The Harbour office keeps its data in PostgreSQL."),
            List.of(new Evidence("documentation", "charter of the Harbour office")));
    Verdicts theirs = new Verdicts(edition, List.of(house), List.of(edition.id()));
    Verdict verdict = theirs.judge(brief("+sql-orm +h2"), 2026);

    assertThat(finding(verdict, "harbour-office-no-h2").orElseThrow().remedies())
        .isNotEmpty()
        .allMatch(remedy -> !remedy.result().starters().contains("h2"));
    assertThat(judge("+sql-orm +h2").fits()).isTrue();
    assertThat(verdict.offers())
        .filteredOn(offer -> offer.id().equals("h2"))
        .allMatch(offer -> !offer.possible());
  }

  @Test
  void theLatticeTellsThePriceOfALevel() {
    List<Cell> cells =
        verdicts.lattice(brief("framework=spring-boot@4.1 language=java@25")).cells();

    assertThat(cells).filteredOn(Cell::picked).singleElement().matches(Cell::isPossible);
    Cell older =
        cells.stream().filter(c -> c.line().equals("3.5") && c.jvm() == 17).findFirst().get();
    assertThat(older.gain().starters()).contains("server-undertow");
    assertThat(older.lose().starters()).contains("grpc-server").doesNotContain("http-api");
    assertThat(cells)
        .filteredOn(c -> c.line().equals("4.1") && c.jvm() == 17)
        .singleElement()
        .satisfies(c -> assertThat(c.lose().starters()).containsExactly("sql-typed"));
    assertThat(cells)
        .filteredOn(c -> c.line().equals("3.4") && c.jvm() == 27)
        .singleElement()
        .satisfies(c -> assertThat(c.because()).contains("reads class files"));
  }

  @Test
  void everyOptionExplainsItselfAndCanBeHadSomehow() {
    assertThat(edition.starters()).hasSizeGreaterThanOrEqualTo(60);
    assertThat(edition.options())
        .allSatisfy(
            option -> {
              assertThat(option.about().summary()).as(option.id()).endsWith(".");
              assertThat(option.about().documentation()).startsWith("https://");
            });
    assertThat(Verdicts.contradictions(edition)).isEmpty();
  }
}
