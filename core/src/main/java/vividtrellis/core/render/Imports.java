package vividtrellis.core.render;

import com.google.common.base.CharMatcher;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import vividtrellis.core.template.TemplateContext.Filled;

/**
 * Puts the imports of a source in order. A template cannot: where the project's own packages belong
 * among those of libraries depends on their name. In Kotlin, as its style guide and the common
 * editors have it, those of the platform come last; elsewhere, names alone decide.
 */
final class Imports {

  private static final String IMPORT = "import ";

  /** What comes last in Kotlin, in this order. */
  private static final List<String> PLATFORM = List.of("java.", "javax.", "kotlin.");

  /** What stands around names and is no part of them. */
  private static final CharMatcher NOISE = CharMatcher.anyOf("`;");

  private Imports() {}

  /** An import, and what it is put in order by, which is found once and compared often. */
  private record Import(int group, String name, Filled line) {

    private static final Comparator<Import> ORDER =
        Comparator.comparingInt(Import::group).thenComparing(Import::name);

    static Import of(Filled line, boolean kotlin) {
      String name = NOISE.removeFrom(line.text().substring(IMPORT.length()));
      return new Import(kotlin ? platform(name) : 0, name, line);
    }
  }

  /** The same lines of a source, with each block of imports in order. */
  static List<Filled> sorted(List<Filled> lines, String path) {
    boolean kotlin = path.endsWith(".kt");
    List<Filled> sorted = new ArrayList<>(lines.size());
    List<Import> block = new ArrayList<>();
    for (Filled line : lines) {
      if (line.text().startsWith(IMPORT)) {
        block.add(Import.of(line, kotlin));
        continue;
      }
      drain(block, sorted);
      sorted.add(line);
    }
    drain(block, sorted);
    return sorted;
  }

  private static void drain(List<Import> block, List<Filled> sorted) {
    block.sort(Import.ORDER);
    block.forEach(each -> sorted.add(each.line()));
    block.clear();
  }

  /** 0 for libraries and the project's own, then the platform. */
  private static int platform(String name) {
    for (int i = 0; i < PLATFORM.size(); i++) {
      if (name.startsWith(PLATFORM.get(i))) {
        return i + 1;
      }
    }
    return 0;
  }
}
