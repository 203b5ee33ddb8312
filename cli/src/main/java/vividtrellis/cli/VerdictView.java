package vividtrellis.cli;

import java.util.ArrayList;
import java.util.List;
import vividtrellis.core.document.Node;

/** A verdict in words: one sentence, then what there is to tell, then what was filled in. */
final class VerdictView {

  private final Screen screen;

  /** Ways out are counted through all findings; each leaves no blocker, so one number is enough. */
  private int ways;

  VerdictView(Screen screen) {
    this.screen = screen;
  }

  void show(Json verdict) {
    List<Json> findings = verdict.list("findings");
    long blockers = count(findings, "blocker");
    long others = findings.size() - blockers;
    int filled = verdict.list("filledIn").size();
    if (verdict.text("verdict").equals("fits")) {
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
      serving(verdict.at("serving"), verdict.at("brief"));
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
    findings.forEach(finding -> finding(finding, verdict.at("brief")));
    filledIn(verdict.list("filledIn"));
  }

  private void serving(Json serving, Json brief) {
    if (!serving.text("stack").isEmpty()) {
      List<String> by =
          serving.list("picks").stream()
              .map(pick -> named(pick.text(), brief).replaceFirst("^starters: ", ""))
              .toList();
      screen.line(
          screen.soft(
              Screen.plain(
                  "  It answers HTTP %s (%s, from %s)."
                      .formatted(
                          serving.text("label"), serving.text("stack"), String.join(", ", by)))));
    }
  }

  /** The findings of a problem, which has no verdict around them. */
  void findings(List<Json> findings) {
    findings.forEach(finding -> finding(finding, new Json(Node.fields())));
  }

  private void finding(Json finding, Json brief) {
    String severity = finding.text("severity");
    String sign =
        severity.equals("blocker")
            ? screen.impossible()
            : severity.equals("caution") ? screen.caution() : screen.note();
    List<String> picks = finding.list("picks").stream().map(p -> named(p.text(), brief)).toList();
    screen.line("");
    screen.line(
        sign
            + " "
            + screen.strong(severity)
            + "  "
            + Screen.plain(String.join(", ", picks))
            + screen.soft("  [" + finding.text("rule") + "]"));
    screen.paragraph(2, finding.text("because"));
    for (Json evidence : finding.list("evidence")) {
      screen.paragraph(2, "Rests on: " + evidence.text("source") + ".");
    }
    String start = "  ways out:  ";
    for (Json remedy : finding.list("remedies")) {
      ways++;
      screen.line(
          start
              + Screen.pad(Integer.toString(ways), 2)
              + "  "
              + Screen.plain(remedy.text("title")));
      start = " ".repeat(start.length());
    }
  }

  /** How many ways out were shown; they are numbered from 1. */
  int ways() {
    return ways;
  }

  /** A pick as people know it: {@code starters: sql-orm} for {@code /starters/2}. */
  private static String named(String pointer, Json brief) {
    String[] parts = pointer.substring(Math.min(1, pointer.length())).split("/", -1);
    Json at = brief;
    for (String part : parts) {
      List<Json> list = new ArrayList<>();
      if (at.node() instanceof Node.Items items) {
        items.values().forEach(each -> list.add(new Json(each)));
      }
      boolean index = part.matches("[0-9]{1,4}") && Integer.parseInt(part) < list.size();
      at = index ? list.get(Integer.parseInt(part)) : at.at(part);
    }
    String key =
        parts[0].equals("project") || parts[0].equals("settings")
            ? parts[parts.length - 1]
            : parts[0];
    String value = at.text();
    return value.isEmpty()
        ? key
        : key + ": " + (value.length() > 60 ? value.substring(0, 60) + "…" : value);
  }

  private void filledIn(List<Json> filledIn) {
    if (filledIn.isEmpty()) {
      return;
    }
    screen.line("");
    screen.line(screen.strong("Filled in"));
    int keys = 0;
    int values = 0;
    for (Json each : filledIn) {
      keys = Math.max(keys, word(each).length());
      values = Math.max(values, Math.min(32, each.text("value").length()));
    }
    for (Json each : filledIn) {
      screen.row(
          "  "
              + Screen.pad(word(each), keys + 2)
              + Screen.pad(Screen.plain(each.text("value")), values + 2),
          each.text("because"));
    }
  }

  private static String word(Json filled) {
    String pick = filled.text("pick");
    return pick.substring(pick.lastIndexOf('/') + 1);
  }

  private static long count(List<Json> findings, String severity) {
    return findings.stream().filter(f -> f.text("severity").equals(severity)).count();
  }

  private static String things(long count) {
    return count == 1 ? "1 thing" : count + " things";
  }
}
