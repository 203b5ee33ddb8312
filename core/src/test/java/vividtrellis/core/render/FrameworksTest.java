package vividtrellis.core.render;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import vividtrellis.core.TestEdition;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.EditionLoader;
import vividtrellis.core.compat.judging.Verdicts;
import vividtrellis.core.plan.GenerationInputs;
import vividtrellis.core.plan.ProjectPlanner;
import vividtrellis.core.render.FileSet.GeneratedFile;

/** Frameworks that differ in what they say of themselves, in data alone. */
class FrameworksTest {

  private static final String MORE =
      """
      frameworks:
        - id: keyed
          label: Keyed
          summary: Keeps all its profiles in one file.
          documentation: https://k.example
          lines: [{ line: 5.1, standing: supported, source: none, versions: [5.1.0] }]
          formats: [properties, yaml]
          packages: [org.keyed]
          fills: ["<%word%>"]
          environment: "{env:NAME}"
          dotted-key: "'part'"
          profiles:
            - { id: shared, path: "conf/keyed.{{settingsFormat}}", purpose: All settings, away: yes }
            - { id: local, path: "conf/keyed.{{settingsFormat}}", prefix: "%dev", purpose: None }
            - { id: production, path: "conf/keyed.{{settingsFormat}}", prefix: "%live", purpose: None, away: yes }
        - id: narrow
          label: Narrow
          summary: Reads one form.
          documentation: https://w.example
          formats: [properties]
        - id: twin
          label: Twin
          summary: Keeps what others may see apart.
          documentation: https://w.example
          lines: [{ line: 2.0, standing: supported, source: none, versions: [2.0.0] }]
          modules:
            - { id: contract }
            - { id: desk, needs: [contract] }
          profiles:
            - { id: shared, path: "src/main/resources/twin.{{settingsFormat}}", purpose: All settings }
          bindings:
            - parent: [{ artifact: "org.twin:parent", version: "{{frameworkVersion}}" }]
              properties: { java.version: "{{level}}" }
              artifacts: [{ artifact: "org.twin:desk" }]
              files: [{ path: "src/main/java/{{entryClass}}.java", template: Main.java, purpose: Starts }]
            - module: contract
              artifacts: [{ artifact: "org.twin:contract", version: "2.1" }]
              settings: { shared: { "contract.open": "yes" } }
              files: [{ path: "src/main/java/Berth.java", template: Main.java, purpose: What others see }]
        - id: silent
          label: Silent
          summary: Reads no settings.
          documentation: https://q.example
          lines: [{ line: 1.0, standing: supported, source: none, versions: [1.0.0] }]
      builds:
        - id: gradle-kotlin
          label: Gradle
          summary: Builds.
          documentation: https://g.example
          versions: [9.1.0]
          bindings:
            - variables: { packaged: build/libs }
      orders:
        helpers: ["starter:loud", "starter:quiet"]
      bindings:
        - for: framework:keyed
          when: ["no build:maven"]
          configurations: { development: keyedOnly }
        - for: framework:keyed
          when: ["build:gradle-kotlin"]
          variables: { packaged: build/keyed }
        - for: framework:keyed
          artifacts: [{ artifact: "org.keyed:wiring", version: "5.1", scope: processor }]
          plugins:
            - plugin: org.apache.maven.plugins:maven-compiler-plugin
              body: { configuration: { annotationProcessorPaths: { "@combine.self": override }, proc: full } }
        - for: starter:loud
          when: ["framework:keyed"]
          documentation: https://keyed.example/loud
          artifacts:
            - { artifact: "org.loud:loud", version: "2.0", scope: processor, place: 100 }
            - { artifact: "org.loud:window", version: "2.0", classifier: linux }
            - { artifact: "org.loud:console", version: "2.0", scope: development }
        - for: starter:driver-a
          when: ["framework:frame"]
          artifacts: [{ artifact: "org.driver:driver", version: "1.0" }]
        - for: starter:quiet
          when: ["any-of framework:keyed, framework:silent"]
          artifacts: [{ artifact: "org.quiet:quiet", version: "1.0" }]
      rules:
        - id: loud-needs-yaml
          kind: needs
          when: ["starter:loud", "framework:keyed"]
          one-of: ["format:yaml"]
          because: So.
          evidence: [{ kind: documentation, source: none }]
      extras:
        - id: harbour
          label: Harbour
          summary: Writes two files.
          documentation: https://h.example
          bindings:
            - variables: { harbour: "yes" }
            - when: ["framework:keyed"]
        - id: jetty
          label: Jetty
          summary: Writes one file.
          documentation: https://j.example
          bindings:
            - variables: { jetty: "yes" }
            - when: ["framework:keyed"]
              addition: yes
        - id: tide-clock
          label: Tide clock
          summary: Tells the tide.
          documentation: https://t.example
          bindings:
            - variables: { packaged: elsewhere }
              settings:
                shared: { "tide.address": "{env:TIDE_ADDRESS}", "levels.[org.tide.Clock]": warn }
                local: { "tide.address": "localhost:{{port}}" }
                production: { "tide.retry": "3" }
              files: [{ path: environment.txt, template: environment, purpose: Names }]
      """;

  private final Edition edition =
      EditionLoader.load(
          name ->
              switch (name) {
                case "edition.yaml" ->
                    Optional.of("edition: 2099-01\nfiles: [all.yaml, more.yaml]\n");
                case "more.yaml" -> Optional.of(MORE);
                case "templates/environment" ->
                    Optional.of(
                        """
                        {{#environment}}
                        {{variable}}
                        {{/environment}}
                        {{hasProduction}}
                        {{#starters}}
                        {{documentation}}
                        {{/starters}}
                        {{packaged}}
                        """);
                default -> TestEdition.file(name);
              });

  private FileSet files(String framework, String format) {
    return files(framework, format, "maven", List.of());
  }

  private FileSet files(String framework, String format, String build, List<String> starters) {
    Brief brief =
        Brief.empty()
            .with(Key.BUILD, build)
            .withStarters(starters)
            .with(Key.NAME, "tide-board")
            .with(Key.FRAMEWORK, framework)
            .with(Key.FORMAT, format)
            .with(Key.PORT, "8085")
            .withExtras(List.of("tide-clock"));
    return Renderer.render(
        ProjectPlanner.plan(
            new Verdicts(edition).settle(brief, 2031),
            edition,
            new GenerationInputs("https://m.example", Map.of())));
  }

  private static GeneratedFile file(FileSet files, String path) {
    return files.files().stream()
        .filter(file -> file.path().equals(path))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void profilesMayShareAFileAndDifferByTheBeginningOfTheirKeys() {
    FileSet files = files("keyed@5.1", "properties");
    GeneratedFile settings = file(files, "conf/keyed.properties");

    assertThat(settings.text())
        .isEqualTo(
            """
            tide.address={env:TIDE_ADDRESS}
            levels.'org.tide.Clock'=warn
            %dev.tide.address=localhost:8085
            %live.tide.retry=3
            """);
    assertThat(settings.purpose()).isEqualTo("All settings");
    assertThat(settings.traces().get(1).picks()).contains("/extras/0", "/settings/port");
    assertThat(file(files, "environment.txt").text().lines()).contains("TIDE_ADDRESS", "yes");
    assertThat(file(files("keyed@5.1", "yaml"), "conf/keyed.yaml").text())
        .contains("'org.tide.Clock'", "%dev", "address: localhost:8085");
  }

  @Test
  void theFirstFormatOfAFrameworkIsFilledInAndRulesCanSpeakOfIt() {
    Verdicts verdicts = new Verdicts(edition);
    Brief brief = Brief.empty().with(Key.NAME, "tide-board");
    Brief keyed = brief.with(Key.FRAMEWORK, "keyed@5.1");

    assertThat(verdicts.settle(brief, 2031).brief().get(Key.FORMAT)).contains("yaml");
    assertThat(verdicts.settle(keyed, 2031).brief().get(Key.FORMAT)).contains("properties");
    assertThat(verdicts.settle(keyed.withStarters(List.of("loud")), 2031).brief().get(Key.FORMAT))
        .contains("yaml");
    assertThat(
            verdicts
                .judge(brief.with(Key.FRAMEWORK, "frame@2.0").with(Key.FORMAT, "toml"), 2031)
                .findings())
        .extracting(finding -> finding.rule())
        .containsExactly("format-unknown");
    assertThat(
            verdicts
                .judge(brief.with(Key.FRAMEWORK, "narrow").with(Key.FORMAT, "yaml"), 2031)
                .findings())
        .extracting(finding -> finding.rule())
        .containsExactly("narrow-settings");
  }

  @Test
  void aFrameworkWithoutSettingsGetsNone() {
    FileSet files = files("silent@1.0", "yaml");

    assertThat(files.files())
        .extracting(GeneratedFile::path)
        .contains("environment.txt")
        .noneMatch(path -> path.endsWith("yaml"));
    assertThat(file(files, "environment.txt").text().strip()).isEqualTo("elsewhere");
  }

  @Test
  void aBuildKeepsTheOrderAndTheSignsThatAFrameworkNeeds() {
    List<String> starters = List.of("loud");
    FileSet files = files("keyed@5.1", "yaml", "maven", starters);
    GeneratedFile pom = file(files, "pom.xml");

    assertThat(pom.text())
        .containsSubsequence(
            "<proc>full</proc>",
            "<annotationProcessorPaths combine.self=\"override\">",
            "<artifactId>loud</artifactId>",
            "<artifactId>wiring</artifactId>")
        .containsSubsequence(
            "<artifactId>window</artifactId>",
            "<version>${window.version}</version>",
            "<classifier>linux</classifier>");
    assertThat(file(files, "environment.txt").text())
        .contains("https://keyed.example/loud", "elsewhere");
    FileSet gradle = files("keyed@5.1", "yaml", "gradle-kotlin", starters);
    assertThat(file(gradle, "build.gradle.kts").text())
        .contains(
            "keyedOnly(libs.console)",
            "implementation(variantOf(libs.window) { classifier(\"linux\") })");
    assertThat(file(gradle, "environment.txt").text()).contains("build/keyed");
  }

  @Test
  void aFrameworkIsACauseWhereAnotherWouldSaySomethingElse() {
    assertThat(causes("keyed@5.1", "loud", "<artifactId>window</artifactId>"))
        .contains("/starters/0", "/framework");
    assertThat(causes("keyed@5.1", "quiet", "<artifactId>quiet</artifactId>"))
        .contains("/starters/0", "/framework");
    assertThat(causes("frame@2.0", "driver-a", "<artifactId>driver</artifactId>"))
        .containsExactly("/starters/0");
  }

  private List<String> causes(String framework, String starter, String line) {
    GeneratedFile pom = file(files(framework, "yaml", "maven", List.of(starter)), "pom.xml");
    List<String> lines = pom.text().lines().map(String::strip).toList();
    int at = lines.indexOf(line) + 1;
    return pom.traces().stream()
        .filter(trace -> at > 0 && trace.from() <= at && at <= trace.to())
        .flatMap(trace -> trace.picks().stream())
        .toList();
  }

  @Test
  void whatIsBoundToSomeFrameworksIsRefusedWithOthersUnlessItIsWholeWithout() {
    Verdicts verdicts = new Verdicts(edition);
    Brief brief = Brief.empty().with(Key.NAME, "tide-board").with(Key.FRAMEWORK, "silent@1.0");

    assertThat(verdicts.judge(brief.withExtras(List.of("harbour")), 2031).findings())
        .extracting(finding -> finding.rule())
        .containsExactly("harbour-is-bound");
    assertThat(verdicts.judge(brief.withExtras(List.of("jetty")), 2031).fits()).isTrue();
    assertThat(
            verdicts
                .judge(
                    brief.with(Key.FRAMEWORK, "keyed@5.1").withExtras(List.of("harbour", "jetty")),
                    2031)
                .fits())
        .isTrue();
  }

  @Test
  void aProjectOfModulesHasABuildForEachAndOneAbove() {
    FileSet files = files("twin@2.0", "yaml");

    assertThat(files.files())
        .extracting(GeneratedFile::path)
        .contains(
            "pom.xml",
            "contract/pom.xml",
            "contract/src/main/java/Berth.java",
            "contract/src/main/resources/twin.yaml",
            "desk/pom.xml",
            "desk/src/main/java/TideBoard.java",
            "desk/src/main/resources/twin.yaml",
            "environment.txt");
    assertThat(file(files, "pom.xml").text())
        .containsSubsequence(
            "<artifactId>parent</artifactId>",
            "<relativePath/>",
            "<artifactId>tide-board</artifactId>",
            "<packaging>pom</packaging>",
            "<module>contract</module>",
            "<module>desk</module>",
            "<java.version>")
        .doesNotContain("<dependencies>");
    assertThat(file(files, "contract/pom.xml").text())
        .containsSubsequence(
            "<parent>",
            "<groupId>org.example</groupId>",
            "<artifactId>tide-board</artifactId>",
            "<version>0.1.0</version>",
            "</parent>",
            "<artifactId>tide-board-contract</artifactId>",
            "<artifactId>contract</artifactId>")
        .doesNotContain(
            "relativePath", "java.version", "org.twin</groupId>\n            <artifactId>desk");
    assertThat(file(files, "desk/pom.xml").text())
        .containsSubsequence(
            "<artifactId>tide-board-desk</artifactId>",
            "<artifactId>tide-board-contract</artifactId>",
            "<version>${project.version}</version>",
            "<artifactId>desk</artifactId>");
    assertThat(file(files, "desk/pom.xml").traces())
        .anyMatch(trace -> trace.picks().equals(List.of("/framework")));

    FileSet gradle = files("twin@2.0", "yaml", "gradle-kotlin", List.of());
    assertThat(file(gradle, "settings.gradle.kts").text())
        .contains("include(\"contract\")", "include(\"desk\")");
    assertThat(file(gradle, "desk/build.gradle.kts").text())
        .contains("implementation(project(\":contract\"))", "implementation(\"org.twin:desk\")");
    assertThat(file(gradle, "contract/build.gradle.kts").text())
        .contains("implementation(libs.contract)");
    assertThat(file(gradle, "gradle/libs.versions.toml").text()).contains("org.twin:contract");
    assertThat(gradle.files()).extracting(GeneratedFile::path).doesNotContain("build.gradle.kts");
  }

  @Test
  void whatAFrameworkReservesIsReservedWithItAlone() {
    Verdicts verdicts = new Verdicts(edition);
    Brief brief =
        Brief.empty()
            .with(Key.NAME, "tide-board")
            .with(Key.PACKAGE, "org.keyed.tide")
            .with(Key.SUMMARY, "The <%tide%> board");

    assertThat(verdicts.judge(brief.with(Key.FRAMEWORK, "silent@1.0"), 2031).fits()).isTrue();
    assertThat(verdicts.judge(brief.with(Key.FRAMEWORK, "keyed@5.1"), 2031).findings())
        .extracting(finding -> finding.rule())
        .contains("package-reserved", "text-expands");
  }
}
