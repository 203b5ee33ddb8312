package vividtrellis.acceptance;

import java.util.Collection;
import java.util.Map;
import java.util.TreeMap;
import vividtrellis.acceptance.RealBuild.Reached;

/** What was built, as the docs show it. */
final class BuildTable {

  private BuildTable() {}

  static String of(Collection<Reached> all, long cases) {
    Map<String, Integer> counts = new TreeMap<>();
    all.forEach(each -> counts.merge(each.how(), 1, Integer::sum));
    StringBuilder text = new StringBuilder("%d of %d cases:\n\n".formatted(all.size(), cases));
    counts.forEach((how, count) -> text.append("- %s: %d\n".formatted(how, count)));
    text.append("\n| brief | reached | seconds | note |\n|---|---|---|---|\n");
    for (Reached each : all) {
      text.append(
          "| %s | %s | %d | %s |\n"
              .formatted(each.brief(), each.how(), each.seconds(), each.note()));
    }
    return text.toString();
  }
}
