package vividtrellis.core.compare;

import com.github.difflib.DiffUtils;
import com.github.difflib.UnifiedDiffUtils;
import com.github.difflib.patch.AbstractDelta;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.render.FileSet;
import vividtrellis.core.render.FileSet.GeneratedFile;

/** Compares two projects. */
public final class Comparison {

  /** Lines around a change. */
  private static final int CONTEXT = 3;

  private static final String NOWHERE = "/dev/null";
  private static final String NO_LAST_BREAK = "\n\\ No newline at end of file";

  private Comparison() {}

  /** How a file of the second side stands to that of the first. */
  public enum Change {
    ADDED,
    REMOVED,
    CHANGED,
    SAME
  }

  /**
   * One file.
   *
   * @param path below the root, with slashes
   * @param diff unified, in the form that {@code patch -p1} takes; empty for a file that is the
   *     same
   */
  public record FileChange(String path, Change change, String diff) {}

  /** The files of two projects, by path. */
  public static List<FileChange> of(FileSet left, FileSet right) {
    return of(texts(left), texts(right));
  }

  /**
   * Two sets of texts, by path.
   *
   * @param left path to text
   * @param right path to text
   */
  public static List<FileChange> of(Map<String, String> left, Map<String, String> right) {
    TreeSet<String> paths = new TreeSet<>(left.keySet());
    paths.addAll(right.keySet());
    return paths.stream().map(path -> change(path, left.get(path), right.get(path))).toList();
  }

  /**
   * Where the lines of a text come from.
   *
   * @param before what it was
   * @param after what it is
   * @return for each line of {@code after} its number in {@code before}, counted from 1; 0 for one
   *     that was changed or is new
   */
  public static List<Integer> origins(String before, String after) {
    List<String> old = before.lines().toList();
    List<String> now = after.lines().toList();
    List<Integer> origins = new ArrayList<>();
    int next = 1;
    for (AbstractDelta<String> delta : DiffUtils.diff(old, now).getDeltas()) {
      while (origins.size() < delta.getTarget().getPosition()) {
        origins.add(next++);
      }
      delta.getTarget().getLines().forEach(line -> origins.add(0));
      next += delta.getSource().size();
    }
    while (origins.size() < now.size()) {
      origins.add(next++);
    }
    return origins;
  }

  private static Map<String, String> texts(FileSet files) {
    return files.files().stream()
        .collect(java.util.stream.Collectors.toMap(GeneratedFile::path, GeneratedFile::text));
  }

  private static FileChange change(String path, @Nullable String left, @Nullable String right) {
    Change change =
        left == null
            ? Change.ADDED
            : right == null ? Change.REMOVED : left.equals(right) ? Change.SAME : Change.CHANGED;
    if (change == Change.SAME) {
      return new FileChange(path, change, "");
    }
    List<String> before = lines(left);
    List<String> diff =
        UnifiedDiffUtils.generateUnifiedDiff(
            left == null ? NOWHERE : "left/" + path,
            right == null ? NOWHERE : "right/" + path,
            before,
            DiffUtils.diff(before, lines(right)),
            CONTEXT);
    return new FileChange(path, change, diff.isEmpty() ? "" : String.join("\n", diff) + "\n");
  }

  /** Lines without their breaks; one that has none at the end of the file says so. */
  private static List<String> lines(@Nullable String text) {
    if (text == null || text.isEmpty()) {
      return List.of();
    }
    List<String> lines = new ArrayList<>(List.of(text.split("\n", -1)));
    String last = lines.remove(lines.size() - 1);
    if (!last.isEmpty()) {
      lines.add(last + NO_LAST_BREAK);
    }
    return lines;
  }
}
