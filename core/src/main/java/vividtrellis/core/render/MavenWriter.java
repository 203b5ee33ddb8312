package vividtrellis.core.render;

import com.google.common.xml.XmlEscapers;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import vividtrellis.core.catalog.Contribution.Scope;
import vividtrellis.core.document.Node;
import vividtrellis.core.plan.BuildModel;
import vividtrellis.core.plan.BuildModel.Dependency;
import vividtrellis.core.plan.BuildModel.Exclusion;
import vividtrellis.core.plan.BuildModel.Plugin;
import vividtrellis.core.plan.BuildModel.Property;
import vividtrellis.core.plan.Cause;

/** Writes a build model as {@code pom.xml}: ordered, nothing empty, nothing that is a default. */
final class MavenWriter {

  private static final Cause FORM = Cause.own("What every Maven build file has");

  private final TracedText out = new TracedText();

  private MavenWriter() {}

  static TracedText write(BuildModel build) {
    MavenWriter writer = new MavenWriter();
    writer.project(build);
    return writer.out;
  }

  private void project(BuildModel build) {
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
    build.about().forEach(this::about);
    if (!build.properties().isEmpty()) {
      Cause cause = build.properties().get(0).cause();
      out.line("", cause);
      out.line("    <properties>", cause);
      build.properties().forEach(p -> element(2, p.name(), p.value(), p.cause()));
      out.line("    </properties>", cause);
    }
    if (!build.dependencies().isEmpty()) {
      out.line("", FORM);
      out.line("    <dependencies>", FORM);
      build.dependencies().forEach(this::dependency);
      out.line("    </dependencies>", FORM);
    }
    if (!build.plugins().isEmpty()) {
      out.line("", FORM);
      out.line("    <build>", FORM);
      out.line("        <plugins>", FORM);
      build.plugins().forEach(this::plugin);
      out.line("        </plugins>", FORM);
      out.line("    </build>", FORM);
    }
    out.line("</project>", FORM);
  }

  private void parent(Dependency parent) {
    Cause cause = parent.cause();
    out.line("", cause);
    out.line("    <parent>", cause);
    element(2, "groupId", parent.group(), cause);
    element(2, "artifactId", parent.artifact(), cause);
    element(2, "version", parent.version().orElseThrow(), cause);
    out.line("        <relativePath/>", cause);
    out.line("    </parent>", cause);
  }

  private void about(Property property) {
    Cause cause = property.cause();
    switch (property.name()) {
      case "packaging" -> {
        if (!property.value().equals("jar")) {
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

  private void dependency(Dependency dependency) {
    Cause cause = dependency.cause();
    out.line("        <dependency>", cause);
    element(3, "groupId", dependency.group(), cause);
    element(3, "artifactId", dependency.artifact(), cause);
    dependency.version().ifPresent(version -> element(3, "version", version, cause));
    if (dependency.scope() == Scope.OPTIONAL) {
      element(3, "optional", "true", cause);
    } else if (dependency.scope() != Scope.COMPILE) {
      element(3, "scope", dependency.scope().name().toLowerCase(Locale.ROOT), cause);
    }
    if (!dependency.without().isEmpty()) {
      Cause first = dependency.without().get(0).cause();
      out.line("            <exclusions>", first);
      for (Exclusion exclusion : dependency.without()) {
        out.line("                <exclusion>", exclusion.cause());
        element(5, "groupId", exclusion.group(), exclusion.cause());
        element(5, "artifactId", exclusion.artifact(), exclusion.cause());
        out.line("                </exclusion>", exclusion.cause());
      }
      out.line("            </exclusions>", first);
    }
    out.line("        </dependency>", cause);
  }

  private void plugin(Plugin plugin) {
    Cause cause = plugin.cause();
    out.line("            <plugin>", cause);
    element(4, "groupId", plugin.group(), cause);
    element(4, "artifactId", plugin.artifact(), cause);
    fields(4, plugin.body(), cause);
    out.line("            </plugin>", cause);
  }

  private void fields(int depth, Node.Fields fields, Cause cause) {
    fields.values().forEach((name, value) -> any(depth, name, value, cause));
  }

  private void any(int depth, String name, Node value, Cause cause) {
    if (value instanceof Node.Scalar scalar) {
      if (scalar.text() == null) {
        out.line(indent(depth) + "<" + name + "/>", cause);
      } else {
        element(depth, name, scalar.text(), cause);
      }
      return;
    }
    out.line(indent(depth) + "<" + name + ">", cause);
    if (value instanceof Node.Fields nested) {
      fields(depth + 1, nested, cause);
    } else {
      // Maven's lists are named in the plural, their entries in the singular.
      String each = name.endsWith("s") ? name.substring(0, name.length() - 1) : name;
      List<Node> values = new ArrayList<>(((Node.Items) value).values());
      values.forEach(entry -> any(depth + 1, each, entry, cause));
    }
    out.line(indent(depth) + "</" + name + ">", cause);
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
