package vividtrellis.core.render;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import vividtrellis.core.plan.Words.Filled;

/**
 * Puts the imports of a source in order. A template cannot: where the project's own packages belong
 * among those of libraries depends on their name. In Kotlin, as its style guide and the common
 * editors have it, those of the platform come last; elsewhere, names alone decide.
 */
final class Imports {

  private static final String IMPORT = "import ";

  /** What comes last in Kotlin, in this order. */
  private static final List<String> PLATFORM = List.of("java.", "javax.", "kotlin.");

  private Imports() {}

  /** The same lines of a source, with each block of imports in order. */
  static List<Filled> sorted(List<Filled> lines, String path) {
    Comparator<Filled> byName = Comparator.comparing(Imports::name);
    Comparator<Filled> order =
        path.endsWith(".kt") ? Comparator.comparing(Imports::group).thenComparing(byName) : byName;
    List<Filled> sorted = new ArrayList<>(lines);
    int from = 0;
    while (from < sorted.size()) {
      int to = from;
      while (to < sorted.size() && sorted.get(to).text().startsWith(IMPORT)) {
        to++;
      }
      sorted.subList(from, to).sort(order);
      from = to + 1;
    }
    return sorted;
  }

  private static String name(Filled line) {
    String name = line.text().substring(IMPORT.length());
    return name.replace("`", "").replace(";", "");
  }

  /** 0 for libraries and the project's own, then the platform. */
  private static int group(Filled line) {
    String name = name(line);
    for (int i = 0; i < PLATFORM.size(); i++) {
      if (name.startsWith(PLATFORM.get(i))) {
        return i + 1;
      }
    }
    return 0;
  }
}
