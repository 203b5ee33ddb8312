package vividtrellis.catalog.reach;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.catalog.Reach.Hole;

/**
 * What was answered so far, kept line by line, so that a run that was stopped goes on. A root that
 * lacks nothing is there with an empty list.
 */
final class Answers {

  private final Path file;
  private final Map<List<String>, Hole> all = new LinkedHashMap<>();

  private Answers(Path file) {
    this.file = file;
  }

  /** Opens what an earlier run left; a question says all that its answer depends on. */
  static Answers open(Path file) throws IOException {
    Answers answers = new Answers(file);
    Files.createDirectories(file.toAbsolutePath().getParent());
    List<String> lines = Files.exists(file) ? Files.readAllLines(file) : List.of();
    for (String line : lines) {
      String[] parts = line.split("\t", -1);
      if (parts.length == 5) {
        List<String> lacks = parts[3].isEmpty() ? List.of() : List.of(parts[3].split(" ", -1));
        answers.keep(new Hole(parts[0], parts[1], orNull(parts[2]), lacks, orNull(parts[4])));
      }
    }
    return answers;
  }

  private static @Nullable String orNull(String text) {
    return text.isEmpty() ? null : text;
  }

  private static List<String> key(String root, String of, @Nullable String language) {
    return List.of(root, of, language == null ? "" : language);
  }

  private void keep(Hole answer) {
    all.put(key(answer.root(), answer.of(), answer.language()), answer);
  }

  boolean has(String root, String of, @Nullable String language) {
    return all.containsKey(key(root, of, language));
  }

  void put(Hole answer) throws IOException {
    keep(answer);
    String line =
        String.join(
            "\t",
            answer.root(),
            answer.of(),
            answer.language() == null ? "" : answer.language(),
            String.join(" ", answer.lacks()),
            answer.under() == null ? "" : answer.under());
    Files.writeString(file, line + "\n", StandardOpenOption.CREATE, StandardOpenOption.APPEND);
  }

  /** All of them, in the order in which they were asked. */
  List<Hole> all() {
    return List.copyOf(all.values());
  }

  List<Hole> holes() {
    List<Hole> holes = new ArrayList<>(all.values());
    holes.removeIf(each -> each.lacks().isEmpty());
    return List.copyOf(holes);
  }

  long holesOf(String of) {
    return holes().stream().filter(each -> each.of().equals(of)).count();
  }

  int size() {
    return all.size();
  }

  /** To be called when all is asked: the next run begins anew. */
  void forget() throws IOException {
    Files.deleteIfExists(file);
  }
}
