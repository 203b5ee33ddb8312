package vividtrellis.core.plan;

import java.util.List;
import java.util.Optional;
import vividtrellis.core.catalog.Contribution.Scope;
import vividtrellis.core.document.Node;

/**
 * A build, whatever system will run it.
 *
 * @param about coordinates and texts in the order in which they are written
 * @param dependencies widest scope first, then in the order of the picks
 */
public record BuildModel(
    Optional<Dependency> parent,
    List<Property> about,
    List<Property> properties,
    List<Dependency> dependencies,
    List<Plugin> plugins) {

  /** A named value. */
  public record Property(String name, String value, Cause cause) {}

  /**
   * An artifact that the project depends on.
   *
   * @param version empty where the parent says it
   * @param without what it would bring along and must not
   */
  public record Dependency(
      String group,
      String artifact,
      Optional<String> version,
      Scope scope,
      List<Exclusion> without,
      Cause cause) {
    /** {@code group:artifact}. */
    public String key() {
      return group + ":" + artifact;
    }
  }

  /** An artifact that is kept out. */
  public record Exclusion(String group, String artifact, Cause cause) {}

  /**
   * A plugin of the build.
   *
   * @param body what stands below the coordinates, with all words filled in
   */
  public record Plugin(String group, String artifact, Node.Fields body, Cause cause) {}
}
