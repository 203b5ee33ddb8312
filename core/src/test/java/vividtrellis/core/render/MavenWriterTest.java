package vividtrellis.core.render;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.StringReader;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.xml.sax.InputSource;
import vividtrellis.core.catalog.Contribution.Scope;
import vividtrellis.core.plan.BuildModel;
import vividtrellis.core.plan.BuildModel.Dependency;
import vividtrellis.core.plan.BuildModel.Plugin;
import vividtrellis.core.plan.BuildModel.Property;
import vividtrellis.core.template.Cause;
import vividtrellis.core.tree.TracedPart;
import vividtrellis.core.tree.TracedPart.Branch;
import vividtrellis.core.tree.TracedPart.Leaf;

class MavenWriterTest {

  private static final Cause NAME = Cause.of("/project/name", "name");
  private static final Cause WEB = Cause.of("/starters/0", "HTTP API");

  private static BuildModel model(List<Property> about) {
    TracedPart goals =
        new Branch("goals", true, List.of(new Leaf("", "x", NAME), new Leaf("", "y", NAME)), NAME);
    TracedPart configuration =
        new Branch("configuration", false, List.of(new Leaf("skip", null, NAME)), NAME);
    TracedPart execution =
        new Branch("", false, List.of(new Leaf("id", "a", NAME), goals, configuration), NAME);
    return new BuildModel(
        "maven",
        "",
        List.of(),
        List.of(),
        Optional.empty(),
        about,
        List.of(),
        List.of(),
        List.of(
            new Dependency(
                "g",
                "web",
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Scope.COMPILE,
                500,
                List.of(),
                WEB),
            new Dependency(
                "g",
                "t",
                Optional.of("1.0"),
                Optional.empty(),
                Optional.empty(),
                Scope.TEST,
                500,
                List.of(),
                NAME)),
        List.of(),
        List.of(
            new Plugin(
                "p:plugin",
                null,
                null,
                null,
                List.of(new Branch("executions", true, List.of(execution), NAME)),
                NAME),
            new Plugin("p:seldom", "1", null, "some/file", List.of(), NAME)),
        List.of(),
        Map.of(),
        Optional.empty());
  }

  private static Document parsed(String xml) throws Exception {
    return DocumentBuilderFactory.newDefaultInstance()
        .newDocumentBuilder()
        .parse(new InputSource(new StringReader(xml)));
  }

  @Test
  void writesNothingThatIsEmptyOrADefault() throws Exception {
    String pom =
        MavenWriter.write(
                model(
                    List.of(
                        new Property("artifactId", "x", NAME),
                        new Property("packaging", "jar", NAME))))
            .text();

    assertThat(pom)
        .doesNotContain("<packaging>", "<properties>", "<parent>", "<scope>compile")
        .contains("<goals>\n", "<goal>x</goal>\n", "<goal>y</goal>\n", "<skip/>")
        .contains("<version>1.0</version>\n            <scope>test</scope>");
    assertThat(parsed(pom).getElementsByTagName("execution").getLength()).isEqualTo(1);
  }

  /** What is there with a file alone must not be asked for without it. */
  @Test
  void aPluginWithAFileStandsInAProfileAlone() throws Exception {
    Document pom =
        parsed(MavenWriter.write(model(List.of(new Property("artifactId", "x", NAME)))).text());
    Element profile = (Element) pom.getElementsByTagName("profile").item(0);
    Element build = (Element) pom.getElementsByTagName("build").item(0);

    assertThat(profile.getElementsByTagName("exists").item(0).getTextContent())
        .isEqualTo("some/file");
    assertThat(profile.getElementsByTagName("artifactId").item(0).getTextContent())
        .isEqualTo("seldom");
    assertThat(build.getTextContent()).contains("plugin").doesNotContain("seldom");
  }

  @ParameterizedTest
  @ValueSource(strings = {"a & b", "<x>]]></x>", "\"'", "ü 名 😀", "  spaces  ", "&amp;"})
  void textsComeBackAsTheyWere(String text) throws Exception {
    Document pom =
        parsed(
            MavenWriter.write(
                    model(
                        List.of(
                            new Property("summary", text, NAME),
                            new Property("organisation", text, NAME),
                            new Property("licence", text, NAME),
                            new Property("packaging", "war", NAME))))
                .text());

    assertThat(pom.getElementsByTagName("description").item(0).getTextContent()).isEqualTo(text);
    assertThat(pom.getElementsByTagName("organization").item(0).getTextContent().strip())
        .isEqualTo(text.strip());
    assertThat(pom.getElementsByTagName("license").item(0).getTextContent().strip())
        .isEqualTo(text.strip());
    assertThat(pom.getElementsByTagName("packaging").item(0).getTextContent()).isEqualTo("war");
  }

  @Test
  void eachLineKnowsItsPick() {
    TracedText text = MavenWriter.write(model(List.of(new Property("artifactId", "x", NAME))));
    List<String> lines = text.text().lines().toList();

    assertThat(text.traces())
        .filteredOn(trace -> trace.picks().equals(List.of("/starters/0")))
        .singleElement()
        .satisfies(
            trace -> {
              assertThat(lines.subList(trace.from() - 1, trace.to()))
                  .hasSize(4)
                  .anyMatch(line -> line.contains("<artifactId>web</artifactId>"));
            });
    assertThat(text.traces().get(0).picks()).isEmpty();
    assertThat(text.traces().get(0).because()).isNotBlank();
  }
}
