package vividtrellis.core.compat.judging;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.IdList;
import vividtrellis.core.brief.Names;
import vividtrellis.core.catalog.Contribution;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Rule;
import vividtrellis.core.compat.Axis;
import vividtrellis.core.compat.Lattice;
import vividtrellis.core.compat.Selection;
import vividtrellis.core.compat.SuitableJdks;
import vividtrellis.core.compat.Verdict;
import vividtrellis.core.compat.Verdict.Finding;
import vividtrellis.core.compat.Verdict.Remedy;
import vividtrellis.core.compat.Verdict.Severity;
import vividtrellis.core.compat.encoding.Assumption;
import vividtrellis.core.compat.encoding.Assumptions;
import vividtrellis.core.compat.encoding.CompiledEdition;
import vividtrellis.core.compat.feasibility.Desk;
import vividtrellis.core.compat.feasibility.Feasibility;
import vividtrellis.core.compat.feasibility.Offers;
import vividtrellis.core.compat.finding.Change;
import vividtrellis.core.compat.finding.Completion;
import vividtrellis.core.compat.finding.Licences;
import vividtrellis.core.compat.finding.NameCheckCache;
import vividtrellis.core.compat.finding.PendingFinding;
import vividtrellis.core.compat.finding.Sentences;
import vividtrellis.core.compat.lattice.LatticeBuilder;
import vividtrellis.core.compat.repair.RepairSearch;
import vividtrellis.core.compat.rules.Rules;
import vividtrellis.core.compat.rules.StackRules;

/**
 * The door of this room: a brief and an edition give a verdict. Pure and complete: everything that
 * is wrong is told together, and nothing is thrown for what a brief says. Safe for use by many
 * threads.
 */
public final class Verdicts {

  /**
   * Blockers, and lighter findings, that are told; a brief of nothing else is hardly read further.
   */
  private static final int MOST_TOLD = 40;

  private final CompiledEdition compiled;
  private final NameCheckCache nameChecks;

  /** For one edition; its rules are prepared once. */
  public Verdicts(Edition edition) {
    this(edition, List.of(), List.of(edition.id()));
  }

  /**
   * For one edition and rules that come on top of its own, such as a team's.
   *
   * @param more have ids of their own, and speak of options of the edition
   * @param editions ids of all editions that a brief can pin here
   */
  public Verdicts(Edition edition, List<Rule> more, List<String> editions) {
    this(edition, more, editions, true);
  }

  /** The same, where searches may have no quick looks: they change no answer. */
  Verdicts(Edition edition, List<Rule> more, List<String> editions, boolean quickLooks) {
    this.compiled = new CompiledEdition(edition, Rules.of(edition, more), editions, quickLooks);
    Set<String> keys = new HashSet<>();
    edition
        .options()
        .flatMap(option -> option.bindings().stream())
        .map(Contribution::artifacts)
        .forEach(artifacts -> artifacts.forEach(artifact -> keys.add(artifact.key())));
    this.nameChecks = new NameCheckCache(edition, Set.copyOf(keys), new Licences(edition));
  }

  /** The edition that is judged by. */
  public Edition edition() {
    return compiled.edition();
  }

  /**
   * Judges a brief.
   *
   * @param year what the year is filled in with, if it is not picked
   */
  public Verdict judge(Brief brief, int year) {
    return judge(brief, year, true);
  }

  /**
   * Judges a brief for its project alone: as {@link #judge(Brief, int)}, but with no offers, which
   * take longer than all else.
   */
  public Verdict settle(Brief brief, int year) {
    return judge(brief, year, false);
  }

  private Verdict judge(Brief brief, int year, boolean offering) {
    try (Desk desk = new Desk()) {
      return judge(brief, year, offering, desk);
    }
  }

  private Verdict judge(Brief brief, int year, boolean offering, Desk desk) {
    Assumptions assumptions = new Assumptions(brief, compiled);
    CheckSession session = new CheckSession(compiled, nameChecks, desk);
    Optional<Selection> selection = session.selection(brief, assumptions);
    List<PendingFinding> blockers = session.blockers(brief, assumptions);
    RepairSearch remedies =
        new RepairSearch(
            compiled, session, blockers.size(), () -> session.standingTroubles(assumptions));
    List<Finding> findings = new ArrayList<>();
    List<Remedy> known = List.of();
    for (PendingFinding pending : told(blockers)) {
      List<Remedy> ways = remedies.from(brief, pending.candidates());
      known = known.isEmpty() ? ways : known;
      findings.add(pending.finding(ways));
    }
    // Each way leaves no blocker at all, so those of one help where no shorter one of its own was
    // found.
    List<Remedy> all = known;
    findings.replaceAll(each -> each.remedies().isEmpty() ? each.with(all) : each);
    Selection near = selection.orElseGet(() -> session.nearest(assumptions));
    List<PendingFinding> advisories =
        Advisories.of(brief, assumptions.all(), near, session.remarks(brief), compiled);
    for (PendingFinding pending : told(advisories)) {
      List<Change> changes = blockers.isEmpty() ? pending.candidates() : List.of();
      findings.add(
          pending.finding(
              remedies.atOnce(
                  brief,
                  changes,
                  changed ->
                      pending
                          .rule()
                          .map(rule -> session.clears(rule, changed))
                          .orElseGet(() -> session.fits(changed)))));
    }
    findings.sort(Comparator.comparing(Finding::severity));
    int untold = untold(blockers) + untold(advisories);
    if (untold > 0) {
      Map<String, String> args = Map.of("count", Integer.toString(untold));
      findings.add(
          PendingFinding.plain(Severity.NOTE, "more-findings", List.of(), args, List.of())
              .finding(List.of()));
    }
    List<Verdict.Offer> offers =
        offering ? Offers.of(assumptions.all(), compiled, desk) : List.of();
    String reach = edition().reach().id();
    if (!blockers.isEmpty() || selection.isEmpty()) {
      return new Verdict(
          edition().id(),
          reach,
          brief,
          Optional.empty(),
          Optional.empty(),
          Optional.empty(),
          Optional.empty(),
          List.of(),
          findings,
          offers);
    }
    Names names = Names.of(brief, nameChecks.taken(selection.get()));
    Completion completion = new Completion(brief, selection.get(), names, edition(), year);
    return new Verdict(
        edition().id(),
        reach,
        completion.brief(),
        selection,
        selection.map(each -> SuitableJdks.of(each, edition(), compiled.ofJdks())),
        Optional.of(names),
        selection.flatMap(each -> serving(brief, each)),
        completion.filledIn(),
        findings,
        offers);
  }

  private static List<PendingFinding> told(List<PendingFinding> pending) {
    return pending.subList(0, Math.min(MOST_TOLD, pending.size()));
  }

  private static int untold(List<PendingFinding> pending) {
    return Math.max(0, pending.size() - MOST_TOLD);
  }

  private Optional<Verdict.Serving> serving(Brief brief, Selection selection) {
    return StackRules.of(selection, edition())
        .map(
            each ->
                new Verdict.Serving(
                    each.stack().id(),
                    each.stack().label(),
                    each.starters().stream()
                        .map(id -> IdList.STARTERS.pointer(brief, id))
                        .toList()));
  }

  /** The grid of framework lines by Java levels that the picks leave. */
  public Lattice lattice(Brief brief) {
    Assumptions assumptions = new Assumptions(brief, compiled);
    try (Desk desk = new Desk()) {
      CheckSession session = new CheckSession(compiled, nameChecks, desk);
      return LatticeBuilder.of(
          assumptions.all(), session.selection(brief, assumptions), compiled, desk);
    }
  }

  /**
   * What is wrong with an edition that only the rules together show: starters and lines that can
   * never be had.
   *
   * @return a sentence each; empty for a sound edition
   */
  public static List<String> contradictions(Edition edition) {
    CompiledEdition compiled =
        new CompiledEdition(edition, Rules.of(edition, List.of()), List.of(), true);
    try (Desk desk = new Desk()) {
      return contradictions(compiled, new Feasibility(List.of(), compiled, desk));
    }
  }

  private static List<String> contradictions(CompiledEdition compiled, Feasibility reach) {
    if (reach.model().isEmpty()) {
      return List.of(
          Sentences.say("edition-empty", Map.of("because", Sentences.because(reach.reasons()))));
    }
    Stream<String> starters =
        compiled.edition().starters().stream()
            .filter(each -> !reach.bears(compiled.switchOf("starter", each.id()).orElseThrow()))
            .map(
                each ->
                    Sentences.say(
                        "edition-never",
                        Map.of(
                            "value", each.id(),
                            "because",
                                Sentences.because(
                                    reach.reasons(
                                        compiled.switchOf("starter", each.id()).orElseThrow())))));
    Stream<String> columns =
        compiled.columns().stream()
            .filter(
                column ->
                    reach
                        .with(new Assumption("", Map.of(Axis.FRAMEWORK, column.values()), -1))
                        .isEmpty())
            .map(
                column ->
                    Sentences.say("edition-never", Map.of("value", column.word(), "because", "")));
    return Stream.concat(starters, columns).toList();
  }
}
