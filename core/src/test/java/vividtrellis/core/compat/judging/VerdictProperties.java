package vividtrellis.core.compat.judging;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.catalog.Options.Starter;
import vividtrellis.core.compat.Lattice;
import vividtrellis.core.compat.Lattice.Cell;
import vividtrellis.core.compat.Selection;
import vividtrellis.core.compat.Verdict;
import vividtrellis.core.compat.Verdict.Finding;
import vividtrellis.core.compat.Verdict.Offer;
import vividtrellis.core.compat.Verdict.Remedy;
import vividtrellis.core.compat.Verdict.Severity;
import vividtrellis.core.compat.finding.Change;

/** Holds verdicts on small catalogs against trying every selection. */
class VerdictProperties {

  @Property(tries = 1200)
  void aVerdictIsWhatTryingEverySelectionGives(@ForAll @IntRange int seed) {
    Drawn drawn = new Drawn(seed);
    Brief brief = drawn.brief();

    Verdict verdict = new Verdicts(drawn.edition).judge(brief, 2026);

    Optional<Selection> expected = drawn.first(brief, false);
    assertThat(verdict.fits()).isEqualTo(expected.isPresent());
    verdict.selection().ifPresent(found -> noneIsBetter(found, drawn, brief));
    for (Offer offer : verdict.offers()) {
      with(brief, offer)
          .ifPresent(
              with ->
                  assertThat(offer.possible())
                      .as("%s %s", offer, brief)
                      .isEqualTo(drawn.first(with, true).isPresent()));
      assertThat(offer.possible()).isEqualTo(offer.because() == null);
    }
  }

  /** What is filled in meets no caution that can be avoided, and is the most preferred of those. */
  private static void noneIsBetter(Selection found, Drawn drawn, Brief brief) {
    Set<String> met = drawn.cautions(found);
    for (Selection other : drawn.all(brief)) {
      Set<String> others = drawn.cautions(other);
      assertThat(met.containsAll(others) && !others.equals(met))
          .as("%s has fewer cautions than %s for %s", other, found, brief)
          .isFalse();
      if (met.equals(others)) {
        assertThat(found).as("the first with %s for %s", met, brief).isEqualTo(other);
        return;
      }
    }
  }

  @Property(tries = 300)
  void aLatticeIsWhatTryingEverySelectionGives(@ForAll @IntRange int seed) {
    Drawn drawn = new Drawn(seed);
    Brief brief = drawn.brief();
    Lattice lattice = new Verdicts(drawn.edition).lattice(brief);

    assertThat(lattice.cells()).hasSize(lattice.columns().size() * lattice.rows().size());
    Optional<Cell> here =
        lattice.cells().stream().filter(Cell::picked).filter(Cell::isPossible).findFirst();
    for (Cell cell : lattice.cells()) {
      boolean expected = reaches(drawn, brief, cell);
      assertThat(cell.isPossible()).as("%s %s", cell, brief).isEqualTo(expected);
      assertThat(cell.because() == null).isEqualTo(cell.state() == Lattice.State.POSSIBLE);
      if (expected && here.isPresent()) {
        assertThat(cell.gain().starters()).isEqualTo(more(drawn, brief, cell, here.get()));
        assertThat(cell.lose().starters()).isEqualTo(more(drawn, brief, here.get(), cell));
      }
    }
    new Verdicts(drawn.edition)
        .judge(brief, 2026)
        .selection()
        .ifPresent(
            selection ->
                assertThat(here)
                    .hasValueSatisfying(
                        cell -> {
                          assertThat(selection.jvm().text()).isEqualTo("" + cell.jvm());
                          assertThat(selection.frameworkVersion().line()).isEqualTo(cell.line());
                          assertThat(cell.state() == Lattice.State.CAUTION)
                              .as("%s %s", cell, brief)
                              .isEqualTo(drawn.isToldAtJoint(selection));
                        }));
  }

  /** A joint at which a solution of its neighbour, looked at too quickly, kept a closed value. */
  @Example
  void aLatticeTakesNoClosedValueFromItsNeighbour() {
    aLatticeIsWhatTryingEverySelectionGives(318968);
  }

  private static boolean reaches(Drawn drawn, Brief brief, Cell cell) {
    return drawn.reaches(brief, cell.line(), Integer.toString(cell.jvm()));
  }

  /** The starters that can be added at one joint and not at another. */
  private static List<String> more(Drawn drawn, Brief brief, Cell at, Cell notAt) {
    return drawn.edition.starters().stream()
        .map(Starter::id)
        .filter(id -> reaches(drawn, brief.withStarters(with(brief, id)), at))
        .filter(id -> !reaches(drawn, brief.withStarters(with(brief, id)), notAt))
        .toList();
  }

  private static List<String> with(Brief brief, String starter) {
    Set<String> starters = new LinkedHashSet<>(brief.starters());
    starters.add(starter);
    return List.copyOf(starters);
  }

  @Property(tries = 300)
  void quickLooksChangeNoAnswer(@ForAll @IntRange int seed) {
    Drawn drawn = new Drawn(seed);
    Brief brief = drawn.brief();
    List<String> ids = List.of(drawn.edition.id());
    Verdicts looking = new Verdicts(drawn.edition, List.of(), ids, true);
    Verdicts blind = new Verdicts(drawn.edition, List.of(), ids, false);

    assertThat(blind.judge(brief, 2026)).isEqualTo(looking.judge(brief, 2026));
    assertThat(blind.lattice(brief)).isEqualTo(looking.lattice(brief));
  }

  /** A joint where two cautions can each be had without the other, so that looks disagreed. */
  @Example
  void quickLooksTradeNoCautionForAnother() {
    quickLooksChangeNoAnswer(5360);
  }

  @Property(tries = 300)
  void noWayOutIsLongerThanItMustBe(@ForAll @IntRange int seed) {
    Drawn drawn = new Drawn(seed);
    Brief brief = drawn.brief();
    Verdicts verdicts = new Verdicts(drawn.edition);
    List<Finding> findings = verdicts.judge(brief, 2026).findings();
    List<Finding> blockers =
        findings.stream().filter(finding -> finding.severity() == Severity.BLOCKER).toList();
    Set<String> before = new HashSet<>(cautions(findings));
    List.of(Key.NAME, Key.FRAMEWORK, Key.LANGUAGE, Key.PACKAGING)
        .forEach(key -> before.addAll(drawn.certain(brief, key)));
    boolean oneIsEnough =
        drawn.neighbours(brief).stream().anyMatch(other -> drawn.first(other, false).isPresent());
    for (Finding blocker : blockers) {
      int shortest = blocker.remedies().stream().mapToInt(r -> r.patch().size()).min().orElse(0);
      if (blockers.size() == 1 && oneIsEnough) {
        assertThat(shortest).as("%s of %s", blocker, brief).isEqualTo(1);
      }
      assertThat(blocker.remedies())
          .as("those into trouble last, those that keep all picks first, then the shortest")
          .isSortedAccordingTo(
              Comparator.comparing((Remedy remedy) -> isTroubled(remedy, before, verdicts))
                  .thenComparing(VerdictProperties::letsGo)
                  .thenComparingInt(remedy -> remedy.patch().size()));
      assertThat(blocker.remedies()).extracting(Remedy::result).doesNotHaveDuplicates();
    }
  }

  private static boolean isTroubled(Remedy remedy, Set<String> before, Verdicts verdicts) {
    Set<String> after = cautions(verdicts.judge(remedy.result(), 2026).findings());
    boolean moved =
        remedy.patch().stream()
            .anyMatch(each -> each.path().equals("/framework") && !each.op().equals("remove"));
    boolean unreliable = after.contains("past-support") || after.contains("pre-release");
    return !before.containsAll(after) || (moved && unreliable);
  }

  private static Set<String> cautions(List<Finding> findings) {
    return findings.stream()
        .filter(finding -> finding.severity() == Severity.CAUTION)
        .map(Finding::rule)
        .collect(Collectors.toSet());
  }

  private static boolean letsGo(Remedy remedy) {
    return remedy.patch().stream().anyMatch(operation -> operation.op().equals("remove"));
  }

  private static Optional<Brief> with(Brief brief, Offer offer) {
    return switch (offer.kind()) {
      case "starter" -> Optional.of(brief.withStarters(with(brief, offer.id())));
      case "framework", "language", "packaging" ->
          Optional.of(brief.with(Key.of(offer.kind()).orElseThrow(), offer.id()));
      default -> Optional.empty();
    };
  }

  /** Of three blockers, one had no way out of its own: too much had to go with it. */
  @Example
  void aWayOutOfOneBlockerIsOneOutOfAll() {
    everyConflictIsIrreducibleAndEveryWayOutIsValidAndMinimal(47109);
  }

  @Property(tries = 300)
  void everyConflictIsIrreducibleAndEveryWayOutIsValidAndMinimal(@ForAll @IntRange int seed) {
    Drawn drawn = new Drawn(seed);
    Brief brief = drawn.brief();
    Verdicts verdicts = new Verdicts(drawn.edition);
    for (Finding finding : verdicts.judge(brief, 2026).findings()) {
      if (finding.severity() != Severity.BLOCKER) {
        continue;
      }
      assertThat(finding.picks()).isNotEmpty();
      for (String pick : finding.picks()) {
        assertThat(verdicts.judge(without(brief, pick), 2026).findings())
            .as("%s without %s", brief, pick)
            .noneMatch(
                f ->
                    f.rule().equals(finding.rule())
                        && f.because().equals(finding.because())
                        && named(f, without(brief, pick)).equals(named(finding, brief)));
      }
      assertThat(finding.remedies())
          .as("%s of %s", finding, brief)
          .isNotEmpty()
          .hasSizeLessThanOrEqualTo(5);
      finding
          .remedies()
          .forEach(
              remedy -> {
                assertThat(verdicts.judge(remedy.result(), 2026).fits()).isTrue();
                assertThat(remedy.patch()).isNotEmpty();
              });
    }
  }

  /** The picks of a finding by what they pick, since places in a list move. */
  private static Set<String> named(Finding finding, Brief brief) {
    Set<String> names = new HashSet<>();
    for (String pick : finding.picks()) {
      names.add(
          pick.startsWith("/starters/")
              ? brief.starters().get(Integer.parseInt(pick.substring(10)))
              : pick);
    }
    return names;
  }

  private static Brief without(Brief brief, String pick) {
    if (!pick.startsWith("/starters/")) {
      return new Change.Remove(Key.of(pick.substring(1)).orElseThrow()).apply(brief);
    }
    List<String> left = new ArrayList<>(brief.starters());
    left.remove(Integer.parseInt(pick.substring(10)));
    return brief.withStarters(left);
  }

  @Property(tries = 200)
  void theOrderOfPicksChangesNoVerdict(@ForAll @IntRange int seed) {
    Drawn drawn = new Drawn(seed);
    Brief brief = drawn.brief();
    List<String> turned = new ArrayList<>(brief.starters());
    Collections.reverse(turned);
    Verdicts verdicts = new Verdicts(drawn.edition);

    Verdict one = verdicts.judge(brief, 2026);
    Verdict other = verdicts.judge(brief.withStarters(turned), 2026);

    assertThat(other.brief().texts()).isEqualTo(one.brief().texts());
    assertThat(other.offers()).isEqualTo(one.offers());
    assertThat(verdicts.judge(brief, 2026)).as("asked again").isEqualTo(one);
  }
}
