package vividtrellis.core.compat.judging;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.BitSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import vividtrellis.core.TestEdition;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.EditionLoader;
import vividtrellis.core.catalog.Options.Starter;
import vividtrellis.core.compat.Axis;
import vividtrellis.core.compat.Verdict;
import vividtrellis.core.compat.Verdict.FilledIn;
import vividtrellis.core.compat.Verdict.Finding;
import vividtrellis.core.compat.Verdict.Offer;
import vividtrellis.core.compat.Verdict.PatchOp;
import vividtrellis.core.compat.Verdict.Remedy;
import vividtrellis.core.compat.Verdict.Severity;
import vividtrellis.core.compat.encoding.Assumption;

class VerdictsTest {

  private static final Brief NAMED = Brief.empty().with(Key.NAME, "tide-board");
  private final Verdicts verdicts = new Verdicts(TestEdition.load());

  private Verdict judge(Brief brief) {
    return verdicts.judge(brief, 2026);
  }

  private static Finding finding(Verdict verdict, String rule) {
    return verdict.findings().stream()
        .filter(f -> f.rule().equals(rule))
        .findFirst()
        .orElseThrow(() -> new AssertionError(rule + " is not among " + verdict.findings()));
  }

  @Test
  void fillsInStableBeforeNewerAndLongTermBeforeOthers() {
    Verdict verdict = judge(NAMED);

    assertThat(verdict.fits()).isTrue();
    assertThat(verdict.brief().get(Key.FRAMEWORK)).contains("frame@2.0.4");
    assertThat(verdict.brief().get(Key.LANGUAGE)).contains("java@21");
    assertThat(verdict.brief().get(Key.JDK)).contains("21");
    assertThat(verdict.brief().get(Key.SAMPLE)).contains("none");
    assertThat(verdict.brief().get(Key.YEAR)).contains("2026");
    assertThat(verdict.filledIn()).allSatisfy(f -> assertThat(f.because()).isNotBlank());
    assertThat(judge(verdict.brief()).filledIn()).isEmpty();
    assertThat(judge(verdict.brief()).brief()).isEqualTo(verdict.brief());
    assertThat(judge(NAMED.withStarters(List.of("web"))).brief().get(Key.SAMPLE))
        .contains("endpoint");
  }

  /** Searches go from one answer to the next; whoever has them before changes none. */
  @Test
  void manyThreadsGetTheAnswersThatOneGets() {
    List<String> starters = TestEdition.load().starters().stream().map(Starter::id).toList();
    List<Brief> briefs =
        IntStream.range(0, 1 << Math.min(6, starters.size()))
            .mapToObj(
                set ->
                    IntStream.range(0, starters.size())
                        .filter(i -> (set >> i & 1) == 1)
                        .mapToObj(starters::get)
                        .toList())
            .map(NAMED::withStarters)
            .toList();
    List<Verdict> alone =
        briefs.stream().map(b -> new Verdicts(TestEdition.load()).judge(b, 2026)).toList();

    for (int round = 0; round < 5; round++) {
      assertThat(briefs.parallelStream().map(this::judge).toList()).isEqualTo(alone);
    }
  }

  @Test
  void whatAPinNarrowsComesInTheOrderOfTheAxesInEveryVirtualMachine() {
    Map<Axis, BitSet> narrowed = new LinkedHashMap<>();
    List<Axis> axes = List.of(Axis.values());
    for (int i = axes.size() - 1; i >= 0; i--) {
      narrowed.put(axes.get(i), new BitSet());
    }

    assertThat(new Assumption("", narrowed, -1).narrowed().keySet())
        .containsExactlyElementsOf(axes);
  }

  @Test
  void aPinIsKeptAndTheRestGivesWay() {
    Verdict verdict = judge(NAMED.withStarters(List.of("old")).with(Key.JDK, "17"));

    assertThat(verdict.brief().get(Key.FRAMEWORK)).contains("frame@1.0.9");
    assertThat(verdict.brief().get(Key.LANGUAGE)).contains("java@17");
    assertThat(verdict.filledIn()).extracting(FilledIn::pick).doesNotContain("/jdk", "/starters");
  }

  @Test
  void aMissingNeedIsABlockerWithVerifiedWaysOut() {
    Verdict verdict = judge(NAMED.withStarters(List.of("web", "store")));
    Finding finding = finding(verdict, "store-needs-driver");

    assertThat(verdict.fits()).isFalse();
    assertThat(verdict.brief()).isEqualTo(NAMED.withStarters(List.of("web", "store")));
    assertThat(finding.severity()).isEqualTo(Severity.BLOCKER);
    assertThat(finding.picks()).containsExactly("/starters/1");
    assertThat(finding.remedies())
        .extracting(Remedy::patch)
        .containsExactly(
            List.of(new PatchOp("add", "/starters/-", "driver-a")),
            List.of(new PatchOp("add", "/starters/-", "driver-b")),
            List.of(new PatchOp("remove", "/starters/1", null)));
    assertThat(finding.remedies()).allMatch(remedy -> judge(remedy.result()).fits());
  }

  @Test
  void everyWayOutOfSeveralBlockersLeavesNone() {
    Brief brief =
        NAMED
            .with(Key.NAME, "3 Piers")
            .with(Key.FRAMEWORK, "frame@1.0")
            .with(Key.LANGUAGE, "java@26")
            .withStarters(List.of("store", "loud", "quiet", "wbe"));
    Verdict verdict = judge(brief);

    assertThat(verdict.findings())
        .extracting(Finding::rule)
        .contains(
            "name-leading-digit",
            "level-26-needs-frame-2",
            "store-needs-driver",
            "loud-and-quiet",
            "unknown-id");
    assertThat(finding(verdict, "level-26-needs-frame-2").picks())
        .containsExactlyInAnyOrder("/language", "/framework");
    assertThat(verdict.findings())
        .filteredOn(finding -> finding.severity() == Severity.BLOCKER)
        .allSatisfy(
            finding -> {
              assertThat(finding.remedies()).isNotEmpty();
              assertThat(finding.remedies()).allMatch(remedy -> judge(remedy.result()).fits());
            });
  }

  @Test
  void unknownIdsAndVersionsAreFindingsWithTheNearest() {
    Verdict verdict =
        judge(
            NAMED
                .with(Key.FRAMEWORK, "frame@1.5")
                .with(Key.LANGUAGE, "jawa@21")
                .with(Key.EDITION, "1999-01")
                .withStarters(List.of("storr", "driver-a")));

    assertThat(finding(verdict, "unknown-version").because())
        .contains("1.5", "3.0, 2.0, 1.0".substring(5));
    assertThat(finding(verdict, "unknown-edition").picks()).containsExactly("/edition");
    List<Finding> ids =
        verdict.findings().stream().filter(f -> f.rule().equals("unknown-id")).toList();
    assertThat(ids).extracting(f -> f.picks().get(0)).containsExactly("/language", "/starters/0");
    assertThat(ids.get(1).because()).contains("storr", "store");
  }

  @Test
  void aRetiredIdSaysWhatBecameOfIt() {
    String retired = "retired:\n  boat: web\n  raft: Nobody crossed on it.\n";
    Edition edition =
        EditionLoader.load(
            name -> TestEdition.file(name).map(t -> name.equals("all.yaml") ? t + retired : t));
    Verdicts theirs = new Verdicts(edition);
    Verdict verdict = theirs.judge(NAMED.withStarters(List.of("boat", "raft")), 2026);

    Finding boat = finding(verdict, "retired-id");
    assertThat(boat.because()).contains("boat", "web");
    assertThat(boat.remedies().get(0).result().starters()).contains("web").doesNotContain("boat");
    Finding raft = finding(verdict, "retired-id-gone");
    assertThat(raft.because()).contains("raft", "Nobody crossed on it.");
    assertThat(raft.remedies()).allMatch(way -> !way.result().starters().contains("raft"));
    assertThat(boat.remedies()).allMatch(way -> theirs.judge(way.result(), 2026).fits());
  }

  @Test
  void whatIsOnlyPlannedFitsAndCannotBeWritten() {
    Edition edition =
        EditionLoader.load(
            name ->
                TestEdition.file(name)
                    .map(t -> t.replace("id: web\n", "id: web\n    planned: yes\n")));
    Verdict verdict = new Verdicts(edition).judge(NAMED.withStarters(List.of("web")), 2026);

    assertThat(verdict.fits()).isTrue();
    assertThat(verdict.isWritable()).isFalse();
    assertThat(finding(verdict, Verdict.NOT_WRITTEN_YET).picks()).containsExactly("/starters/0");
  }

  @Test
  void anEnormousBriefAndAnEmptyOneAreJudgedToo() {
    List<String> all = IntStream.range(0, 400).mapToObj(i -> i % 2 == 0 ? "web" : "store").toList();
    Verdict enormous = judge(NAMED.withStarters(all));

    assertThat(finding(enormous, "store-needs-driver").picks()).containsExactly("/starters/1");
    assertThat(judge(Brief.empty()).findings())
        .extracting(Finding::rule)
        .containsExactly("name-missing");
    assertThat(judge(Brief.empty()).findings().get(0).remedies())
        .allMatch(way -> judge(way.result()).fits());
  }

  @Test
  void manyBlockersAreToldUpToABoundAndWaysOutStayBounded() {
    List<String> some = IntStream.range(0, 20).mapToObj(i -> "nothing" + i).toList();
    List<String> many = IntStream.range(0, 200).mapToObj(i -> "nothing" + i).toList();

    Verdict told = judge(NAMED.withStarters(some));
    assertThat(told.findings()).hasSize(20);
    assertThat(told.findings().get(0).remedies()).hasSize(1);
    assertThat(told.findings().get(0).remedies().get(0).patch()).hasSize(20);
    assertThat(judge(told.findings().get(0).remedies().get(0).result()).fits()).isTrue();
    List<Finding> first = judge(NAMED.withStarters(many)).findings();
    assertThat(first).hasSize(41).allMatch(finding -> finding.remedies().isEmpty());
    assertThat(first.get(40).because()).startsWith("160 more findings");
  }

  @Test
  void levelAndJvmAreTheSameThing() {
    assertThat(judge(NAMED.with(Key.JVM, "17")).brief().get(Key.LANGUAGE)).contains("java@17");
    Finding finding =
        finding(judge(NAMED.with(Key.JVM, "17").with(Key.LANGUAGE, "java@21")), "picks-differ");
    assertThat(finding.remedies())
        .extracting(r -> r.result().get(Key.LANGUAGE))
        .containsExactly(
            Optional.of("java@21"),
            Optional.of("java@17"),
            Optional.empty(),
            Optional.of("java@21"));
  }

  @Test
  void cautionsDoNotBlock() {
    Verdict verdict = judge(NAMED.withStarters(List.of("driver-a", "web", "web")));

    assertThat(verdict.fits()).isTrue();
    assertThat(finding(verdict, "driver-wants-store").severity()).isEqualTo(Severity.CAUTION);
    assertThat(finding(verdict, "driver-wants-store").remedies().get(0).result().starters())
        .contains("store");
    assertThat(finding(verdict, "starter-twice").picks()).containsExactly("/starters/2");
  }

  @Test
  void offersSayWhatCanBeHadWithTheOtherPins() {
    Verdict verdict = judge(NAMED.with(Key.LANGUAGE, "java@26").withStarters(List.of("loud")));

    assertThat(offer(verdict, "starter", "store").possible()).isTrue();
    assertThat(offer(verdict, "starter", "quiet").because()).isEqualTo("One shouts, one whispers.");
    assertThat(offer(verdict, "framework", "frame@1.0").because()).contains("cannot read Java 26");
    assertThat(offer(verdict, "language", "java@17").possible()).isTrue();
    assertThat(offer(verdict, "starter", "old").possible()).isFalse();
  }

  private static Offer offer(Verdict verdict, String kind, String id) {
    return verdict.offers().stream()
        .filter(o -> o.kind().equals(kind) && o.id().equals(id))
        .findFirst()
        .orElseThrow();
  }
}
