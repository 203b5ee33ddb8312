package vividtrellis.core.compat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Evidence;
import vividtrellis.core.catalog.Options.Framework;
import vividtrellis.core.catalog.Options.Level;
import vividtrellis.core.catalog.Options.Line;
import vividtrellis.core.catalog.Options.Option;
import vividtrellis.core.catalog.Options.Standing;
import vividtrellis.core.catalog.Rule;
import vividtrellis.core.compat.Axis.Value;
import vividtrellis.core.compat.Pins.Pin;
import vividtrellis.core.compat.Verdict.Severity;
import vividtrellis.core.version.Version;
import vividtrellis.core.version.VersionedId;

/** Cautions and notes: what is worth knowing and stops nothing. */
final class Lighter {

  private final Board board;
  private final Brief brief;
  private final List<Pin> pins;
  private final Selection selection;
  private final List<Draft> drafts = new ArrayList<>();

  private Lighter(Brief brief, List<Pin> pins, Selection selection, Board board) {
    this.board = board;
    this.brief = brief;
    this.pins = pins;
    this.selection = selection;
  }

  /**
   * Everything, cautions and notes mixed.
   *
   * @param remarks on names, texts and settings
   */
  static List<Draft> of(
      Brief brief, List<Pin> pins, Selection selection, List<Draft> remarks, Board board) {
    Lighter lighter = new Lighter(brief, pins, selection, board);
    lighter.rules();
    lighter.standing();
    lighter.longerSupported();
    lighter.servlet();
    lighter.stack();
    lighter.planned();
    lighter.drafts.addAll(remarks);
    lighter.twice("starters", brief.starters());
    lighter.twice("extras", brief.extras());
    return lighter.drafts;
  }

  private void plain(Severity severity, String code, List<String> picks, Map<String, String> args) {
    drafts.add(Draft.plain(severity, code, picks, args, List.of()));
  }

  private void rules() {
    for (Rule rule : board.lighter(selection)) {
      if (Rules.broken(rule, selection)) {
        List<Pin> picks = Mending.picks(rule, pins, board);
        drafts.add(
            new Draft(
                Severity.CAUTION,
                rule.id(),
                picks.stream().map(Pin::pointer).toList(),
                rule.because(),
                rule.evidence(),
                Mending.of(rule, picks, brief, board),
                Optional.of(rule)));
      }
    }
  }

  private Optional<Value> framework() {
    return board.values(Axis.FRAMEWORK).stream()
        .filter(value -> value.id().equals(selection.framework()))
        .filter(
            value ->
                value.version() == null || value.version().equals(selection.frameworkVersion()))
        .findFirst();
  }

  private void standing() {
    Value value = framework().orElseThrow();
    Optional<Line> line = board.line(value);
    if (line.isEmpty()) {
      return;
    }
    Framework framework = board.edition().framework(value.id()).orElseThrow();
    Standings.code(line.get(), value)
        .ifPresent(
            code ->
                drafts.add(
                    new Draft(
                        Severity.CAUTION,
                        code,
                        List.of(Key.FRAMEWORK.pointer()),
                        board.caution(value).orElseThrow(),
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

  /** A note only: what is picked is in support, but something else will be so for longer. */
  private void longerSupported() {
    Value value = framework().orElseThrow();
    Optional<Line> line = board.line(value);
    Version version = value.version();
    if (line.isPresent() && version != null && isPicked(Axis.FRAMEWORK)) {
      Framework framework = board.edition().framework(value.id()).orElseThrow();
      framework.lines().stream()
          .filter(each -> each.standing() == Standing.SUPPORTED)
          .findFirst()
          .filter(
              each ->
                  line.get().standing(version) == Standing.SUPPORTED && !each.equals(line.get()))
          .ifPresent(
              newest ->
                  note(
                      "longer-supported-line",
                      Key.FRAMEWORK,
                      Map.of(
                          "label", framework.about().label(),
                          "line", line.get().line(),
                          "version", newest.line()),
                      new Change.Move(
                          Key.FRAMEWORK, VersionedId.word(framework.id(), newest.line()), 2)));
    }
    Optional<Level> level =
        board.edition().levels().stream()
            .filter(each -> each.version().equals(selection.jvm()))
            .filter(each -> !each.longTerm())
            .findFirst();
    if (level.isPresent() && isPicked(Axis.JVM)) {
      Key key = brief.get(Key.JVM).isPresent() ? Key.JVM : Key.LANGUAGE;
      board.values(Axis.JVM).stream()
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
    return pins.stream().anyMatch(pin -> pin.narrowed().containsKey(axis));
  }

  private void note(String code, Key key, Map<String, String> args, Change change) {
    drafts.add(Draft.plain(Severity.NOTE, code, List.of(key.pointer()), args, List.of(change)));
  }

  /** Which servers a war fits is not to be seen from its picks, so it is said. */
  private void servlet() {
    Version servlet = selection.servlet();
    if (selection.packaging().equals("war") && servlet != null) {
      plain(
          Severity.NOTE,
          "war-servlet-level",
          List.of(Key.PACKAGING.pointer(), Key.FRAMEWORK.pointer()),
          Map.of("version", servlet.text()));
    }
  }

  /** That something serves though nothing was picked for it is not to be seen from the picks. */
  private void stack() {
    Optional<StackRules.Resulting> resulting = StackRules.of(selection, board.edition());
    boolean picked =
        board.edition().starters().stream()
            .anyMatch(each -> each.serves() != null && selection.starters().contains(each.id()));
    if (resulting.isPresent() && !picked) {
      List<String> starters = resulting.get().starters();
      plain(
          Severity.NOTE,
          "stack-results",
          starters.stream().map(id -> "/starters/" + brief.starters().indexOf(id)).toList(),
          Map.of(
              "label", resulting.get().stack().label(),
              "stack", resulting.get().stack().id(),
              "starters", starters.stream().map(board::label).collect(Collectors.joining(", "))));
    }
  }

  /** What can be checked already, but not yet be written by this version. */
  private void planned() {
    for (Axis axis : Axis.values()) {
      String id =
          switch (axis) {
            case FRAMEWORK -> selection.framework();
            case LANGUAGE -> selection.language();
            case BUILD -> selection.build();
            case PACKAGING -> selection.packaging();
            case SAMPLE -> selection.sample();
            case LAYOUT -> selection.layout();
            case ALONGSIDE -> selection.alongside();
            case JVM, JDK -> "";
          };
      if (axis != Axis.ALONGSIDE && isPlanned(board.options(axis), id)) {
        planned(axis.key().pointer(), board.label(id.replaceFirst("@.*", "")));
      }
    }
    for (int i = 0; i < brief.starters().size(); i++) {
      if (isPlanned(board.edition().starters(), brief.starters().get(i))) {
        planned("/starters/" + i, board.label(brief.starters().get(i)));
      }
    }
    for (int i = 0; i < brief.extras().size(); i++) {
      if (isPlanned(board.edition().extras(), brief.extras().get(i))) {
        planned("/extras/" + i, board.label(brief.extras().get(i)));
      }
    }
  }

  private void planned(String pointer, String label) {
    plain(Severity.CAUTION, Verdict.NOT_WRITTEN_YET, List.of(pointer), Map.of("label", label));
  }

  private boolean isPlanned(List<? extends Option> options, String id) {
    return board.mayBePlanned(id)
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
