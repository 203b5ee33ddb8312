package vividtrellis.core.compat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.BriefRules;
import vividtrellis.core.brief.Complaint;
import vividtrellis.core.brief.Key;
import vividtrellis.core.brief.Names;
import vividtrellis.core.catalog.Contribution;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Options.Option;
import vividtrellis.core.catalog.Rule;
import vividtrellis.core.catalog.Term;
import vividtrellis.core.compat.Solver.Fits;
import vividtrellis.core.compat.Solver.Outcome;
import vividtrellis.core.compat.Solver.Stuck;
import vividtrellis.core.compat.Verdict.Finding;
import vividtrellis.core.compat.Verdict.Offer;
import vividtrellis.core.compat.Verdict.Remedy;
import vividtrellis.core.compat.Verdict.Severity;

/**
 * The door of this room: a brief and an edition give a verdict. Pure and complete: everything that
 * is wrong is told together, and nothing is thrown for what a brief says. Safe for use by many
 * threads.
 */
public final class Verdicts {

  private final Edition edition;
  private final List<Rule> rules;
  private final Solver solver;
  private final Set<String> dependencies;

  /** For one edition; its rules are prepared once. */
  public Verdicts(Edition edition) {
    this.edition = edition;
    this.rules = Rules.of(edition);
    this.solver = new ExhaustiveSolver(rules);
    Set<String> keys = new LinkedHashSet<>();
    edition
        .options()
        .flatMap(option -> option.bindings().stream())
        .map(Contribution::artifacts)
        .forEach(artifacts -> artifacts.forEach(artifact -> keys.add(artifact.key())));
    this.dependencies = Set.copyOf(keys);
  }

  /** The edition that is judged by. */
  public Edition edition() {
    return edition;
  }

  /**
   * Judges a brief.
   *
   * @param year what the year is filled in with, if it is not picked
   */
  public Verdict judge(Brief brief, int year) {
    Blocking blocking = blocking(brief);
    Remedies remedies =
        new Remedies(edition, changed -> blocking(changed).mending(), blocking.drafts().size());
    List<Finding> findings = new ArrayList<>();
    for (Draft draft : blocking.drafts()) {
      findings.add(draft.finding(remedies.from(brief, draft.mending())));
    }
    boolean fits = findings.isEmpty();
    Selection selection =
        blocking.outcome() instanceof Fits found
            ? found.selection()
            : ((Stuck) blocking.outcome()).nearest();
    findings.addAll(lighter(brief, selection, remedies, fits));
    findings.sort(Comparator.comparing(Finding::severity));
    if (!fits) {
      return new Verdict(edition.id(), brief, Optional.empty(), List.of(), findings, offers(brief));
    }
    Completion completion = new Completion(brief, selection, edition, year);
    return new Verdict(
        edition.id(),
        completion.brief(),
        Optional.of(selection),
        completion.filledIn(),
        findings,
        offers(brief));
  }

  /** A finding before its ways out are known. */
  private record Draft(
      Severity severity,
      String rule,
      List<String> picks,
      String because,
      List<vividtrellis.core.catalog.Evidence> evidence,
      List<Change> mending) {
    Finding finding(List<Remedy> remedies) {
      return new Finding(severity, rule, picks, because, evidence, remedies);
    }
  }

  private record Blocking(List<Draft> drafts, Outcome outcome) {
    List<List<Change>> mending() {
      return drafts.stream().map(Draft::mending).toList();
    }
  }

  private Blocking blocking(Brief brief) {
    List<Draft> drafts = new ArrayList<>();
    for (Complaint complaint : BriefRules.complaints(brief)) {
      if (complaint.blocks()) {
        drafts.add(complained(complaint, Severity.BLOCKER));
      }
    }
    circle(brief).ifPresent(drafts::add);
    Domains domains = new Domains(brief, edition);
    for (Domains.Unknown unknown : domains.unknown()) {
      drafts.add(
          new Draft(
              Severity.BLOCKER,
              unknown.sentence(),
              List.of(unknown.pointer()),
              Sentences.say(unknown.sentence(), unknown.args()),
              List.of(),
              unknown.change()));
    }
    Outcome outcome = solver.solve(domains.problem(false));
    if (outcome instanceof Stuck stuck) {
      for (Rule rule : stuck.broken()) {
        drafts.add(ruled(rule, Severity.BLOCKER, stuck.nearest(), brief));
      }
    }
    return new Blocking(drafts, outcome);
  }

  private Draft complained(Complaint complaint, Severity severity) {
    Map<String, String> args = new HashMap<>(complaint.args());
    args.put("better", String.valueOf(complaint.better()));
    Key key = complaint.key();
    Change change =
        complaint.better() == null
            ? new Change.Remove(key)
            : new Change.Set(key, complaint.better());
    return new Draft(
        severity,
        complaint.code(),
        List.of(key.pointer()),
        Sentences.say(complaint.code(), args),
        List.of(),
        severity == Severity.NOTE && complaint.better() == null ? List.of() : List.of(change));
  }

  private Optional<Draft> circle(Brief brief) {
    Names names = Names.of(brief);
    String coordinates = names.group() + ":" + names.artifact();
    if (!dependencies.contains(coordinates)) {
      return Optional.empty();
    }
    return Optional.of(
        new Draft(
            Severity.BLOCKER,
            "name-is-a-dependency",
            List.of(Key.NAME.pointer(), Key.GROUP.pointer()),
            Sentences.say("name-is-a-dependency", Map.of("value", coordinates)),
            List.of(),
            List.of(new Change.Set(Key.NAME, names.artifact() + "-service"))));
  }

  private Draft ruled(Rule rule, Severity severity, Selection selection, Brief brief) {
    return new Draft(
        severity,
        rule.id(),
        pointers(rule, brief),
        rule.because(),
        rule.evidence(),
        Remedies.mending(rule, selection, brief, edition));
  }

  /** Cautions and notes. They are told beside blockers too, with ways out once nothing blocks. */
  private List<Finding> lighter(Brief brief, Selection selection, Remedies remedies, boolean fits) {
    List<Finding> findings = new ArrayList<>();
    for (Rule rule : rules) {
      if (!rule.blocks() && Rules.broken(rule, selection)) {
        Draft draft = ruled(rule, Severity.CAUTION, selection, brief);
        List<Remedy> ways =
            remedies.from(brief, fits ? draft.mending() : List.of()).stream()
                .filter(way -> clears(rule, way.result()))
                .toList();
        findings.add(draft.finding(ways));
      }
    }
    for (Complaint complaint : BriefRules.complaints(brief)) {
      if (!complaint.blocks()) {
        Draft draft = complained(complaint, Severity.NOTE);
        findings.add(draft.finding(remedies.from(brief, fits ? draft.mending() : List.of())));
      }
    }
    for (int i = 0; i < brief.starters().size(); i++) {
      String id = brief.starters().get(i);
      if (brief.starters().indexOf(id) < i && edition.starter(id).isPresent()) {
        findings.add(plain("starter-twice", "/starters/" + i, Map.of("label", id), Severity.NOTE));
      }
    }
    if (!brief.variants().values().isEmpty()) {
      findings.add(plain("variants-not-yet", "/variants", Map.of(), Severity.CAUTION));
    }
    return findings;
  }

  private static Finding plain(
      String code, String pointer, Map<String, String> args, Severity severity) {
    return new Finding(
        severity, code, List.of(pointer), Sentences.say(code, args), List.of(), List.of());
  }

  private boolean clears(Rule rule, Brief brief) {
    return solver.solve(new Domains(brief, edition).problem(false)) instanceof Fits found
        && !Rules.broken(rule, found.selection());
  }

  /** Where the picks behind a rule stand; those that somebody made, if there are any. */
  private static List<String> pointers(Rule rule, Brief brief) {
    List<Term> terms = new ArrayList<>(rule.when());
    if (rule instanceof Rule.Range range) {
      terms.add(range.within());
    }
    Set<String> picked = new LinkedHashSet<>();
    Set<String> all = new LinkedHashSet<>();
    for (Term term : terms) {
      String pointer = pointer(term, brief);
      if (pointer != null) {
        all.add(pointer);
        boolean listed = pointer.indexOf('/', 1) > 0;
        if (listed || Key.of(pointer.substring(1)).flatMap(brief::get).isPresent()) {
          picked.add(pointer);
        }
      }
    }
    return List.copyOf(picked.isEmpty() ? all : picked);
  }

  private static @Nullable String pointer(Term term, Brief brief) {
    return switch (term.variable()) {
      case STARTER -> listed("/starters/", brief.starters(), term);
      case EXTRA -> listed("/extras/", brief.extras(), term);
      case JVM -> brief.get(Key.JVM).isPresent() ? "/jvm" : "/language";
      default -> "/" + term.variable().word();
    };
  }

  private static @Nullable String listed(String path, List<String> ids, Term term) {
    int at = ids.indexOf(String.valueOf(term.id()));
    return at < 0 ? null : path + at;
  }

  private List<Offer> offers(Brief brief) {
    Outcome standing = solver.solve(new Domains(brief, edition).problem(true));
    List<Offer> offers = new ArrayList<>();
    edition
        .builds()
        .forEach(
            each ->
                each.versions()
                    .forEach(v -> offer(offers, Key.BUILD, each.id() + "@" + v, brief, standing)));
    edition
        .languages()
        .forEach(
            each ->
                each.levels()
                    .forEach(
                        level ->
                            offer(
                                offers,
                                Key.LANGUAGE,
                                each.id() + "@" + level.level(),
                                new Change.Remove(Key.JVM).apply(brief),
                                standing)));
    edition
        .frameworks()
        .forEach(
            each ->
                each.lines()
                    .forEach(
                        line ->
                            offer(
                                offers,
                                Key.FRAMEWORK,
                                each.id() + "@" + line.line(),
                                brief,
                                standing)));
    for (Option option : edition.packagings()) {
      offer(offers, Key.PACKAGING, option.id(), brief, standing);
    }
    for (Option option : edition.samples()) {
      offer(offers, Key.SAMPLE, option.id(), brief, standing);
    }
    for (Option option : edition.layouts()) {
      offer(offers, Key.LAYOUT, option.id(), brief, standing);
    }
    for (Option option : edition.starters()) {
      offers.add(
          offer("starter", option.id(), Change.add("starter", option.id()).apply(brief), standing));
    }
    for (Option option : edition.extras()) {
      offers.add(
          offer("extra", option.id(), Change.add("extra", option.id()).apply(brief), standing));
    }
    return offers;
  }

  private void offer(List<Offer> offers, Key key, String id, Brief brief, Outcome standing) {
    offers.add(offer(key.word(), id, brief.with(key, id), standing));
  }

  private Offer offer(String kind, String id, Brief with, Outcome standing) {
    Outcome outcome = solver.solve(new Domains(with, edition).problem(true));
    if (!(outcome instanceof Stuck stuck)) {
      return new Offer(kind, id, true, null);
    }
    Rule reason = stuck.broken().get(0);
    boolean stood = standing instanceof Stuck before && before.broken().contains(reason);
    return new Offer(
        kind,
        id,
        false,
        stood
            ? Sentences.say("standing-conflict", Map.of("because", reason.because()))
            : reason.because());
  }
}
