package vividtrellis.cli.api;

import java.util.List;
import java.util.Optional;
import vividtrellis.core.brief.Trace;

/**
 * The files that a project would have.
 *
 * @param root name of its one top directory
 */
public record OutlineAnswer(String root, List<File> files) {

  /**
   * One file.
   *
   * @param size in bytes
   * @param content empty where it was not asked for
   */
  public record File(
      String path, long size, String role, String purpose, String content, List<Trace> traces) {}

  static OutlineAnswer of(Json json) {
    return new OutlineAnswer(
        json.text("root"),
        json.list("files").stream()
            .map(
                each ->
                    new File(
                        each.text("path"),
                        each.number("size"),
                        each.text("role"),
                        each.text("purpose"),
                        each.text("content"),
                        each.list("traces").stream().map(OutlineAnswer::trace).toList()))
            .toList());
  }

  private static Trace trace(Json json) {
    return new Trace(
        (int) json.number("from"),
        (int) json.number("to"),
        json.texts("picks"),
        json.text("because"));
  }

  /** The file at a path. */
  public Optional<File> file(String path) {
    return files.stream().filter(each -> each.path().equals(path)).findFirst();
  }
}
