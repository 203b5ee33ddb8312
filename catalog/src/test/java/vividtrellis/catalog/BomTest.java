package vividtrellis.catalog;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Element;
import vividtrellis.core.catalog.Contribution;
import vividtrellis.core.catalog.Contribution.Artifact;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Options.Framework;
import vividtrellis.core.catalog.Options.Line;
import vividtrellis.core.catalog.Options.Option;
import vividtrellis.core.catalog.Term;
import vividtrellis.core.version.Version;

/** Holds the shipped edition against the real BOMs, which the build fetches into target/boms. */
class BomTest {

  private final Edition edition = ShippedEdition.load();

  private static Set<String> managed(Version version, String element) throws Exception {
    Path pom = Path.of("target/boms/spring-boot-dependencies-" + version + ".pom");
    assertThat(pom).as("the BOM of %s; name it in catalog/pom.xml", version).exists();
    var nodes =
        DocumentBuilderFactory.newDefaultInstance()
            .newDocumentBuilder()
            .parse(Files.newInputStream(pom))
            .getElementsByTagName(element);
    Set<String> found = new HashSet<>();
    for (int i = 0; i < nodes.getLength(); i++) {
      Element each = (Element) nodes.item(i);
      found.add(text(each, "groupId") + ":" + text(each, "artifactId"));
    }
    return found;
  }

  private static String text(Element element, String name) {
    var found = element.getElementsByTagName(name);
    return found.getLength() == 0
        ? "org.apache.maven.plugins"
        : found.item(0).getTextContent().strip();
  }

  /** Whether a binding can hold for a version, as far as its conditions on the framework say. */
  private static boolean holds(List<Term> when, String framework, Version version) {
    return when.stream()
        .filter(term -> term.variable() == Term.Variable.FRAMEWORK)
        .allMatch(term -> framework.equals(term.id()) && term.range().holds(version));
  }

  @Test
  void whatIsNamedWithoutAVersionIsManagedByTheBomOfEveryLineItIsFor() throws Exception {
    Framework framework = edition.frameworks().get(0);
    Set<String> seen = new TreeSet<>();
    for (Line line : framework.lines()) {
      Version version = line.versions().get(0);
      Set<String> artifacts = managed(version, "dependency");
      Set<String> plugins = managed(version, "plugin");
      for (Option option : edition.options().toList()) {
        for (Contribution binding : option.bindings()) {
          if (holds(binding.when(), framework.id(), version)) {
            for (Artifact artifact : binding.artifacts()) {
              assertThat(artifacts).as("%s on %s", option.id(), version).contains(artifact.key());
              seen.add(line.line() + " " + artifact.key());
            }
            for (Contribution.Plugin plugin : binding.plugins()) {
              assertThat(plugins)
                  .as("%s on %s", option.id(), version)
                  .contains(plugin.group() + ":" + plugin.artifact());
            }
          }
        }
      }
    }
    assertThat(seen)
        .contains(
            "3.5 org.springframework.boot:spring-boot-starter-web",
            "4.1 org.springframework.boot:spring-boot-starter-webmvc")
        .doesNotContain("4.1 org.springframework.boot:spring-boot-starter-web");
  }

  @Test
  void everyStarterIsBoundOnEveryLineItClaims() {
    Framework framework = edition.frameworks().get(0);
    edition
        .starters()
        .forEach(
            starter ->
                framework
                    .lines()
                    .forEach(
                        line ->
                            assertThat(starter.bindings())
                                .as("%s on %s", starter.id(), line.line())
                                .anyMatch(
                                    binding ->
                                        holds(
                                                binding.when(),
                                                framework.id(),
                                                line.versions().get(0))
                                            && !binding.artifacts().isEmpty())));
  }
}
