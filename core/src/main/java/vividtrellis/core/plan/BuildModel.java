package vividtrellis.core.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.catalog.Contribution.Scope;
import vividtrellis.core.catalog.Options.Module;
import vividtrellis.core.template.Cause;
import vividtrellis.core.tree.TracedPart;

/**
 * A build, whatever system will run it.
 *
 * @param system id of the build system: which form it is written in
 * @param module its folder; empty for the only build of a project, or the one above all modules
 * @param modules those below it; none for a module, or where there are none
 * @param siblings the modules that its code uses
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
    String module,
    List<String> modules,
    List<Sibling> siblings,
    Optional<Dependency> parent,
    List<Property> about,
    List<Property> properties,
    List<Dependency> boms,
    List<Dependency> dependencies,
    List<Property> sources,
    List<Plugin> plugins,
    List<TracedPart> script,
    Map<Scope, String> configurations,
    Optional<Property> mirror) {

  /** Of a project with modules what stands above them: it has no code of its own. */
  BuildModel above(List<String> all) {
    return new BuildModel(
        system,
        "",
        all,
        List.of(),
        parent,
        about,
        properties,
        boms,
        List.of(),
        List.of(),
        List.of(),
        List.of(),
        Map.of(),
        mirror);
  }

  /**
   * The same as a module.
   *
   * @param whole the build of all modules together
   * @param last whether it is the one that is run, and packed as was picked
   * @param split why there are modules
   */
  BuildModel below(BuildModel whole, Module own, boolean last, Cause split) {
    Dependency above =
        new Dependency(
            whole.text("groupId"),
            whole.text("artifactId"),
            Optional.of(whole.text("version")),
            Optional.empty(),
            Optional.empty(),
            Scope.COMPILE,
            0,
            List.of(),
            split);
    List<Property> named =
        whole.about().stream()
            .filter(each -> last || !each.name().equals("packaging"))
            .map(each -> each.of(own.id()))
            .toList();
    return new BuildModel(
        system,
        own.id(),
        List.of(),
        own.needs().stream().map(each -> new Sibling(each, split)).toList(),
        Optional.of(above),
        named,
        whole.properties(),
        whole.boms(),
        dependencies,
        sources,
        plugins,
        script,
        configurations,
        Optional.empty());
  }

  private String text(String name) {
    return about.stream()
        .filter(each -> each.name().equals(name))
        .map(Property::value)
        .findFirst()
        .orElseThrow();
  }

  /** Another module of the same project. */
  public record Sibling(String module, Cause cause) {}

  /** A named value. */
  public record Property(String name, String value, Cause cause) {
    /** The same for a module: what is named after the project is named after both. */
    Property of(String module) {
      return switch (name) {
        case "artifactId" -> new Property(name, value + "-" + module, cause);
        case "name" -> new Property(name, value + " " + module, cause);
        default -> this;
      };
    }
  }

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
   * @param withFile the file without which Maven leaves it out; {@code null} for always
   * @param body what stands below it
   */
  public record Plugin(
      String id,
      @Nullable String version,
      @Nullable String alias,
      @Nullable String withFile,
      List<TracedPart> body,
      Cause cause) {}
}
