package vividtrellis.core.render;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import vividtrellis.core.brief.Trace;

/**
 * The files of a project.
 *
 * @param root name of the one top directory
 * @param files by path
 */
public record FileSet(String root, List<GeneratedFile> files) {

  /** Copies its list. */
  public FileSet {
    files = List.copyOf(files);
  }

  /** Files by path: those of a directory before its directories. */
  public static FileSet of(String root, List<GeneratedFile> files) {
    Map<String, GeneratedFile> sorted = new TreeMap<>();
    for (GeneratedFile file : files) {
      if (sorted.put(sortKey(file), file) != null) {
        throw new IllegalStateException(file.path() + " is written twice");
      }
    }
    return new FileSet(root, List.copyOf(sorted.values()));
  }

  /** With one file more, in its place. */
  public FileSet with(GeneratedFile file) {
    List<GeneratedFile> all = new ArrayList<>(files);
    all.add(file);
    return of(root, all);
  }

  /** Makes a file sort before the directories beside it, whatever their names. */
  private static String sortKey(GeneratedFile file) {
    int end = file.path().lastIndexOf('/') + 1;
    return file.path().substring(0, end).replace("/", "/\u0001")
        + "\0"
        + file.path().substring(end);
  }

  /**
   * One file.
   *
   * @param path below the root, with slashes
   * @param text its content, to be written in UTF-8
   * @param mode 644 or 755
   * @param purpose what it is for
   * @param role yours, rarely or ours: whether one is meant to edit it
   * @param traces why each line is there, by line; every line is in exactly one
   */
  public record GeneratedFile(
      String path, String text, String mode, String purpose, String role, List<Trace> traces) {}
}
