package vividtrellis.catalog;

import static org.assertj.core.api.Assertions.assertThat;
import static vividtrellis.catalog.TestedEdition.pom;
import static vividtrellis.catalog.TestedEdition.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.Parameter;
import org.junit.jupiter.params.ParameterizedClass;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.document.Documents;
import vividtrellis.core.document.Documents.Notation;
import vividtrellis.core.render.FileSet;

/** What keeps things and what is talked to: stores, their tables, and containers. */
@ParameterizedClass
@EnumSource(TestedEdition.class)
class ShippedStoresTest {

  @Parameter private TestedEdition tested;

  private FileSet files(String line, String... starters) {
    return tested.files(line, starters);
  }

  private FileSet files(Brief brief) {
    return tested.files(brief);
  }

  @Test
  void ofTwoDatabasesTheFirstInTheBriefIsSetUp() {
    for (String[] order : new String[][] {{"mysql", "postgresql"}, {"postgresql", "mysql"}}) {
      FileSet files = files("4.1", "sql-direct", order[0], order[1]);
      Map<?, ?> settings =
          (Map<?, ?>)
              Documents.plain(
                  Documents.readTrusted(
                      text(files, "src/main/resources/application.yaml"), Notation.YAML));
      String everything = settings + text(files, "config/application-local.yaml");
      assertThat(everything).contains("jdbc:" + order[0]).doesNotContain("jdbc:" + order[1]);
    }
  }

  /** The first that is picked of those that can keep notes, in this order, is what keeps them. */
  private static final List<String> KEEPERS =
      List.of(
          "sql-orm DatabaseNoteRepository",
          "sql-rows DatabaseNoteRepository",
          "sql-direct JdbcNoteRepository",
          "sql-typed JooqNoteRepository",
          "sql-mapper MyBatisNoteRepository",
          "mongodb MongoNoteRepository",
          "cassandra CassandraNoteRepository",
          "couchbase CouchbaseNoteRepository",
          "neo4j Neo4jNoteRepository",
          "elasticsearch ElasticsearchNoteRepository",
          "redis RedisNoteRepository");

  @ParameterizedTest
  @CsvSource({"java, java", "kotlin, kt", "groovy, groovy"})
  void notesAreKeptInOnePlaceWhateverIsPicked(String language, String suffix) {
    for (int from = 0; from <= KEEPERS.size(); from++) {
      List<String> starters = new ArrayList<>(List.of("http-api", "h2"));
      KEEPERS.subList(from, KEEPERS.size()).forEach(each -> starters.add(each.split(" ", -1)[0]));
      FileSet files =
          files(
              Brief.empty()
                  .with(Key.NAME, "fare-ledger")
                  .with(Key.LANGUAGE, language)
                  .with(Key.SAMPLE, "walkthrough")
                  .withStarters(starters));
      String keeper =
          from == KEEPERS.size() ? "InMemoryNoteRepository" : KEEPERS.get(from).split(" ", -1)[1];

      assertThat(files.files())
          .filteredOn(
              file -> file.path().matches(".*/main/.*/[A-Z][A-Za-z0-9]+NoteRepository\\.[a-z]+"))
          .extracting(file -> file.path().replaceFirst(".*/", ""))
          .as("%s", starters)
          .containsExactly(keeper + "." + suffix);
    }
  }

  @Test
  void nothingWaitsFromAReactiveStoreToAReactiveCaller() {
    String test = "src/test/java/example/saltmarsh/fareledger/notes/NoteRepositoryTest.java";
    for (String web : List.of("http-api", "http-reactive")) {
      FileSet files =
          files(
              Brief.empty()
                  .with(Key.NAME, "fare-ledger")
                  .with(Key.GROUP, "saltmarsh.example")
                  .with(Key.SAMPLE, "walkthrough")
                  .withStarters(List.of(web, "sql-reactive", "h2")));
      boolean flows = web.equals("http-reactive");

      assertThat(files.files())
          .filteredOn(file -> file.path().startsWith("src/main/"))
          .filteredOn(file -> file.text().contains(".block()"))
          .hasSize(flows ? 0 : 1);
      assertThat(text(files, test).contains(".block()")).isEqualTo(flows);
      assertThat(files.files())
          .noneMatch(file -> file.path().contains("BlockingCallsConfiguration"));
    }
  }

  /** The tables that libraries want are made like all others, each database by its own form. */
  @ParameterizedTest
  @CsvSource({"3.4, BATCH_JOB_SEQ", "4.1, BATCH_JOB_INSTANCE_SEQ"})
  void tablesOfLibrariesAreStepsToo(String line, String counter) {
    Brief brief =
        Brief.empty()
            .with(Key.NAME, "fare-ledger")
            .with(Key.FRAMEWORK, tested.on(line))
            .with(Key.JVM, "17");
    List<String> starters = List.of("http-api", "sessions-sql", "batch-state", "postgresql");
    FileSet bare = files(brief.withStarters(starters));
    FileSet stepwise =
        files(
            brief.withStarters(
                Stream.concat(starters.stream(), Stream.of("migrations-flyway")).toList()));

    assertThat(text(bare, "src/main/resources/application.yaml"))
        .contains("initialize-schema: always")
        .doesNotContain("locations");
    assertThat(text(stepwise, "src/main/resources/application.yaml"))
        .contains("initialize-schema: never", "db/vendor/{vendor}")
        .doesNotContain("initialize-schema: always");
    assertThat(text(stepwise, "src/main/resources/db/vendor/postgresql/V2__sessions.sql"))
        .contains("CREATE TABLE SPRING_SESSION", "BYTEA");
    for (String folder :
        List.of("main/resources/db/vendor/postgresql", "test/resources/db/vendor/h2")) {
      assertThat(text(stepwise, "src/" + folder + "/V3__batches.sql"))
          .containsPattern("CREATE SEQUENCE " + counter + "[ ;]");
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"3.4", "4.1"})
  void testsRunTheImagesOfTheComposeFile(String line) throws Exception {
    FileSet files =
        files(
            Brief.empty()
                .with(Key.NAME, "fare-ledger")
                .with(Key.GROUP, "saltmarsh.example")
                .with(Key.FRAMEWORK, tested.on(line))
                .with(Key.JVM, "17")
                .withExtras(List.of("compose"))
                .withStarters(
                    List.of(
                        "sql-direct", "mysql", "mongodb", "kafka", "redis", "test-containers")));
    String test = text(files, "src/test/java/example/saltmarsh/fareledger/LocalServices.java");
    assertThat(
            text(files, "src/test/java/example/saltmarsh/fareledger/FareLedgerWithContainers.java"))
        .contains("SpringApplication.from(FareLedger::main)");
    Object compose =
        Documents.plain(Documents.readTrusted(text(files, "compose.yaml"), Notation.YAML));

    assertThat(((Map<?, ?>) ((Map<?, ?>) compose).get("services")).values())
        .hasSize(4)
        .allSatisfy(
            service ->
                assertThat(test).contains("(\"" + ((Map<?, ?>) service).get("image") + "\")"));
    assertThat(pom(files).getDependencies())
        .filteredOn(each -> each.getGroupId().equals("org.testcontainers"))
        .extracting(each -> each.getArtifactId().replace("testcontainers-", ""))
        .containsExactlyInAnyOrder("junit-jupiter", "mysql", "mongodb", "kafka");
  }
}
