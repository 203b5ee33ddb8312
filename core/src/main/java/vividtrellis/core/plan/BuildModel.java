package vividtrellis.core.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.catalog.Contribution.Scope;

/**
 * A build, whatever system will run it.
 *
 * @param system id of the build system: which form it is written in
 * @param about coordinates and texts in the order in which they are written
 * @param properties named values, in the order in which they are written
 * @param boms lists of versions that dependencies without one take theirs from
 * @param dependencies widest scope first, then in the order of the picks
 * @param sources where main and test code lie, if not where the build system looks by itself
 * @param plugins in order; a script of a build has parts of its own beside them
 * @param script parts of a script that belong to no plugin
 * @param configurations scope to what a script calls it, where that is not the usual
 * @param mirror the repository that stands in for the usual one
 */
public record BuildModel(
    String system,
    Optional<Dependency> parent,
    List<Property> about,
    List<Property> properties,
    List<Dependency> boms,
    List<Dependency> dependencies,
    List<Property> sources,
    List<Plugin> plugins,
    List<BuildPart> script,
    Map<Scope, String> configurations,
    Optional<Property> mirror) {

  /** A named value. */
  public record Property(String name, String value, Cause cause) {}

  /**
   * An artifact that the project depends on.
   *
   * @param version empty where a parent or BOM says it
   * @param classifier which of several files of it
   * @param type the kind of its file
   * @param place where among those of its scope it stands; lower is further up
   * @param without what it would bring along and must not
   */
  public record Dependency(
      String group,
      String artifact,
      Optional<String> version,
      Optional<String> classifier,
      Optional<String> type,
      Scope scope,
      int place,
      List<Exclusion> without,
      Cause cause) {
    /** {@code group:artifact}. */
    public String key() {
      return group + ":" + artifact;
    }

    /** The same with other things left out. */
    public Dependency without(List<Exclusion> others) {
      return new Dependency(
          group, artifact, version, classifier, type, scope, place, others, cause);
    }

    /** The same for another reason. */
    public Dependency because(Cause other) {
      return new Dependency(
          group, artifact, version, classifier, type, scope, place, without, other);
    }
  }

  /** An artifact that is kept out. */
  public record Exclusion(String group, String artifact, Cause cause) {}

  /**
   * A plugin of the build.
   *
   * @param id {@code group:artifact} for Maven, the plugin's id for Gradle
   * @param version {@code null} where the parent or the build system says it
   * @param alias the name that a script gives to one with a version
   * @param body what stands below it
   */
  public record Plugin(
      String id,
      @Nullable String version,
      @Nullable String alias,
      List<BuildPart> body,
      Cause cause) {}
}
