package vividtrellis.gradle.script;

import java.io.File;
import java.net.URL;
import java.nio.file.Path;
import java.security.CodeSource;
import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.gradle.api.Project;
import org.gradle.api.reflect.TypeOf;
import org.jspecify.annotations.Nullable;

/**
 * The names that a build script in Kotlin may use for what the plugins of its project brought:
 * extensions, configurations and tasks. Only those that its text mentions are written, since the
 * compiler reads all of them.
 */
final class Accessors {

  private final Project project;
  private final String script;
  private final Set<File> sources = new LinkedHashSet<>();
  private final StringBuilder text =
      new StringBuilder(
          """
          @file:Suppress("ALL")
          package org.gradle.kotlin.dsl
          import org.gradle.api.*
          import org.gradle.api.artifacts.*
          import org.gradle.api.artifacts.dsl.*
          import org.gradle.api.provider.Provider
          import org.gradle.api.tasks.*
          """);

  Accessors(Project project, String script) {
    this.project = project;
    this.script = script;
    project
        .getExtensions()
        .getExtensionsSchema()
        .forEach(each -> extension(each.getName(), each.getPublicType()));
    project.getConfigurations().getNames().forEach(this::configuration);
    project
        .getTasks()
        .getCollectionSchema()
        .getElements()
        .forEach(each -> task(each.getName(), each.getPublicType()));
  }

  /** Their source in Kotlin. */
  String text() {
    return text.toString();
  }

  /** Where the types of the extensions come from. */
  Set<File> sources() {
    return sources;
  }

  private boolean isMentioned(String name) {
    return Pattern.compile("\\b" + Pattern.quote(name) + "\\b").matcher(script).find();
  }

  private void extension(String name, TypeOf<?> type) {
    if (isMentioned(name)) {
      add(
          """
          val Project.`NAME`: TYPE get() = extensions.getByName("NAME") as TYPE
          fun Project.`NAME`(action: Action<TYPE>) = extensions.configure("NAME", action)
          """,
          name,
          kotlin(type));
      source(project.getExtensions().getByName(name).getClass()).ifPresent(sources::add);
    }
  }

  private void configuration(String name) {
    if (isMentioned(name)) {
      add(
          """
          fun DependencyHandler.`NAME`(what: Any): Dependency? = add("NAME", what)
          fun DependencyHandler.`NAME`(what: String, action: Action<TYPE>): TYPE =
            (create(what) as TYPE).also { action.execute(it); add("NAME", it) }
          fun DependencyHandler.`NAME`(what: Provider<*>, action: Action<TYPE>) =
            addProvider("NAME", what as Provider<MinimalExternalModuleDependency>, action as Action<MinimalExternalModuleDependency>)
          val NamedDomainObjectContainer<Configuration>.`NAME`: NamedDomainObjectProvider<Configuration>
            get() = named("NAME")
          """,
          name,
          "ExternalModuleDependency");
    }
  }

  private void task(String name, TypeOf<?> type) {
    if (isMentioned(name)) {
      add(
          """
          val TaskContainer.`NAME`: TaskProvider<TYPE> get() = named("NAME", TYPE::class.java)
          """,
          name,
          kotlin(type));
    }
  }

  private void add(String form, String name, String type) {
    text.append(form.replace("NAME", name).replace("TYPE", type));
  }

  /** A type as Kotlin writes it. */
  private static String kotlin(TypeOf<?> type) {
    return type.toString()
        .replace("? extends ", "out ")
        .replace("? super ", "in ")
        .replace("?", "*")
        .replace("$", ".")
        .replace("java.lang.Object", "Any");
  }

  /** Where the type lies that Gradle made an extension's class of. */
  private static Optional<File> source(Class<?> made) {
    for (@Nullable Class<?> each = made; each != null; each = each.getSuperclass()) {
      CodeSource source = each.getProtectionDomain().getCodeSource();
      URL place = source == null ? null : source.getLocation();
      if (!each.getName().contains("_Decorated") && place != null) {
        return place.getProtocol().equals("file")
            ? Optional.of(Path.of(java.net.URI.create(place.toString())).toFile())
            : Optional.empty();
      }
    }
    return Optional.empty();
  }
}
