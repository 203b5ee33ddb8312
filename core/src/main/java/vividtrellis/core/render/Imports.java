package vividtrellis.core.render;

import com.google.common.base.CharMatcher;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import vividtrellis.core.template.TemplateContext.Filled;

/**
 * Puts the imports of a source in order, without those of types that it does not use. A template
 * cannot: where the project's own packages belong among those of libraries depends on their name,
 * and which types are needed on the entity. In Kotlin, as its style guide and the common editors
 * have it, those of the platform come last; elsewhere, names alone decide.
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
    Set<String> used = used(lines);
    List<Filled> sorted = new ArrayList<>(lines.size());
    List<Import> block = new ArrayList<>();
    for (Filled line : lines) {
      if (line.text().startsWith(IMPORT)) {
        if (!isUsed(line.text(), used)) {
          continue;
        }
        block.add(Import.of(line, kotlin));
        continue;
      }
      drain(block, sorted);
      // Where no import is left, the blank line behind them is one too many.
      boolean again = !sorted.isEmpty() && sorted.get(sorted.size() - 1).text().isEmpty();
      if (!(again && line.text().isEmpty())) {
        sorted.add(line);
      }
    }
    drain(block, sorted);
    return sorted;
  }

  private static Set<String> used(List<Filled> lines) {
    Set<String> used = new HashSet<>();
    for (Filled line : lines) {
      if (!line.text().startsWith(IMPORT)) {
        addTypes(line.text(), used);
      }
    }
    return used;
  }

  /** The names in a line that begin with a capital letter; every line of a project comes by. */
  private static void addTypes(String line, Set<String> types) {
    int at = 0;
    while (at < line.length()) {
      int from = at;
      at = endOfName(line, from);
      if (from < at && isCapital(line.charAt(from))) {
        types.add(line.substring(from, at));
      }
      at = Math.max(at, from + 1);
    }
  }

  /** Functions are always taken for used, since some languages call them without their name. */
  private static boolean isUsed(String line, Set<String> used) {
    String name = NOISE.removeFrom(line.substring(line.lastIndexOf('.') + 1));
    boolean isType =
        !name.isEmpty() && isCapital(name.charAt(0)) && endOfName(name, 0) == name.length();
    return !isType || used.contains(name);
  }

  private static int endOfName(String line, int from) {
    int at = from;
    while (at < line.length() && isPartOfName(line.charAt(at))) {
      at++;
    }
    return at;
  }

  private static boolean isCapital(char c) {
    return c >= 'A' && c <= 'Z';
  }

  private static boolean isPartOfName(char c) {
    return (c >= 'a' && c <= 'z') || isCapital(c) || (c >= '0' && c <= '9') || c == '_';
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
