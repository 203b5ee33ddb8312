package vividtrellis.catalog;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.compat.Verdict;
import vividtrellis.core.compat.judging.Verdicts;
import vividtrellis.core.plan.ProjectPlanner;
import vividtrellis.core.render.FileSet;
import vividtrellis.core.render.FileSet.GeneratedFile;
import vividtrellis.core.render.Renderer;

/** The page that shows how to extend the catalog is followed as a reader would follow it. */
class WorkedExamplesTest {

  /** A file with its name above it, or commands of a shell. */
  private static final Pattern BLOCK =
      Pattern.compile("(?:`(ours/[^`]+)`:\n\n)?(````?)(\\w+)\n(.*?)\n\\2\n", Pattern.DOTALL);

  private final Path checkout = Path.of("").toAbsolutePath().getParent();

  @TempDir Path folder;

  private void follow(String section) throws IOException, InterruptedException {
    Matcher blocks = BLOCK.matcher(section);
    while (blocks.find()) {
      String name = blocks.group(1);
      if (name != null) {
        Path file = folder.resolve(name);
        Files.createDirectories(file.getParent());
        Files.writeString(file, blocks.group(4) + "\n");
      } else if (blocks.group(3).equals("sh")) {
        Process shell =
            new ProcessBuilder("bash", "-euc", blocks.group(4))
                .directory(folder.toFile())
                .inheritIO()
                .start();
        assertThat(shell.waitFor(20, TimeUnit.SECONDS)).isTrue();
        assertThat(shell.exitValue()).isZero();
      }
    }
  }

  private Edition edition() {
    return new EditionFolder(folder.resolve("ours")).load();
  }

  private static Brief brief(String... starters) {
    return Brief.empty().with(Key.NAME, "tide-tables").withStarters(List.of(starters));
  }

  private static FileSet files(Edition edition, Brief brief) {
    Verdict verdict = new Verdicts(edition).settle(brief, 2031);
    assertThat(verdict.findings()).filteredOn(each -> each.rule().endsWith("-is-bound")).isEmpty();
    return Renderer.render(ProjectPlanner.plan(verdict, edition, ShippedEdition.inputs()));
  }

  private static String text(FileSet files, String ending) {
    return files.files().stream()
        .filter(file -> file.path().endsWith(ending))
        .map(GeneratedFile::text)
        .findFirst()
        .orElseThrow();
  }

  @Test
  void everyStepOfThePageLeavesAnEditionThatGivesWhatThePageSays() throws Exception {
    String page = Files.readString(checkout.resolve("docs/catalog-examples.md"));
    List<String> sections = new ArrayList<>(List.of(page.split("\n(?=## A )", -1)));
    assertThat(sections).hasSize(4);
    Files.createSymbolicLink(folder.resolve("catalog"), checkout.resolve("catalog"));

    follow(sections.get(0) + "\n");
    follow(sections.get(1) + "\n");
    for (String language : List.of("java", "kotlin", "groovy")) {
      FileSet files = files(edition(), brief("csv-files").with(Key.LANGUAGE, language));
      assertThat(files.files())
          .extracting(GeneratedFile::path)
          .anyMatch(path -> path.contains("/csv/CsvRows."));
      assertThat(text(files, "pom.xml")).contains("commons-csv", "1.14.1");
    }

    follow(sections.get(2) + "\n");
    Brief javalin = brief("http-api").with(Key.FRAMEWORK, "javalin").with(Key.PORT, "8085");
    FileSet first = files(edition(), javalin);
    assertThat(text(first, "TideTables.java")).contains("\"8085\"", "Javalin.create().get(");
    assertThat(text(first, "pom.xml")).contains("<version>6.7.0</version>");
    assertThat(text(first, "README.md"))
        .contains("https://javalin.io/documentation#handlers", "java -jar");
    assertThat(
            new Verdicts(edition())
                .judge(javalin.withStarters(List.of("http-api", "health-metrics")), 2031)
                .findings())
        .anyMatch(
            finding ->
                finding.rule().equals("health-metrics-is-bound")
                    && finding.remedies().get(0).title().equals("Drop Health and metrics"));

    follow(sections.get(3) + "\n");
    assertThat(text(files(edition(), javalin), "TideTables.java")).contains("settings.routes.get(");
    assertThat(
            text(files(edition(), javalin.with(Key.FRAMEWORK, "javalin@6.7")), "TideTables.java"))
        .contains("Javalin.create().get(");
  }
}
