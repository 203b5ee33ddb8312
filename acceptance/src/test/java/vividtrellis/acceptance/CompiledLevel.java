package vividtrellis.acceptance;

import java.io.DataInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import vividtrellis.core.compat.Selection;

/** What a build compiled says itself for which level it is, whatever the build file said. */
final class CompiledLevel {

  /** The format of class files of level 1; each level has the next. */
  private static final int FIRST = 44;

  private CompiledLevel() {}

  /** A class of another level than was picked; empty if there is none. */
  static String fault(Path project, Selection selection) throws IOException {
    List<Path> classes;
    try (Stream<Path> all = Files.walk(project)) {
      classes =
          all.filter(
                  each ->
                      each.toString()
                          .matches(".*/(build/classes|target/(test-)?classes)/.*\\.class"))
              .toList();
    }
    if (classes.isEmpty()) {
      return "nothing was compiled";
    }
    int level = Integer.parseInt(selection.jvm().text());
    for (Path each : classes) {
      int compiled = level(each);
      // What a processor writes as a class, of no source, has the level that the processor knows.
      boolean written = each.getFileName().toString().startsWith("$");
      if (written ? compiled > level : compiled != level) {
        return "%s is compiled for %d".formatted(each.getFileName(), compiled);
      }
    }
    return "";
  }

  private static int level(Path file) throws IOException {
    try (DataInputStream in = new DataInputStream(Files.newInputStream(file))) {
      in.skipNBytes(6);
      return in.readUnsignedShort() - FIRST;
    }
  }
}
