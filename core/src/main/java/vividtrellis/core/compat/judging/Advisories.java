package vividtrellis.core.compat.judging;

import com.google.common.base.Ascii;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.IdList;
import vividtrellis.core.brief.Key;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Evidence;
import vividtrellis.core.catalog.Options.Framework;
import vividtrellis.core.catalog.Options.Level;
import vividtrellis.core.catalog.Options.Line;
import vividtrellis.core.catalog.Options.Option;
import vividtrellis.core.catalog.Options.Standing;
import vividtrellis.core.catalog.Rule;
import vividtrellis.core.compat.Axis;
import vividtrellis.core.compat.Axis.Value;
import vividtrellis.core.compat.Selection;
import vividtrellis.core.compat.Verdict;
import vividtrellis.core.compat.Verdict.Severity;
import vividtrellis.core.compat.encoding.Assumption;
import vividtrellis.core.compat.encoding.CompiledEdition;
import vividtrellis.core.compat.finding.Change;
import vividtrellis.core.compat.finding.PendingFinding;
import vividtrellis.core.compat.repair.RepairCandidates;
import vividtrellis.core.compat.rules.StackRules;
import vividtrellis.core.compat.rules.Standings;
import vividtrellis.core.version.Version;
import vividtrellis.core.version.VersionedId;

/** Cautions and notes: what is worth knowing and stops nothing. */
final class Advisories {

  private final CompiledEdition compiled;
  private final Brief brief;
  private final List<Assumption> assumptions;
  private final Selection selection;
  private final List<PendingFinding> pending = new ArrayList<>();

  private Advisories(
      Brief brief, List<Assumption> assumptions, Selection selection, CompiledEdition compiled) {
    this.compiled = compiled;
    this.brief = brief;
    this.assumptions = assumptions;
    this.selection = selection;
  }

  /**
   * Everything, cautions and notes mixed.
   *
   * @param remarks on names, texts and settings
   */
  static List<PendingFinding> of(
      Brief brief,
      List<Assumption> assumptions,
      Selection selection,
      List<PendingFinding> remarks,
      CompiledEdition compiled) {
    Advisories advisories = new Advisories(brief, assumptions, selection, compiled);
    advisories.rules();
    advisories.standing();
    advisories.longerSupported();
    advisories.standard();
    advisories.stack();
    advisories.entity();
    advisories.planned();
    advisories.pending.addAll(remarks);
    advisories.pending.addAll(SettingRemarks.of(brief, selection, compiled.edition()));
    advisories.twice("starters", brief.starters());
    advisories.twice("extras", brief.extras());
    return advisories.pending;
  }

  private void plain(Severity severity, String code, List<String> picks, Map<String, String> args) {
    pending.add(PendingFinding.plain(severity, code, picks, args, List.of()));
  }

  private void rules() {
    for (Rule rule : compiled.advisories(selection)) {
      if (selection.breaks(rule)) {
        List<Assumption> picks = RepairCandidates.picks(rule, assumptions, compiled);
        pending.add(
            new PendingFinding(
                Severity.CAUTION,
                rule.id(),
                picks.stream().map(Assumption::pointer).toList(),
                List.of(rule.because()),
                rule.evidence(),
                RepairCandidates.of(rule, picks, brief, compiled),
                Optional.of(rule)));
      }
    }
  }

  private Optional<Value> framework() {
    return compiled.values(Axis.FRAMEWORK).stream()
        .filter(value -> value.id().equals(selection.framework()))
        .filter(
            value ->
                value.version() == null || value.version().equals(selection.frameworkVersion()))
        .findFirst();
  }

  private void standing() {
    Value value = framework().orElseThrow();
    Optional<Line> line = compiled.line(value);
    if (line.isEmpty()) {
      return;
    }
    Framework framework = compiled.edition().framework(value.id()).orElseThrow();
    Standings.code(line.get(), value)
        .ifPresent(
            code ->
                pending.add(
                    new PendingFinding(
                        Severity.CAUTION,
                        code,
                        List.of(Key.FRAMEWORK.pointer()),
                        List.of(compiled.caution(value).orElseThrow()),
                        List.of(new Evidence("registry", line.get().source())),
                        newer(framework, line.get()),
                        Optional.empty())));
  }

  private static List<Change> newer(Framework framework, Line than) {
    List<Change> changes = new ArrayList<>();
    for (Line line : framework.lines()) {
      if (line.standing() == Standing.SUPPORTED && !line.equals(than)) {
        changes.add(
            new Change.Move(Key.FRAMEWORK, VersionedId.word(framework.id(), line.line()), 2));
      } else if (line.equals(than) && line.standing() == Standing.SUPPORTED) {
        changes.add(
            new Change.Move(Key.FRAMEWORK, VersionedId.word(framework.id(), line.line()), 1));
      }
    }
    return changes;
  }

  /** A line that stands first for what it has is not supported for longer than one after it. */
  private static boolean isAfter(Line line, Version version) {
    return line.versions().stream().allMatch(each -> each.compareTo(version) > 0);
  }

  /** A note only: what is picked is in support, but something else will be so for longer. */
  private void longerSupported() {
    Value value = framework().orElseThrow();
    Optional<Line> line = compiled.line(value);
    Version version = value.version();
    if (line.isPresent() && version != null && isPicked(Axis.FRAMEWORK)) {
      Framework framework = compiled.edition().framework(value.id()).orElseThrow();
      List<Line> supported =
          framework.lines().stream().filter(each -> each.standing() == Standing.SUPPORTED).toList();
      supported.stream()
          .filter(Line::longTerm)
          .findFirst()
          .or(() -> supported.stream().findFirst().filter(first -> isAfter(first, version)))
          .filter(
              each ->
                  line.get().standing(version) == Standing.SUPPORTED && !each.equals(line.get()))
          .ifPresent(
              best ->
                  note(
                      best.longTerm() ? "long-term-line" : "longer-supported-line",
                      Key.FRAMEWORK,
                      Map.of(
                          "label", framework.about().label(),
                          "line", line.get().line(),
                          "version", best.line()),
                      new Change.Move(
                          Key.FRAMEWORK, VersionedId.word(framework.id(), best.line()), 2)));
    }
    Optional<Level> level =
        compiled.edition().levels().stream()
            .filter(each -> each.version().equals(selection.jvm()))
            .filter(each -> !each.longTerm())
            .findFirst();
    if (level.isPresent() && isPicked(Axis.JVM)) {
      Key key = brief.get(Key.JVM).isPresent() ? Key.JVM : Key.LANGUAGE;
      compiled.values(Axis.JVM).stream()
          .findFirst()
          .ifPresent(
              longest ->
                  note(
                      "longer-supported-level",
                      key,
                      Map.of("value", selection.jvm().text(), "version", longest.id()),
                      new Change.Move(
                          key,
                          key == Key.JVM
                              ? longest.id()
                              : VersionedId.word(selection.language(), longest.id()),
                          5)));
    }
  }

  private boolean isPicked(Axis axis) {
    return assumptions.stream().anyMatch(assumption -> assumption.narrowed().containsKey(axis));
  }

  private void note(String code, Key key, Map<String, String> args, Change change) {
    pending.add(
        PendingFinding.plain(Severity.NOTE, code, List.of(key.pointer()), args, List.of(change)));
  }

  /** What has to run the project, as far as that is not to be seen from its picks. */
  private void standard() {
    Edition.find(compiled.edition().packagings(), selection.packaging())
        .ifPresent(
            packaging -> {
              String standard = packaging.standard();
              Version level = standard == null ? null : selection.standards().get(standard);
              if (standard != null && level != null) {
                plain(
                    Severity.NOTE,
                    "packaging-standard",
                    List.of(Key.PACKAGING.pointer(), Key.FRAMEWORK.pointer()),
                    Map.of(
                        "label", packaging.id(),
                        "standard",
                            Ascii.toUpperCase(standard.substring(0, 1)) + standard.substring(1),
                        "version", level.text()));
              }
            });
  }

  /** That something serves though nothing was picked for it is not to be seen from the picks. */
  private void stack() {
    Optional<StackRules.Resulting> resulting = StackRules.of(selection, compiled.edition());
    boolean picked =
        compiled.edition().starters().stream()
            .anyMatch(each -> each.serves() != null && selection.starters().contains(each.id()));
    if (resulting.isPresent() && !picked) {
      List<String> starters = resulting.get().starters();
      plain(
          Severity.NOTE,
          "stack-results",
          starters.stream().map(id -> IdList.STARTERS.pointer(brief, id)).toList(),
          Map.of(
              "label", resulting.get().stack().label(),
              "stack", resulting.get().stack().id(),
              "starters",
                  starters.stream().map(compiled::label).collect(Collectors.joining(", "))));
    }
  }

  /** A sample that is about nothing leaves an entity without use. */
  private void entity() {
    boolean used =
        Edition.find(compiled.edition().samples(), selection.sample())
            .filter(sample -> sample.entity() != null)
            .isPresent();
    if (brief.get(Key.ENTITY).isPresent() && !used) {
      compiled.edition().samples().stream()
          .filter(sample -> sample.entity() != null)
          .findFirst()
          .ifPresent(
              sample ->
                  pending.add(
                      PendingFinding.plain(
                          Severity.NOTE,
                          "entity-unused",
                          List.of(Key.ENTITY.pointer(), Key.SAMPLE.pointer()),
                          Map.of("value", selection.sample(), "known", sample.id()),
                          List.of(
                              new Change.Set(Key.SAMPLE, sample.id()),
                              new Change.Remove(Key.ENTITY)))));
    }
  }

  /** What can be checked already, but not yet be written by this version. */
  private void planned() {
    for (Axis axis : Axis.values()) {
      String id = selection.value(axis).id();
      if (axis != Axis.ALONGSIDE && isPlanned(compiled.options(axis), id)) {
        planned(axis.key().pointer(), compiled.label(id));
      }
    }
    planned(IdList.STARTERS, compiled.edition().starters());
    planned(IdList.EXTRAS, compiled.edition().extras());
  }

  private void planned(IdList list, List<? extends Option> options) {
    List<String> ids = list.ids(brief);
    for (int i = 0; i < ids.size(); i++) {
      if (isPlanned(options, ids.get(i))) {
        planned(list.pointer(i), compiled.label(ids.get(i)));
      }
    }
  }

  private void planned(String pointer, String label) {
    plain(Severity.CAUTION, Verdict.NOT_WRITTEN_YET, List.of(pointer), Map.of("label", label));
  }

  private boolean isPlanned(List<? extends Option> options, String id) {
    return compiled.mayBePlanned(id)
        && Edition.find(options, id).filter(option -> option.about().planned()).isPresent();
  }

  private void twice(String list, List<String> ids) {
    for (int i = 0; i < ids.size(); i++) {
      if (ids.indexOf(ids.get(i)) < i) {
        plain(
            Severity.NOTE,
            "starter-twice",
            List.of("/" + list + "/" + i),
            Map.of("label", ids.get(i)));
      }
    }
  }
}
