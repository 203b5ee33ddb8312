package vividtrellis.core.catalog;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.document.Node;

/**
 * What a picked option puts into a project when all of {@code when} holds: its <em>binding</em>.
 * Texts in it are templates over the project's names and levels.
 *
 * @param when further conditions, such as a range of framework versions; empty for always
 * @param module of the framework that it goes into; {@code null} for the one that is run
 * @param addition whether the option is whole without it
 * @param documentation where to read on about the option where this holds; {@code null} for the
 *     option's own address
 * @param parent the build file's parent, if this option sets it
 * @param properties of the build
 * @param boms lists of versions that dependencies take theirs from
 * @param artifacts dependencies
 * @param without what must not be brought along ({@code group:artifact}), to those that would
 * @param sources {@code main} and {@code test} to where the code lies, for a build that must be
 *     told
 * @param plugins of a Maven build
 * @param fetches what the plugins of a build ask a registry for only while they run
 * @param script plugins and parts of a Gradle build
 * @param configurations scope to what a script of a build calls it, where that is not the usual
 * @param settings profile to (dotted key to value); the profile {@code shared} holds everywhere
 * @param services what the application talks to, by name, as a compose file describes it
 * @param files whole files, or parts of files that several options write together
 * @param variables further words for templates
 * @param fieldWords further words for each field of the entity, templates over the words of the
 *     field
 */
public record Contribution(
    List<Term> when,
    @Nullable String module,
    boolean addition,
    @Nullable String documentation,
    @Nullable Artifact parent,
    Map<String, String> properties,
    List<Artifact> boms,
    List<Artifact> artifacts,
    Map<String, List<String>> without,
    Map<String, String> sources,
    List<Plugin> plugins,
    List<Artifact> fetches,
    List<Plugin> script,
    Map<Scope, String> configurations,
    Map<String, Map<String, String>> settings,
    Node.Fields services,
    List<FilePart> files,
    Map<String, String> variables,
    Map<String, String> fieldWords) {

  /** The same under further conditions. */
  Contribution when(List<Term> conditions) {
    return new Contribution(
        conditions,
        module,
        addition,
        documentation,
        parent,
        properties,
        boms,
        artifacts,
        without,
        sources,
        plugins,
        fetches,
        script,
        configurations,
        settings,
        services,
        files,
        variables,
        fieldWords);
  }

  /** In which phases an artifact is there; in the order in which a build file has them. */
  public enum Scope {
    /** While compiling and running. */
    COMPILE,
    /** While compiling only. */
    COMPILE_ONLY,
    /** On the developer's machine only. */
    DEVELOPMENT,
    /** While running, brought by the server that the application is put into. */
    PROVIDED,
    /** While running. */
    RUNTIME,
    /** Read by the compiler: it writes code. */
    PROCESSOR,
    /** While testing. */
    TEST,
    /** While tests run, not while they are compiled. */
    TEST_RUNTIME;

    /** The word for it in a catalog. */
    public String word() {
      return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
  }

  /**
   * An artifact of a registry.
   *
   * @param version {@code null} where the parent or a BOM says it
   * @param classifier which of several files of it; {@code null} for its own
   * @param type the kind of its file; {@code null} for the usual
   * @param companion {@code group:artifact} of another that the build asks for where this one is a
   *     dependency, in the same version; {@code null} for none
   * @param place where among those of its scope it stands; lower is further up
   * @param when further conditions for this artifact alone
   */
  public record Artifact(
      String group,
      String artifact,
      @Nullable String version,
      @Nullable String classifier,
      @Nullable String type,
      @Nullable String companion,
      Scope scope,
      int place,
      List<Term> when) {
    /** One that is asked for as it is, whatever else is. */
    public static Artifact of(String group, String artifact, @Nullable String version) {
      return new Artifact(group, artifact, version, null, null, null, Scope.COMPILE, 0, List.of());
    }

    /** The same for a version of the framework, which its own may name. */
    public Artifact filled(String frameworkVersion) {
      String own =
          version == null ? null : version.replace("{{frameworkVersion}}", frameworkVersion);
      return new Artifact(group, artifact, own, classifier, type, companion, scope, place, when);
    }

    /** The artifact that the build asks for beside this one, if any. */
    public Optional<Artifact> beside() {
      return Optional.ofNullable(companion)
          .map(
              key -> {
                int colon = key.indexOf(':');
                return new Artifact(
                    key.substring(0, colon),
                    key.substring(colon + 1),
                    version,
                    null,
                    null,
                    null,
                    scope,
                    place,
                    when);
              });
    }

    /** {@code group:artifact}, which no two artifacts of a build share. */
    public String key() {
      return group + ":" + artifact;
    }
  }

  /**
   * A plugin of the build, or of a script a part that belongs to no plugin.
   *
   * @param id {@code group:artifact} for Maven, an id for a script; empty for a part without one
   * @param version {@code null} where the parent or the build system says it
   * @param alias the name that a script gives to a plugin with a version; else {@code null}
   * @param withFile of Maven: the file without which it stays away; {@code null} for one that is
   *     always there
   * @param body what stands below it
   * @param because why it is there, if the option's own name does not say it
   */
  public record Plugin(
      String id,
      @Nullable String version,
      @Nullable String alias,
      @Nullable String withFile,
      Node.Fields body,
      @Nullable String because) {}

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
   * @param format ending of the files that it is written like; {@code null} for its own
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
      @Nullable String format,
      int place,
      @Nullable String tracedTo) {}
}
