package vividtrellis.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vividtrellis.catalog.ShippedEdition;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.catalog.Options.Option;
import vividtrellis.core.compat.Verdict;
import vividtrellis.core.compat.judging.Verdicts;
import vividtrellis.core.render.FileSet.GeneratedFile;

/**
 * Formatters break and join lines by their length, which grows with names. What is written for the
 * shortest and the longest ones is what they leave alone: the sources of many drawn projects, in
 * one that checks them.
 */
class FormattersTest {

  private static final int DRAWN = 25;

  private static final Map<Key, String> SHORTEST =
      Map.of(Key.NAME, "a", Key.PACKAGE, "a.b", Key.ENTRY, "A", Key.DATABASE, "a");

  private static final Map<Key, String> LONGEST =
      Map.of(
          Key.NAME, "n".repeat(50),
          Key.PACKAGE, "p".repeat(74) + "." + "q".repeat(75),
          Key.ENTRY, "E".repeat(60),
          Key.DATABASE, "d".repeat(32));

  /** What is written only where several are picked. */
  private static final List<String> TOGETHER =
      List.of(
          "http-api http-client test-http-stubs",
          "http-reactive http-client-reactive test-http-stubs tokens",
          "http-api tokens sign-in-form pages-thymeleaf kafka api-description",
          "sql-orm postgresql mongodb cassandra neo4j elasticsearch kafka redis test-containers",
          "http-reactive sql-reactive mysql rabbitmq test-containers");

  private static List<Brief> briefs;

  @TempDir Path temp;

  @ParameterizedTest
  @CsvSource({"kotlin, java, editor", "kotlin,,", "groovy,,"})
  void leaveAloneWhatIsWritten(String language, String alongside, String extra) throws Exception {
    Verdicts verdicts = new Verdicts(ShippedEdition.load());
    Brief base =
        Brief.empty()
            .with(Key.NAME, "tide-board")
            .with(Key.BUILD, "maven")
            .with(Key.FRAMEWORK, "none")
            .with(Key.LANGUAGE, language)
            .with(Key.JVM, "17")
            .withExtras(extra == null ? List.of("formatter") : List.of("formatter", extra));
    base = alongside == null ? base : base.with(Key.ALONGSIDE, alongside);
    RealBuild.write(verdicts.judge(base, 2026), temp);

    Set<String> written = new HashSet<>();
    for (Brief brief : briefs) {
      for (String each : alongside == null ? List.of(language) : List.of(language, alongside)) {
        for (Map<Key, String> names : List.of(SHORTEST, LONGEST)) {
          Brief named = brief.with(Key.LANGUAGE, each);
          for (Map.Entry<Key, String> name : names.entrySet()) {
            named = named.with(name.getKey(), name.getValue());
          }
          Verdict verdict = verdicts.judge(named, 2026);
          if (verdict.isWritable()) {
            copySources(verdict, each, written);
          }
        }
      }
    }
    assertThat(written.size()).isGreaterThan(2 * DRAWN);

    Path jdk = RealBuild.jdk(17, RealBuild.NEWEST_FOR_GRADLE).orElseThrow();
    Command.Result checked =
        new Command(temp, List.of("./mvnw", "-B", "-ntp", "spotless:check")).with(jdk).run(300);
    assertThat(checked.code()).as(checked.out()).isZero();
  }

  /** Each starter by itself, where it works with notes, some together, and drawn ones. */
  @BeforeAll
  static void draw() {
    Brief walk = Brief.empty().with(Key.GROUP, "saltmarsh.example").with(Key.SAMPLE, "walkthrough");
    briefs = new ArrayList<>();
    for (Option starter : ShippedEdition.load().starters()) {
      briefs.add(walk.withStarters(List.of(starter.id())));
      briefs.add(walk.withStarters(List.of(starter.id(), "http-api", "test-browser")));
    }
    for (String together : TOGETHER) {
      briefs.add(walk.withStarters(List.of(together.split(" "))));
    }
    for (String framework : List.of("micronaut", "quarkus")) {
      for (String starters : List.of("http-api", "http-api validation sql-orm h2")) {
        briefs.add(walk.with(Key.FRAMEWORK, framework).withStarters(List.of(starters.split(" "))));
      }
    }
    Brief plain = walk.with(Key.SAMPLE, "none");
    briefs.add(plain.with(Key.FRAMEWORK, "none").withStarters(List.of("commands")));
    briefs.add(walk.with(Key.FRAMEWORK, "javafx"));
    briefs.add(plain.with(Key.FRAMEWORK, "javafx"));
    RandomBriefs drawn = new RandomBriefs(LocalDate.now(ZoneOffset.UTC).toEpochDay());
    for (int i = 0; i < DRAWN; i++) {
      Brief brief = drawn.next().brief();
      briefs.add(
          walk.with(Key.FRAMEWORK, brief.require(Key.FRAMEWORK).replaceFirst("@.*", ""))
              .with(Key.PACKAGING, brief.require(Key.PACKAGING))
              .with(Key.SAMPLE, brief.require(Key.SAMPLE))
              .with(Key.LAYOUT, brief.require(Key.LAYOUT))
              .withStarters(brief.starters()));
    }
  }

  private void copySources(Verdict verdict, String language, Set<String> written)
      throws IOException {
    String ending = language.equals("kotlin") ? ".kt" : "." + language;
    for (GeneratedFile file : RealBuild.files(verdict).files()) {
      if (file.path().matches("src/(main|test)/.*")
          && file.path().endsWith(ending)
          // Projects keep it from their formatter: it names packages, and long ones are broken.
          && !file.path().endsWith("/module-info.java")
          && written.add(file.text())) {
        Path folder = temp.resolve("src/main/%s/n%d".formatted(language, written.size()));
        Files.createDirectories(folder);
        Files.writeString(folder.resolve(Path.of(file.path()).getFileName()), file.text());
      }
    }
  }
}
