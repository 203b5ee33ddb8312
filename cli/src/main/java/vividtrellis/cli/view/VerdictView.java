package vividtrellis.cli.view;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import vividtrellis.cli.api.CheckAnswer;
import vividtrellis.cli.api.CheckAnswer.FilledIn;
import vividtrellis.cli.api.CheckAnswer.Finding;
import vividtrellis.cli.api.CheckAnswer.Remedy;
import vividtrellis.cli.api.CheckAnswer.Serving;
import vividtrellis.cli.terminal.Screen;
import vividtrellis.core.document.Node;

/** A verdict in words: one sentence, then what there is to tell, then what was filled in. */
public final class VerdictView {

  private final Screen screen;

  /** Ways out are counted through all findings; each leaves no blocker, so one number is enough. */
  private int ways;

  public VerdictView(Screen screen) {
    this.screen = screen;
  }

  public void show(CheckAnswer verdict) {
    List<Finding> findings = verdict.findings();
    long blockers = findings.stream().filter(Finding::blocks).count();
    long others = findings.size() - blockers;
    int filled = verdict.filledIn().size();
    if (verdict.fits()) {
      List<String> more = new ArrayList<>();
      if (filled > 0) {
        more.add(filled + (filled == 1 ? " pick was filled in" : " picks were filled in"));
      }
      if (others > 0) {
        more.add(things(others) + " to know");
      }
      screen.line(
          screen.possible()
              + " "
              + screen.strong("Everything fits.")
              + (more.isEmpty() ? "" : " " + String.join(", ", more) + "."));
      verdict.serving().ifPresent(serving -> serving(serving, verdict.document()));
    } else {
      screen.line(
          screen.impossible()
              + " "
              + screen.strong("It does not fit.")
              + " "
              + things(blockers)
              + (blockers == 1 ? " stands" : " stand")
              + " in the way.");
    }
    findings.forEach(finding -> finding(finding, verdict.document()));
    filledIn(verdict.filledIn());
  }

  private void serving(Serving serving, Node brief) {
    List<String> by =
        serving.picks().stream()
            .map(pick -> named(pick, brief).replaceFirst("^starters: ", ""))
            .toList();
    screen.line(
        screen.soft(
            Screen.plain(
                "  It answers HTTP %s (%s, from %s)."
                    .formatted(serving.label(), serving.stack(), String.join(", ", by)))));
  }

  /** The findings of a problem, which has no verdict around them. */
  void findings(List<Finding> findings) {
    findings.forEach(finding -> finding(finding, Node.fields()));
  }

  private void finding(Finding finding, Node brief) {
    String sign =
        finding.blocks()
            ? screen.impossible()
            : finding.isNote() ? screen.note() : screen.caution();
    List<String> picks = finding.picks().stream().map(pick -> named(pick, brief)).toList();
    screen.line("");
    screen.line(
        sign
            + " "
            + screen.strong(finding.severity())
            + "  "
            + Screen.plain(String.join(", ", picks))
            + screen.soft("  [" + finding.rule() + "]"));
    screen.paragraph(2, finding.because());
    for (String source : finding.sources()) {
      screen.paragraph(2, "Rests on: " + source + ".");
    }
    String start = "  ways out:  ";
    for (Remedy remedy : finding.remedies()) {
      ways++;
      screen.line(
          start + Screen.pad(Integer.toString(ways), 2) + "  " + Screen.plain(remedy.title()));
      start = " ".repeat(start.length());
    }
  }

  /** How many ways out were shown; they are numbered from 1. */
  public int ways() {
    return ways;
  }

  /** A pick as people know it: {@code starters: sql-orm} for {@code /starters/2}. */
  private static String named(String pointer, Node brief) {
    String[] parts = pointer.substring(Math.min(1, pointer.length())).split("/", -1);
    Node at = brief;
    for (String part : parts) {
      at = below(at, part);
    }
    String key =
        parts[0].equals("project") || parts[0].equals("settings")
            ? parts[parts.length - 1]
            : parts[0];
    String value =
        at instanceof Node.Scalar scalar ? Objects.requireNonNullElse(scalar.text(), "") : "";
    return value.isEmpty()
        ? key
        : key + ": " + (value.length() > 60 ? value.substring(0, 60) + "…" : value);
  }

  /** What stands at a place of a document; an empty mapping if nothing does. */
  private static Node below(Node node, String place) {
    if (node instanceof Node.Items items) {
      boolean index =
          place.matches("[0-9]{1,4}") && Integer.parseInt(place) < items.values().size();
      return index ? items.values().get(Integer.parseInt(place)) : Node.fields();
    }
    return node instanceof Node.Fields fields
        ? fields.get(place).orElse(Node.fields())
        : Node.fields();
  }

  private void filledIn(List<FilledIn> filledIn) {
    if (filledIn.isEmpty()) {
      return;
    }
    screen.line("");
    screen.line(screen.strong("Filled in"));
    int keys = 0;
    int values = 0;
    for (FilledIn each : filledIn) {
      keys = Math.max(keys, each.word().length());
      values = Math.max(values, Math.min(32, each.value().length()));
    }
    for (FilledIn each : filledIn) {
      screen.row(
          "  "
              + Screen.pad(each.word(), keys + 2)
              + Screen.pad(Screen.plain(each.value()), values + 2),
          each.because());
    }
  }

  private static String things(long count) {
    return count == 1 ? "1 thing" : count + " things";
  }
}
