package vividtrellis.core.render;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import vividtrellis.core.TestEdition;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.EditionLoader;
import vividtrellis.core.compat.Verdicts;
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
          packages: [org.keyed]
          fills: ["<%word%>"]
          environment: "{env:NAME}"
          dotted-key: "'part'"
          profiles:
            - { id: shared, path: "conf/keyed.{{settingsFormat}}", purpose: All settings, away: yes }
            - { id: local, path: "conf/keyed.{{settingsFormat}}", prefix: "%dev", purpose: None }
            - { id: production, path: "conf/keyed.{{settingsFormat}}", prefix: "%live", purpose: None, away: yes }
        - id: silent
          label: Silent
          summary: Reads no settings.
          documentation: https://q.example
          lines: [{ line: 1.0, standing: supported, source: none, versions: [1.0.0] }]
      extras:
        - id: tide-clock
          label: Tide clock
          summary: Tells the tide.
          documentation: https://t.example
          bindings:
            - settings:
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
                        "{{#environment}}\n{{variable}}\n{{/environment}}\n{{hasProduction}}\n");
                default -> TestEdition.file(name);
              });

  private FileSet files(String framework, String format) {
    Brief brief =
        Brief.empty()
            .with(Key.NAME, "tide-board")
            .with(Key.FRAMEWORK, framework)
            .with(Key.FORMAT, format)
            .with(Key.PORT, "8085")
            .withExtras(List.of("tide-clock"));
    return Renderer.render(
        ProjectPlanner.plan(
            new Verdicts(edition).settle(brief, 2031),
            edition,
            new GenerationInputs("https://m.example")));
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
  void aFrameworkWithoutSettingsGetsNone() {
    FileSet files = files("silent@1.0", "yaml");

    assertThat(files.files())
        .extracting(GeneratedFile::path)
        .contains("environment.txt")
        .noneMatch(path -> path.endsWith("yaml"));
    assertThat(file(files, "environment.txt").text()).isBlank();
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
