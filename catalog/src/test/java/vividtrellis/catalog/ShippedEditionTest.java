package vividtrellis.catalog;

import static org.assertj.core.api.Assertions.assertThat;
import static vividtrellis.catalog.TestedEdition.text;

import java.io.StringReader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Properties;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.Parameter;
import org.junit.jupiter.params.ParameterizedClass;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.w3c.dom.Document;
import org.xml.sax.InputSource;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.brief.Trace;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Options.Framework;
import vividtrellis.core.catalog.Options.Line;
import vividtrellis.core.catalog.Options.Starter;
import vividtrellis.core.compat.Verdict;
import vividtrellis.core.document.Documents;
import vividtrellis.core.document.Documents.Notation;
import vividtrellis.core.document.Node;
import vividtrellis.core.render.FileSet;
import vividtrellis.core.render.FileSet.GeneratedFile;

@ParameterizedClass
@EnumSource(TestedEdition.class)
class ShippedEditionTest {

  @Parameter private TestedEdition tested;

  private Edition edition() {
    return tested.edition();
  }

  private FileSet files(Verdict verdict) {
    return tested.files(verdict);
  }

  private Verdict judge(Brief brief) {
    return tested.judge(brief);
  }

  /** On every line: each starter alone, and 150 sets of up to six of them drawn with a seed. */
  private List<Brief> someBriefs() {
    List<Brief> briefs = new ArrayList<>();
    List<String> ids = edition().starters().stream().map(Starter::id).toList();
    Random random = new Random(20261123);
    for (Line line : edition().frameworks().get(0).lines()) {
      List<List<String>> sets = new ArrayList<>();
      ids.forEach(id -> sets.add(List.of(id)));
      for (int i = 0; i < 150; i++) {
        sets.add(random.ints(6, 0, ids.size()).distinct().mapToObj(ids::get).toList());
      }
      for (List<String> set : sets) {
        briefs.add(
            Brief.empty()
                .with(Key.NAME, "crossing-manifest")
                .with(Key.GROUP, "saltmarsh.example")
                .with(Key.FRAMEWORK, tested.on(line.line()))
                .with(Key.FORMAT, random.nextBoolean() ? "yaml" : "properties")
                .with(Key.LAYOUT, random.nextBoolean() ? "by-layer" : "by-feature")
                .withStarters(set));
      }
    }
    return briefs;
  }

  @Test
  void someCombinationsOfAllEitherGiveAWholeProjectOrWaysOut() throws Exception {
    int fitting = 0;
    int blocked = 0;
    for (Brief brief : someBriefs()) {
      Verdict verdict = judge(brief);
      if (verdict.fits()) {
        fitting++;
        check(files(verdict), verdict.brief());
      } else {
        blocked++;
        assertThat(verdict.findings().get(0).remedies())
            .isNotEmpty()
            .allMatch(remedy -> judge(remedy.result()).fits());
      }
    }
    assertThat(fitting).isGreaterThan(300);
    assertThat(blocked).isGreaterThan(100);
  }

  private static void check(FileSet files, Brief completed) throws Exception {
    Set<String> paths = new HashSet<>();
    for (GeneratedFile file : files.files()) {
      assertThat(paths.add(file.path())).as(file.path()).isTrue();
      assertThat(file.purpose()).as(file.path()).isNotBlank();
      assertThat(file.text()).as(file.path()).endsWith("\n").doesNotContain("{{");
      everyLineIsTracedOnce(file, completed);
      if (file.path().endsWith(".yaml")) {
        Documents.readTrusted(file.text(), Notation.YAML);
      }
    }
    assertThat(paths).contains("pom.xml", "mvnw", "mvnw.cmd", ".gitignore", "README.md");
    Document pom = pom(files);
    assertThat(pom.getElementsByTagName("artifactId").getLength()).isGreaterThan(2);
    Set<String> dependencies = new HashSet<>();
    var list = pom.getElementsByTagName("dependency");
    for (int i = 0; i < list.getLength(); i++) {
      assertThat(dependencies.add(list.item(i).getTextContent().replaceAll("\\s+", " ").strip()))
          .as("a dependency that is there once")
          .isTrue();
    }
  }

  /** What is bound in part only, as to a service beside it, would be accepted and left out. */
  @Test
  void aStarterThatIsAcceptedIsInTheProject() {
    for (Framework framework : edition().frameworks()) {
      Brief bare = Brief.empty().with(Key.NAME, "tide-board").with(Key.FRAMEWORK, framework.id());
      Map<String, String> without = texts(judge(bare));
      for (Starter starter : edition().starters()) {
        Verdict verdict = judge(bare.withStarters(List.of(starter.id())));
        // One that only sets something may set what is set already.
        boolean brings = starter.bindings().stream().anyMatch(each -> !each.artifacts().isEmpty());
        if (brings && verdict.isWritable()) {
          assertThat(texts(verdict))
              .as("%s with %s", starter.id(), framework.id())
              .isNotEqualTo(without);
        }
      }
    }
  }

  /** All that is built or read by what runs. */
  private Map<String, String> texts(Verdict verdict) {
    return files(verdict).files().stream()
        .filter(file -> !file.path().equals("README.md"))
        .collect(Collectors.toMap(GeneratedFile::path, GeneratedFile::text));
  }

  private static void everyLineIsTracedOnce(GeneratedFile file, Brief completed) {
    int next = 1;
    for (Trace trace : file.traces()) {
      assertThat(trace.from()).as(file.path()).isEqualTo(next);
      next = trace.to() + 1;
      assertThat(trace.because()).isNotBlank();
      for (String pick : trace.picks()) {
        boolean there =
            pick.equals("/starters")
                || (pick.startsWith("/starters/")
                    && Integer.parseInt(pick.substring(10)) < completed.starters().size())
                || completed
                    .get(Key.of(pick.substring(pick.lastIndexOf('/') + 1)).orElseThrow())
                    .isPresent();
        assertThat(there).as(file.path() + " names " + pick).isTrue();
      }
    }
    assertThat(next - 1).as(file.path()).isEqualTo((int) file.text().lines().count());
  }

  private static Document pom(FileSet files) throws Exception {
    return DocumentBuilderFactory.newDefaultInstance()
        .newDocumentBuilder()
        .parse(new InputSource(new StringReader(text(files, "pom.xml"))));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "quotes \" and ' fit",
        "]]> <script>alert(1)</script> &amp; --> */",
        "back \\ slash \\u000a \\",
        "{{package}} {{{x}}} %s $1 `id` $(id)",
        "| a table | *bold* _x_ [a](b) # h !",
      })
  void hostileTextsStayTextInEveryFile(String text) throws Exception {
    Verdict verdict =
        judge(
            Brief.empty()
                .with(Key.NAME, "fare-ledger")
                .with(Key.SUMMARY, text)
                .with(Key.TITLE, text)
                .with(Key.ORGANISATION, text)
                .withStarters(List.of("http-api")));
    if (!verdict.fits()) {
      assertThat(verdict.findings().get(0).rule()).isEqualTo("text-expands");
      return;
    }
    FileSet files = files(verdict);
    Document pom = pom(files);

    assertThat(pom.getElementsByTagName("description").item(0).getTextContent()).isEqualTo(text);
    Node settings =
        Documents.readTrusted(text(files, "src/main/resources/application.yaml"), Notation.YAML);
    assertThat(((Node.Fields) settings).get("about").orElseThrow().toString()).contains(text);
    Properties same = new Properties();
    Brief flat = verdict.brief().with(Key.FORMAT, "properties");
    same.load(
        new StringReader(text(files(judge(flat)), "src/main/resources/application.properties")));
    assertThat(same).containsEntry("about.summary", text);
    assertThat(files.files())
        .filteredOn(file -> file.path().endsWith(".java"))
        .noneMatch(file -> file.text().contains(text.substring(0, 5)));
    assertThat(text(files, "README.md")).doesNotContain("<script>");
  }

  @ParameterizedTest
  @ValueSource(strings = {"flyway", "data-source", "about-controller", "test", "string"})
  void anEntryClassNeverStandsInTheWayOfAnother(String name) {
    FileSet files = files(judge(Brief.empty().with(Key.NAME, name)));

    assertThat(files.files())
        .extracting(file -> file.path().substring(file.path().lastIndexOf('/') + 1))
        .anyMatch(file -> file.endsWith("Service.java"));
  }

  @Test
  void everyTemplateBelowItsFolderIsNamedByABinding() throws Exception {
    Path folder =
        Path.of(ShippedEdition.class.getResource("edition/templates/project/readme").toURI())
            .getParent()
            .getParent();
    try (Stream<Path> files = Files.walk(folder)) {
      assertThat(edition().templates().keySet())
          .containsAll(
              files
                  .filter(Files::isRegularFile)
                  .map(file -> tested.words(folder.relativize(file).toString()))
                  .toList());
    }
  }

  @Test
  void noFrameworkIsNamedInTheCodeOfTheEngineTheClientAndTheConsole() throws Exception {
    List<String> names = new ArrayList<>();
    for (Framework framework : edition().frameworks()) {
      if (!framework.lines().isEmpty()) {
        names.addAll(List.of(framework.id(), framework.about().label()));
      }
    }
    for (String room : List.of("core/src/main", "cli/src/main", "console/src")) {
      try (Stream<Path> files = Files.walk(Path.of("..", room))) {
        for (Path file : files.filter(Files::isRegularFile).toList()) {
          assertThat(Files.readString(file)).as(file.toString()).doesNotContain(names);
        }
      }
    }
  }

  @Test
  void theMavenAddressIsTheSuperPomsAndStandsInNoDataFile() {
    String base = ShippedEdition.inputs().mavenBase();
    String properties =
        text(
            files(judge(Brief.empty().with(Key.NAME, "tide-board"))),
            ".mvn/wrapper/maven-wrapper.properties");

    assertThat(base).startsWith("https://").doesNotEndWith("/");
    assertThat(properties)
        .contains("distributionUrl=" + base + "/org/apache/maven/apache-maven/3.9.16/")
        .containsPattern("(?m)^distributionSha256Sum=[0-9a-f]{64}$");
    edition()
        .templates()
        .forEach(
            (name, text) -> {
              if (!name.startsWith("maven/mvnw")) {
                assertThat(text).as(name).doesNotContain(base);
              }
            });
  }
}
