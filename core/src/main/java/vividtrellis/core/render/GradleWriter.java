package vividtrellis.core.render;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import vividtrellis.core.catalog.Contribution.Scope;
import vividtrellis.core.plan.BuildModel;
import vividtrellis.core.plan.BuildModel.Dependency;
import vividtrellis.core.plan.BuildModel.Exclusion;
import vividtrellis.core.plan.BuildModel.Plugin;
import vividtrellis.core.plan.BuildModel.Property;
import vividtrellis.core.template.Cause;
import vividtrellis.core.tree.TracedPart;
import vividtrellis.core.tree.TracedPart.Branch;

/** Writes a build model as Gradle's scripts, in Kotlin or in Groovy, with a list of versions. */
final class GradleWriter {

  private static final Cause FORM = Cause.own("What every Gradle build has");

  /** The block that scripts of the catalog may add to. */
  private static final String DEPENDENCIES = "dependencies";

  /** What every build of Java has, for what no plugin has a name of its own for. */
  private static final Map<Scope, String> USUAL =
      Map.of(
          Scope.COMPILE, "implementation",
          Scope.COMPILE_ONLY, "compileOnly",
          Scope.DEVELOPMENT, "runtimeOnly",
          Scope.PROVIDED, "compileOnly",
          Scope.RUNTIME, "runtimeOnly",
          Scope.PROCESSOR, "annotationProcessor",
          Scope.TEST, "testImplementation",
          Scope.TEST_RUNTIME, "testRuntimeOnly");

  private final BuildModel build;
  private final boolean kotlin;
  private final VersionCatalog catalog;

  /**
   * Of one build.
   *
   * @param catalog the versions of all builds of the project
   */
  GradleWriter(BuildModel build, VersionCatalog catalog) {
    this.build = build;
    this.kotlin = build.system().equals("gradle-kotlin");
    this.catalog = catalog;
  }

  String fileName(String script) {
    return script + (kotlin ? ".gradle.kts" : ".gradle");
  }

  TracedText settings() {
    Script script = new Script(kotlin);
    if (build.mirror().isPresent()) {
      Cause cause = build.mirror().get().cause();
      script.open("pluginManagement", cause);
      repositories(script);
      script.close(cause);
      script.blank(cause);
    }
    script.open("dependencyResolutionManagement", FORM);
    repositories(script);
    script.close(FORM);
    script.blank(FORM);
    Property name = about("artifactId");
    script.line("rootProject.name = " + script.quoted(name.value()), name.cause());
    for (String module : build.modules()) {
      script.line(script.statement("include", script.quoted(module)), FORM);
    }
    return script.text();
  }

  private void repositories(Script script) {
    if (build.mirror().isEmpty()) {
      script.open("repositories", FORM);
      script.line("mavenCentral()", FORM);
      script.close(FORM);
      return;
    }
    Property mirror = build.mirror().get();
    script.open("repositories", mirror.cause());
    script.open("maven", mirror.cause());
    script.line("url = uri(" + script.quoted(mirror.value()) + ")", mirror.cause());
    script.close(mirror.cause());
    script.close(mirror.cause());
  }

  TracedText build() {
    Script script = new Script(kotlin);
    script.open("plugins", FORM);
    for (Plugin plugin : build.plugins()) {
      String name =
          plugin.version() == null
              ? script.statement("id", script.quoted(plugin.id()))
              : "alias(" + catalog.plugin(alias(plugin)) + ")";
      script.line(name, plugin.cause());
    }
    script.close(FORM);
    script.blank(FORM);
    for (String key : List.of("groupId", "version", "summary")) {
      build.about().stream()
          .filter(each -> each.name().equals(key))
          .forEach(each -> about(script, each));
    }
    properties(script);
    List<TracedPart> parts = new ArrayList<>(build.script());
    build.plugins().forEach(plugin -> parts.addAll(plugin.body()));
    List<TracedPart> before =
        parts.stream().filter(p -> !isTasks(p) && !p.name().equals(DEPENDENCIES)).toList();
    before.forEach(part -> apart(script, part));
    exclusions(script);
    dependencies(script, parts.stream().filter(p -> p.name().equals(DEPENDENCIES)).toList());
    parts.stream().filter(GradleWriter::isTasks).forEach(part -> apart(script, part));
    return script.text();
  }

  /** What plugins read by its name, such as another version of a language than the framework's. */
  private void properties(Script script) {
    for (Property property : build.properties()) {
      script.blank(property.cause());
      String name = script.quoted(property.name());
      String all = kotlin ? "extra" : "ext";
      script.line(
          "%s[%s] = %s".formatted(all, name, script.quoted(property.value())), property.cause());
    }
  }

  private static boolean isTasks(TracedPart part) {
    return part.name().startsWith("tasks ");
  }

  private static void apart(Script script, TracedPart part) {
    script.blank(part.cause());
    script.part(part);
  }

  private static String alias(Plugin plugin) {
    return plugin.alias() == null ? plugin.id() : String.valueOf(plugin.alias());
  }

  private Property about(String key) {
    return build.about().stream().filter(p -> p.name().equals(key)).findFirst().orElseThrow();
  }

  private static void about(Script script, Property property) {
    String name =
        switch (property.name()) {
          case "groupId" -> "group";
          case "summary" -> "description";
          default -> property.name();
        };
    script.line(name + " = " + script.quoted(property.value()), property.cause());
  }

  /**
   * What is kept out, of all configurations: at one dependency alone it would come back by the next
   * one that brings it, while Maven looks at the nearest only.
   */
  private void exclusions(Script script) {
    Map<String, Exclusion> all = new LinkedHashMap<>();
    build.dependencies().stream()
        .flatMap(each -> each.without().stream())
        .forEach(each -> all.putIfAbsent(each.group() + ":" + each.artifact(), each));
    if (all.isEmpty()) {
      return;
    }
    Cause cause = all.values().iterator().next().cause();
    script.blank(cause);
    script.open("configurations.configureEach", cause);
    for (Exclusion out : all.values()) {
      String group = script.quoted(out.group());
      String module = script.quoted(out.artifact());
      script.line(
          kotlin
              ? "exclude(group = %s, module = %s)".formatted(group, module)
              : "exclude group: %s, module: %s".formatted(group, module),
          out.cause());
    }
    script.close(cause);
  }

  /**
   * What the build is made with.
   *
   * @param more what scripts of the catalog say of it besides
   */
  private void dependencies(Script script, List<TracedPart> more) {
    if (build.dependencies().isEmpty() && build.siblings().isEmpty() && more.isEmpty()) {
      return;
    }
    script.blank(FORM);
    script.open(DEPENDENCIES, FORM);
    for (Dependency bom : build.boms()) {
      String platform = "platform(" + catalog.library(bom.artifact()) + ")";
      script.line(script.statement("implementation", platform), bom.cause());
    }
    for (BuildModel.Sibling sibling : build.siblings()) {
      String project = "project(" + script.quoted(":" + sibling.module()) + ")";
      script.line(script.statement("implementation", project), sibling.cause());
    }
    build.dependencies().forEach(each -> dependency(script, each));
    more.forEach(each -> ((Branch) each).parts().forEach(script::part));
    script.close(FORM);
  }

  private String configuration(Scope scope) {
    return build.configurations().getOrDefault(scope, String.valueOf(USUAL.get(scope)));
  }

  private void dependency(Script script, Dependency dependency) {
    String what =
        dependency.version().isPresent()
            ? variant(catalog.library(dependency.artifact()), script, dependency)
            : script.quoted(
                dependency.key()
                    + dependency.classifier().map(each -> "::" + each).orElse("")
                    + dependency.type().map(each -> "@" + each).orElse(""));
    String configuration = configuration(dependency.scope());
    script.line(script.statement(configuration, what), dependency.cause());
  }

  /** Which of the files of a library is meant, where it is not its own. */
  private static String variant(String library, Script script, Dependency dependency) {
    List<String> calls = new ArrayList<>();
    dependency.classifier().ifPresent(each -> calls.add("classifier(" + script.quoted(each) + ")"));
    dependency.type().ifPresent(each -> calls.add("artifactType(" + script.quoted(each) + ")"));
    return calls.isEmpty()
        ? library
        : "variantOf(%s) { %s }".formatted(library, String.join("; ", calls));
  }
}
