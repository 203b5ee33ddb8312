package vividtrellis.core.plan;

import java.util.List;
import vividtrellis.core.template.Cause;
import vividtrellis.core.template.TemplateContext.Filled;
import vividtrellis.core.tree.TracedPart;

/**
 * Everything that a project consists of.
 *
 * @param root name of its one top directory
 * @param builds one, or one above those of the modules
 * @param settings those of each file, in the order of their causes
 * @param settingsFormat yaml or properties
 * @param documents files written from a tree rather than from a template
 * @param files parts of files; parts with the same path belong together, in order
 */
public record ProjectPlan(
    String root,
    List<BuildModel> builds,
    List<SettingsFile> settings,
    String settingsFormat,
    List<TreeDocument> documents,
    List<Part> files) {

  /**
   * A file of settings.
   *
   * @param path below the root, with slashes
   * @param purpose what the file is for
   */
  public record SettingsFile(String path, String purpose, List<Setting> settings) {}

  /**
   * One setting.
   *
   * @param path key, part by part; a part may have dots of its own
   */
  public record Setting(List<String> path, String value, Cause cause) {}

  /**
   * A YAML file that several picks write together.
   *
   * @param path below the root, with slashes
   * @param purpose what the file is for
   */
  public record TreeDocument(String path, String purpose, List<TracedPart> parts, Cause cause) {}

  /**
   * A file, or a part of one.
   *
   * @param path below the root, with slashes
   * @param mode 644 or 755
   * @param role yours, rarely or ours
   * @param purpose what the file is for
   * @param place where among the parts of its file it stands
   */
  public record Part(
      String path,
      String mode,
      String role,
      String purpose,
      int place,
      Cause cause,
      Content content) {}

  /** What a part consists of. */
  public sealed interface Content {

    /** A text as it is. */
    record Verbatim(String text) implements Content {}

    /** A template that was filled, each line with the picks that are in it. */
    record Lines(List<Filled> lines) implements Content {}
  }
}
