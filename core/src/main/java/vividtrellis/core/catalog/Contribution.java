package vividtrellis.core.catalog;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.document.Node;

/**
 * What a picked option puts into a project when all of {@code when} holds: its <em>binding</em>.
 * Texts in it are templates over the project's names and levels.
 *
 * @param when further conditions, such as a range of framework versions; empty for always
 * @param parent the build file's parent, if this option sets it
 * @param properties of the build
 * @param artifacts dependencies
 * @param without what must not be brought along ({@code group:artifact}), to those that would
 * @param plugins of the build
 * @param settings profile to (dotted key to value); the profile {@code shared} holds everywhere
 * @param files whole files, or parts of files that several options write together
 * @param variables further words for templates
 */
public record Contribution(
    List<Term> when,
    @Nullable Artifact parent,
    Map<String, String> properties,
    List<Artifact> artifacts,
    Map<String, List<String>> without,
    List<Plugin> plugins,
    Map<String, Map<String, String>> settings,
    List<FilePart> files,
    Map<String, String> variables) {

  /** In which phases an artifact is there; from widest to narrowest. */
  public enum Scope {
    COMPILE,
    OPTIONAL,
    RUNTIME,
    TEST
  }

  /**
   * An artifact of a registry.
   *
   * @param version {@code null} where the parent or a BOM says it
   * @param when further conditions for this artifact alone
   */
  public record Artifact(
      String group, String artifact, @Nullable String version, Scope scope, List<Term> when) {
    /** {@code group:artifact}, which no two artifacts of a build share. */
    public String key() {
      return group + ":" + artifact;
    }
  }

  /**
   * A plugin of the build.
   *
   * @param body what stands below the coordinates: configuration, executions
   * @param because why it is there, if the option's own name does not say it
   */
  public record Plugin(String group, String artifact, Node.Fields body, @Nullable String because) {}

  /**
   * A file, or one part of it. Parts with the same path are joined in order.
   *
   * @param path template of the path below the project's root
   * @param template name of the source template
   * @param mode 644 or 755
   * @param role yours, rarely or ours
   * @param purpose what the file is for; only the first part of a path needs one
   * @param when further conditions for this part alone
   * @param verbatim whether the template is copied as it is
   * @param place where among the parts of its file it stands; lower is further up
   * @param tracedTo the pick behind it, as a JSON Pointer, where it is not the option itself
   */
  public record FilePart(
      String path,
      String template,
      String mode,
      @Nullable String role,
      @Nullable String purpose,
      List<Term> when,
      boolean verbatim,
      int place,
      @Nullable String tracedTo) {}
}
