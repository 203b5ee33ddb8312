package vividtrellis.acceptance;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import javax.xml.parsers.DocumentBuilderFactory;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.w3c.dom.NodeList;
import vividtrellis.core.compat.Selection;

/**
 * What Maven makes of a project once parents and BOMs have spoken, held against what was written.
 * The written model is the one that Gradle's scripts are held against elsewhere.
 */
final class EffectiveModel {

  private EffectiveModel() {}

  /** What differs; empty if nothing does. */
  static String fault(Path project, Path jdk, Selection selection) throws Exception {
    Path file = project.resolve("target/effective.xml");
    Command.Result made =
        new Command(
                project,
                List.of("./mvnw", "-B", "-ntp", "-q", "help:effective-pom", "-Doutput=" + file))
            .with(jdk)
            .run(120);
    if (made.code() != 0 || !Files.exists(file)) {
      return "Maven gives no effective model";
    }
    Element effective = root(file);
    Map<String, String> written = dependencies(root(project.resolve("pom.xml")));
    Map<String, String> resolved = dependencies(effective);
    if (!written.keySet().equals(resolved.keySet())) {
      return "the effective model has " + resolved.keySet() + ", written are " + written.keySet();
    }
    for (Map.Entry<String, String> each : resolved.entrySet()) {
      if (each.getValue().isEmpty() || each.getValue().contains("${")) {
        return "the effective model has no version of " + each.getKey();
      }
    }
    String level = text(child(effective, "properties"), "maven.compiler.release");
    if (!level.equals(selection.jvm().text())) {
      return "the effective level is " + level;
    }
    String packaging = text(effective, "packaging");
    return packaging.equals(selection.packaging()) || packaging.isEmpty()
        ? ""
        : "the effective packaging is " + packaging;
  }

  private static Element root(Path file) throws Exception {
    DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
    factory.setFeature("http://apache.org/xml/features/disallow-doctype-decl", true);
    Document document = factory.newDocumentBuilder().parse(file.toFile());
    return document.getDocumentElement();
  }

  /**
   * Scope and coordinates of what the project itself depends on, with the version if one is said.
   */
  private static Map<String, String> dependencies(Element project) {
    Map<String, String> all = new TreeMap<>();
    NodeList children = child(project, "dependencies").getChildNodes();
    for (int i = 0; i < children.getLength(); i++) {
      if (children.item(i) instanceof Element dependency) {
        String scope = text(dependency, "scope");
        all.put(
            (scope.isEmpty() ? "compile" : scope)
                + " "
                + text(dependency, "groupId")
                + ":"
                + text(dependency, "artifactId")
                + (text(dependency, "optional").equals("true") ? " optional" : ""),
            text(dependency, "version"));
      }
    }
    return all;
  }

  private static Element child(Element parent, String name) {
    for (Node each = parent.getFirstChild(); each != null; each = each.getNextSibling()) {
      if (each instanceof Element element && element.getTagName().equals(name)) {
        return element;
      }
    }
    return parent.getOwnerDocument().createElement(name);
  }

  private static String text(Element parent, String name) {
    return child(parent, name).getTextContent().strip();
  }
}
