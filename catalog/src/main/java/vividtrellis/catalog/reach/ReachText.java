package vividtrellis.catalog.reach;

import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import vividtrellis.core.catalog.Reach.Hole;

/** Writes the file of a reach: holes one by one, all else as short as can be. */
final class ReachText {

  private ReachText() {}

  static String of(String digest, String day, Answers answers, int files) {
    StringBuilder text = new StringBuilder();
    text.append("# Written by 'vivid audit --reach'; not to be changed by hand.\n")
        .append("reach: 1\n")
        .append("edition: ")
        .append(digest)
        .append("\nread-on: ")
        .append(day)
        .append("\nlooked-at: \"")
        .append(answers.size())
        .append(" roots, ")
        .append(files)
        .append(" files\"\nholes:\n");
    if (answers.holes().isEmpty()) {
      text.setLength(text.length() - 1);
      text.append(" []\n");
    }
    for (Hole hole : answers.holes()) {
      text.append("  - root: ").append(quoted(hole.root()));
      text.append("\n    of: ").append(quoted(hole.of()));
      if (hole.language() != null) {
        text.append("\n    language: ").append(quoted(hole.language()));
      }
      text.append("\n    lacks:\n");
      hole.lacks().forEach(each -> text.append("      - ").append(quoted(each)).append('\n'));
      if (hole.under() != null) {
        text.append("    under: ").append(quoted(hole.under())).append('\n');
      }
    }
    Map<String, TreeSet<String>> whole = new TreeMap<>();
    for (Hole each : answers.all()) {
      if (each.lacks().isEmpty()) {
        String with = each.language() == null ? "" : "+" + each.language();
        whole.computeIfAbsent(each.root(), root -> new TreeSet<>()).add(each.of() + with);
      }
    }
    text.append("whole:\n");
    whole.forEach(
        (root, of) ->
            text.append("  ")
                .append(quoted(root))
                .append(": ")
                .append(quoted(String.join(" ", of)))
                .append('\n'));
    return text.toString();
  }

  private static String quoted(String text) {
    return '"' + text.replace("\\", "\\\\").replace("\"", "\\\"") + '"';
  }
}
