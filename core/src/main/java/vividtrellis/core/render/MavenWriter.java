package vividtrellis.core.render;

import com.google.common.xml.XmlEscapers;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import vividtrellis.core.catalog.Contribution.Scope;
import vividtrellis.core.plan.BuildModel;
import vividtrellis.core.plan.BuildModel.Dependency;
import vividtrellis.core.plan.BuildModel.Exclusion;
import vividtrellis.core.plan.BuildModel.Plugin;
import vividtrellis.core.plan.BuildModel.Property;
import vividtrellis.core.plan.BuildModel.Sibling;
import vividtrellis.core.template.Cause;
import vividtrellis.core.tree.TracedPart;
import vividtrellis.core.tree.TracedPart.Branch;
import vividtrellis.core.tree.TracedPart.Leaf;

/** Writes a build model as {@code pom.xml}: ordered, nothing empty, nothing that is a default. */
final class MavenWriter {

  private static final Cause FORM = Cause.own("What every Maven build file has");

  private static final String ATTRIBUTE = "@";

  private static final String PATHS = "annotationProcessorPaths";

  private static final String COMPILER = "org.apache.maven.plugins:maven-compiler-plugin";

  private final TracedText out = new TracedText();
  private final BuildModel build;
  private final Map<String, Property> versions;

  private MavenWriter(BuildModel build) {
    this.build = build;
    this.versions = SharedVersions.of(build.dependencies());
  }

  static TracedText write(BuildModel build) {
    MavenWriter writer = new MavenWriter(build);
    writer.project();
    return writer.out;
  }

  private void project() {
    out.line("<?xml version=\"1.0\" encoding=\"UTF-8\"?>", FORM);
    out.line("<project xmlns=\"http://maven.apache.org/POM/4.0.0\"", FORM);
    out.line("         xmlns:xsi=\"http://www.w3.org/2001/XMLSchema-instance\"", FORM);
    out.line(
        "         xsi:schemaLocation=\"http://maven.apache.org/POM/4.0.0"
            + " https://maven.apache.org/xsd/maven-4.0.0.xsd\">",
        FORM);
    out.line("    <modelVersion>4.0.0</modelVersion>", FORM);
    build.parent().ifPresent(this::parent);
    out.line("", FORM);
    build.about().stream().filter(this::isOwn).forEach(this::about);
    modules();
    properties();
    if (build.module().isEmpty()) {
      boms();
    }
    List<Dependency> dependencies =
        build.dependencies().stream().filter(each -> each.scope() != Scope.PROCESSOR).toList();
    if (!dependencies.isEmpty() || !build.siblings().isEmpty()) {
      out.line("", FORM);
      out.line("    <dependencies>", FORM);
      build.siblings().forEach(this::sibling);
      dependencies.forEach(each -> dependency(2, each));
      out.line("    </dependencies>", FORM);
    }
    build();
    profiles();
    build.mirror().ifPresent(this::mirror);
    out.line("</project>", FORM);
  }

  private void parent(Dependency parent) {
    Cause cause = parent.cause();
    out.line("", cause);
    out.line("    <parent>", cause);
    element(2, "groupId", parent.group(), cause);
    element(2, "artifactId", parent.artifact(), cause);
    element(2, "version", parent.version().orElseThrow(), cause);
    if (build.module().isEmpty()) {
      out.line("        <relativePath/>", cause);
    }
    out.line("    </parent>", cause);
  }

  /** A module has the rest from above. */
  private boolean isOwn(Property property) {
    return build.module().isEmpty()
        || List.of("artifactId", "packaging", "name").contains(property.name());
  }

  private void modules() {
    if (build.modules().isEmpty()) {
      return;
    }
    out.line("", FORM);
    out.line("    <modules>", FORM);
    build.modules().forEach(module -> element(2, "module", module, FORM));
    out.line("    </modules>", FORM);
  }

  private void sibling(Sibling sibling) {
    Cause cause = sibling.cause();
    Dependency above = build.parent().orElseThrow();
    out.line(indent(2) + "<dependency>", cause);
    element(3, "groupId", above.group(), cause);
    element(3, "artifactId", above.artifact() + "-" + sibling.module(), cause);
    element(3, "version", "${project.version}", cause);
    out.line(indent(2) + "</dependency>", cause);
  }

  private void about(Property property) {
    Cause cause = property.cause();
    switch (property.name()) {
      case "packaging" -> {
        if (!build.modules().isEmpty()) {
          element(1, "packaging", "pom", FORM);
        } else if (!property.value().equals("jar")) {
          element(1, "packaging", property.value(), cause);
        }
      }
      case "summary" -> element(1, "description", property.value(), cause);
      case "organisation" -> {
        out.line("    <organization>", cause);
        element(2, "name", property.value(), cause);
        out.line("    </organization>", cause);
      }
      case "licence" -> {
        out.line("    <licenses>", cause);
        out.line("        <license>", cause);
        element(3, "name", property.value(), cause);
        out.line("        </license>", cause);
        out.line("    </licenses>", cause);
      }
      default -> element(1, property.name(), property.value(), cause);
    }
  }

  private void properties() {
    List<Property> all = new ArrayList<>(build.module().isEmpty() ? build.properties() : List.of());
    all.addAll(SharedVersions.named(versions));
    if (!all.isEmpty()) {
      Cause cause = all.get(0).cause();
      out.line("", cause);
      out.line("    <properties>", cause);
      all.forEach(p -> element(2, p.name(), p.value(), p.cause()));
      out.line("    </properties>", cause);
    }
  }

  private void boms() {
    if (build.boms().isEmpty()) {
      return;
    }
    Cause cause = build.boms().get(0).cause();
    out.line("", cause);
    out.line("    <dependencyManagement>", cause);
    out.line("        <dependencies>", cause);
    for (Dependency bom : build.boms()) {
      out.line("            <dependency>", bom.cause());
      element(4, "groupId", bom.group(), bom.cause());
      element(4, "artifactId", bom.artifact(), bom.cause());
      element(4, "version", bom.version().orElseThrow(), bom.cause());
      element(4, "type", "pom", bom.cause());
      element(4, "scope", "import", bom.cause());
      out.line("            </dependency>", bom.cause());
    }
    out.line("        </dependencies>", cause);
    out.line("    </dependencyManagement>", cause);
  }

  private void dependency(int depth, Dependency dependency) {
    Cause cause = dependency.cause();
    out.line(indent(depth) + "<dependency>", cause);
    coordinates(depth + 1, dependency);
    switch (dependency.scope()) {
      case COMPILE, PROCESSOR -> {}
      case COMPILE_ONLY -> element(depth + 1, "optional", "true", cause);
      case DEVELOPMENT -> {
        element(depth + 1, "scope", "runtime", cause);
        element(depth + 1, "optional", "true", cause);
      }
      case PROVIDED, RUNTIME, TEST -> element(depth + 1, "scope", dependency.scope().word(), cause);
      case TEST_RUNTIME -> element(depth + 1, "scope", "test", cause);
    }
    if (!dependency.without().isEmpty()) {
      Cause first = dependency.without().get(0).cause();
      out.line(indent(depth + 1) + "<exclusions>", first);
      for (Exclusion exclusion : dependency.without()) {
        out.line(indent(depth + 2) + "<exclusion>", exclusion.cause());
        element(depth + 3, "groupId", exclusion.group(), exclusion.cause());
        element(depth + 3, "artifactId", exclusion.artifact(), exclusion.cause());
        out.line(indent(depth + 2) + "</exclusion>", exclusion.cause());
      }
      out.line(indent(depth + 1) + "</exclusions>", first);
    }
    out.line(indent(depth) + "</dependency>", cause);
  }

  private void coordinates(int depth, Dependency dependency) {
    Cause cause = dependency.cause();
    element(depth, "groupId", dependency.group(), cause);
    element(depth, "artifactId", dependency.artifact(), cause);
    Property shared = versions.get(dependency.key());
    if (shared != null) {
      element(depth, "version", "${" + shared.name() + "}", cause);
    } else {
      dependency.version().ifPresent(version -> element(depth, "version", version, cause));
    }
    dependency.type().ifPresent(type -> element(depth, "type", type, cause));
    dependency.classifier().ifPresent(each -> element(depth, "classifier", each, cause));
  }

  private void build() {
    List<Dependency> processors =
        build.dependencies().stream().filter(each -> each.scope() == Scope.PROCESSOR).toList();
    List<Plugin> plugins =
        new ArrayList<>(build.plugins().stream().filter(p -> p.withFile() == null).toList());
    if (!processors.isEmpty() && plugins.stream().noneMatch(p -> p.id().equals(COMPILER))) {
      plugins.add(new Plugin(COMPILER, null, null, null, List.of(), processors.get(0).cause()));
    }
    if (plugins.isEmpty() && build.sources().isEmpty()) {
      return;
    }
    out.line("", FORM);
    out.line("    <build>", FORM);
    build.sources().forEach(each -> element(2, each.name(), each.value(), each.cause()));
    out.line("        <plugins>", FORM);
    plugins.forEach(each -> plugin(3, each, each.id().equals(COMPILER) ? processors : List.of()));
    out.line("        </plugins>", FORM);
    out.line("    </build>", FORM);
  }

  /** What stays away without a file cannot say so itself; a profile can. */
  private void profiles() {
    List<Plugin> some = build.plugins().stream().filter(p -> p.withFile() != null).toList();
    if (some.isEmpty()) {
      return;
    }
    out.line("", FORM);
    out.line("    <profiles>", FORM);
    for (Plugin plugin : some) {
      Cause cause = plugin.cause();
      out.line("        <profile>", cause);
      element(3, "id", plugin.id().substring(plugin.id().indexOf(':') + 1), cause);
      out.line("            <activation>", cause);
      out.line("                <file>", cause);
      element(5, "exists", String.valueOf(plugin.withFile()), cause);
      out.line("                </file>", cause);
      out.line("            </activation>", cause);
      out.line("            <build>", cause);
      out.line("                <plugins>", cause);
      plugin(5, plugin, List.of());
      out.line("                </plugins>", cause);
      out.line("            </build>", cause);
      out.line("        </profile>", cause);
    }
    out.line("    </profiles>", FORM);
  }

  private void plugin(int depth, Plugin plugin, List<Dependency> processors) {
    Cause cause = plugin.cause();
    out.line(indent(depth) + "<plugin>", cause);
    int colon = plugin.id().indexOf(':');
    element(depth + 1, "groupId", plugin.id().substring(0, colon), cause);
    element(depth + 1, "artifactId", plugin.id().substring(colon + 1), cause);
    if (plugin.version() != null) {
      element(depth + 1, "version", String.valueOf(plugin.version()), cause);
    }
    boolean open = false;
    for (TracedPart part : plugin.body()) {
      if (!processors.isEmpty() && part instanceof Branch it && it.name().equals("configuration")) {
        out.line(indent(4) + "<configuration>", it.cause());
        it.parts().stream()
            .filter(each -> !each.name().equals(PATHS))
            .forEach(each -> part(5, each.name(), each));
        processors(processors, it.parts());
        out.line(indent(4) + "</configuration>", it.cause());
        open = true;
      } else {
        part(depth + 1, part.name(), part);
      }
    }
    if (!processors.isEmpty() && !open) {
      out.line(indent(4) + "<configuration>", processors.get(0).cause());
      processors(processors, List.of());
      out.line(indent(4) + "</configuration>", processors.get(0).cause());
    }
    out.line(indent(depth) + "</plugin>", cause);
  }

  private void processors(List<Dependency> processors, List<TracedPart> configuration) {
    Cause first = processors.get(0).cause();
    String attributes =
        configuration.stream()
            .filter(each -> each.name().equals(PATHS) && each instanceof Branch)
            .map(each -> attributes((Branch) each))
            .collect(Collectors.joining());
    out.line(indent(5) + "<" + PATHS + attributes + ">", first);
    for (Dependency processor : processors) {
      out.line(indent(6) + "<path>", processor.cause());
      coordinates(7, processor);
      out.line(indent(6) + "</path>", processor.cause());
    }
    out.line(indent(5) + "</" + PATHS + ">", first);
  }

  private void part(int depth, String name, TracedPart part) {
    if (part instanceof Leaf leaf) {
      if (leaf.value() == null) {
        out.line(indent(depth) + "<" + name + "/>", leaf.cause());
      } else {
        element(depth, name, String.valueOf(leaf.value()), leaf.cause());
      }
      return;
    }
    Branch branch = (Branch) part;
    String attributes = attributes(branch);
    List<TracedPart> below =
        branch.parts().stream().filter(each -> !each.name().startsWith(ATTRIBUTE)).toList();
    if (below.isEmpty()) {
      out.line(indent(depth) + "<" + name + attributes + "/>", branch.cause());
      return;
    }
    out.line(indent(depth) + "<" + name + attributes + ">", branch.cause());
    // Maven's lists are named in the plural, their entries in the singular.
    String each =
        name.endsWith("ies")
            ? name.substring(0, name.length() - 3) + "y"
            : name.endsWith("s") ? name.substring(0, name.length() - 1) : name;
    for (TracedPart nested : below) {
      part(depth + 1, branch.list() ? each : nested.name(), nested);
    }
    out.line(indent(depth) + "</" + name + ">", branch.cause());
  }

  /** What stands in the start of an element: parts whose name begins with an at sign. */
  private static String attributes(Branch branch) {
    return branch.parts().stream()
        .filter(each -> each.name().startsWith(ATTRIBUTE) && each instanceof Leaf)
        .map(
            each ->
                " %s=\"%s\""
                    .formatted(
                        each.name().substring(ATTRIBUTE.length()),
                        XmlEscapers.xmlAttributeEscaper()
                            .escape(String.valueOf(((Leaf) each).value()))))
        .collect(Collectors.joining());
  }

  private void mirror(Property mirror) {
    for (String kind : List.of("repositories/repository", "pluginRepositories/pluginRepository")) {
      String list = kind.substring(0, kind.indexOf('/'));
      String one = kind.substring(kind.indexOf('/') + 1);
      out.line("", mirror.cause());
      out.line("    <" + list + ">", mirror.cause());
      out.line("        <" + one + ">", mirror.cause());
      // The id of the usual repository, so that this one takes its place.
      element(3, "id", "central", mirror.cause());
      element(3, "url", mirror.value(), mirror.cause());
      out.line("        </" + one + ">", mirror.cause());
      out.line("    </" + list + ">", mirror.cause());
    }
  }

  private void element(int depth, String name, String value, Cause cause) {
    out.line(
        indent(depth)
            + "<"
            + name
            + ">"
            + XmlEscapers.xmlContentEscaper().escape(value)
            + "</"
            + name
            + ">",
        cause);
  }

  private static String indent(int depth) {
    return "    ".repeat(depth);
  }
}
