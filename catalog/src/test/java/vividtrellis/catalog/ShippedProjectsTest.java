package vividtrellis.catalog;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.InstanceOfAssertFactories.list;
import static vividtrellis.catalog.TestedEdition.pom;
import static vividtrellis.catalog.TestedEdition.text;

import com.samskivert.mustache.Mustache;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.apache.maven.model.Build;
import org.apache.maven.model.Dependency;
import org.apache.maven.model.Exclusion;
import org.apache.maven.model.Model;
import org.apache.maven.model.Plugin;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.Parameter;
import org.junit.jupiter.params.ParameterizedClass;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.catalog.Options.Starter;
import vividtrellis.core.compat.Verdict;
import vividtrellis.core.compat.Verdict.Finding;
import vividtrellis.core.render.FileSet;
import vividtrellis.core.render.FileSet.GeneratedFile;

/** What picks make of the build file and the settings, read with Maven's own parser. */
@ParameterizedClass
@EnumSource(TestedEdition.class)
class ShippedProjectsTest {

  @Parameter private TestedEdition tested;

  private FileSet files(String line, String... starters) {
    return tested.files(line, starters);
  }

  private FileSet files(Brief brief) {
    return tested.files(brief);
  }

  private static Dependency dependency(Model pom, String artifact) {
    return pom.getDependencies().stream()
        .filter(each -> each.getArtifactId().equals(artifact))
        .findFirst()
        .orElseThrow(() -> new AssertionError(artifact + " is not in " + pom.getDependencies()));
  }

  @Test
  void anotherServerTakesTheDefaultOnesPlace() throws Exception {
    Model pom = pom(files("4.1", "http-api", "server-jetty"));

    assertThat(dependency(pom, tested.words("spring-boot-starter-webmvc")).getExclusions())
        .extracting(Exclusion::getArtifactId)
        .containsExactly(tested.words("spring-boot-starter-tomcat"));
    assertThat(dependency(pom, tested.words("spring-boot-starter-jetty")).getExclusions())
        .isEmpty();
    assertThat(pom(files("4.1", "http-api")).getDependencies())
        .allMatch(each -> each.getExclusions().isEmpty());
    // Maven would keep the one that the project asks for itself, and Gradle would not.
    assertThat(pom(files("4.0", "http-api", "server-tomcat", "server-jetty")))
        .extracting(Model::getDependencies, list(Dependency.class))
        .allMatch(each -> each.getExclusions().isEmpty());
  }

  /** A list of Gradle's own sets no upper bound, and counts for one configuration only. */
  @Test
  void gradleTakesTheListOfVersionsAsMavenDoes() {
    Brief brief =
        Brief.empty()
            .with(Key.NAME, "fare-ledger")
            .with(Key.FRAMEWORK, tested.on("3.5"))
            .with(Key.LANGUAGE, "kotlin@2.2.21")
            .with(Key.BUILD, "gradle-groovy")
            .withStarters(List.of("http-api", "reload"));

    assertThat(text(files(brief), "build.gradle"))
        .contains("alias(libs.plugins.spring.dependency.management)")
        .contains("ext['kotlin.version'] = '2.2.21'");
    assertThat(text(files(brief.with(Key.BUILD, "gradle-kotlin")), "build.gradle.kts"))
        .contains("extra[\"kotlin.version\"] = \"2.2.21\"");
  }

  /** Groovy's lists take several arguments to be added, Kotlin's do not. */
  @Test
  void argumentsOfTheCompilerAreAddedAsAListInBothForms() {
    Brief brief =
        Brief.empty()
            .with(Key.NAME, "fare-ledger")
            .with(Key.BUILD, "gradle-kotlin")
            .withStarters(List.of("http-api"))
            .withExtras(List.of("formatter"));

    assertThat(text(files(brief), "build.gradle.kts"))
        .contains("compilerArgs.addAll(listOf(\"-Xlint:all,-processing\", \"-Werror\"))");
    assertThat(text(files(brief.with(Key.BUILD, "gradle-groovy")), "build.gradle"))
        .contains("compilerArgs.addAll(['-Xlint:all,-processing', '-Werror'])");
  }

  /** A handler's path variables have no names otherwise, and its first request is a 500. */
  @Test
  void groovyKeepsTheNamesOfParametersInBothBuilds() {
    Brief brief =
        Brief.empty()
            .with(Key.NAME, "fare-ledger")
            .with(Key.LANGUAGE, "groovy")
            .withStarters(List.of("http-api"));

    assertThat(text(files(brief.with(Key.BUILD, "gradle-kotlin")), "build.gradle.kts"))
        .contains("groovyOptions.setParameters(true)");
    assertThat(text(files(brief.with(Key.BUILD, "maven")), "pom.xml"))
        .contains("<parameters>true</parameters>");
  }

  /** Told of Java's level alone, Groovy's compiler took that of the JDK. */
  @ParameterizedTest
  @CsvSource({"language, groovy, gradle-kotlin", "alongside, groovy, gradle-groovy"})
  void groovyCompilesForTheLevelWhateverTheJdk(String key, String word, String build) {
    Brief brief =
        Brief.empty()
            .with(Key.NAME, "fare-ledger")
            .with(Key.BUILD, build)
            .with(Key.JVM, "21")
            .with(Key.JDK, "25")
            .with(Key.of(key).orElseThrow(), word);
    String form = build.equals("gradle-kotlin") ? "build.gradle.kts" : "build.gradle";

    assertThat(text(files(brief), form)).contains("targetCompatibility = \"21\"");
    assertThat(text(files(brief.with(Key.JDK, "21")), form)).doesNotContain("targetCompatibility");
  }

  /**
   * A server can come along with what is no web starter, and took the framework's own port then.
   */
  @Test
  void whateverListensDoesSoOnThePortThatWasPicked() {
    Brief brief =
        Brief.empty()
            .with(Key.NAME, "fare-ledger")
            .with(Key.FRAMEWORK, tested.on("3.5"))
            .with(Key.PORT, "9000");
    for (Starter starter : tested.edition().starters()) {
      Verdict verdict = tested.judge(brief.withStarters(List.of(starter.id())));
      if (verdict.isWritable()) {
        List<String> told = verdict.findings().stream().map(Finding::rule).toList();
        boolean listens = starter.serves() != null || told.contains("stack-results");

        assertThat(text(tested.files(verdict), "src/main/resources/application.yaml"))
            .as(starter.id())
            .matches(settings -> settings.contains("port: 9000") == listens);
        assertThat(told).as(starter.id()).matches(each -> each.contains("port-unused") != listens);
      }
    }
    assertThat(tested.judge(brief.withStarters(List.of("http-api", "tokens"))).findings())
        .filteredOn(each -> each.rule().equals("port-taken"))
        .flatExtracting(Finding::remedies)
        .extracting(remedy -> remedy.result().get(Key.PORT).orElse(""))
        .containsExactly("9001");
  }

  /** At one dependency alone, Tomcat came back by the next that brings the same starter. */
  @Test
  void whatIsKeptOutOfAGradleProjectIsKeptOutOfAllOfIt() {
    Brief brief =
        Brief.empty()
            .with(Key.NAME, "fare-ledger")
            .with(Key.FRAMEWORK, tested.on("4.1"))
            .with(Key.BUILD, "gradle-kotlin")
            .withStarters(List.of("http-api", "server-jetty", "api-description"));

    assertThat(text(files(brief), "build.gradle.kts"))
        .contains(
            tested.words(
                """
                configurations.configureEach {
                    exclude(group = "org.springframework.boot", module = "spring-boot-starter-tomcat")
                }
                """))
        .containsOnlyOnce("exclude(");
  }

  @Test
  void whatReadsAnnotationsSharesOnePlaceInTheBuild() throws Exception {
    Build build = pom(files("3.5", "less-boilerplate", "object-mapping")).getBuild();
    List<Plugin> compilers =
        build.getPlugins().stream()
            .filter(plugin -> plugin.getArtifactId().equals("maven-compiler-plugin"))
            .toList();

    assertThat(compilers).hasSize(1);
    assertThat(String.valueOf(compilers.get(0).getConfiguration()))
        .contains("lombok", "mapstruct-processor", "lombok-mapstruct-binding");
  }

  @Test
  void aPageOfTheProjectIsATemplateOfItsOwn() {
    FileSet files =
        files(
            Brief.empty()
                .with(Key.NAME, "fare-ledger")
                .with(Key.SAMPLE, "walkthrough")
                .withStarters(List.of("http-api", "pages-mustache", "sql-direct", "h2")));
    Map<String, ?> page =
        Map.of(
            "notes",
            List.of(Map.of("id", 7, "title", "<Tide>", "body", "High at noon")),
            "form",
            Map.of("title", "<Ebb>", "body", ""),
            "errors",
            Map.of("title", "must be <there>"),
            "springMacroRequestContext",
            Map.of("contextPath", "/quay"),
            "_csrf",
            false);

    assertThat(
            Mustache.compiler()
                .compile(text(files, "src/main/resources/templates/notes.mustache"))
                .execute(page))
        .contains("<td>&lt;Tide&gt;</td>", "<td>High at noon</td>", "<title>Notes - Fare Ledger")
        .contains("action=\"/quay/pages/notes\"", "action=\"/quay/pages/notes/7/remove\"")
        .contains("value=\"&lt;Ebb&gt;\"", ">Title must be &lt;there&gt;<");
  }

  /** Whatever keeps, shows and tells it. */
  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      value = {
        "http-api sql-orm postgresql migrations-flyway validation pages-thymeleaf test-browser",
        "http-api sql-rows mysql kafka pages-freemarker api-description",
        "http-reactive sql-reactive postgresql migrations-liquibase tokens",
        "http-api sql-direct h2 pages-mustache test-containers rabbitmq",
        "http-api sql-typed oracle",
        "http-api sql-mapper sqlserver jms-artemis",
        "http-api mongodb",
        "http-api cassandra",
        "http-api couchbase",
        "http-api neo4j",
        "http-api elasticsearch",
        "http-api redis",
        "http-api"
      })
  void speaksOfNothingButTheEntityOfTheBrief(String starters) {
    for (String language : List.of("java", "kotlin", "groovy")) {
      FileSet files =
          files(
              Brief.empty()
                  .with(Key.NAME, "fare-ledger")
                  .with(Key.LANGUAGE, language)
                  .with(Key.SAMPLE, "walkthrough")
                  .with(
                      Key.ENTITY,
                      "OpenFare: label text..80 unique, amount decimal 0..?, paidOn date?, kind"
                          + " single|day-ticket, seen instant, code uuid?, rides integer, lit"
                          + " boolean")
                  .withExtras(List.of("compose"))
                  .withStarters(List.of(starters.split(" "))));
      for (GeneratedFile file : files.files()) {
        assertThat(file.path() + "\n" + file.text())
            .as(file.path())
            .doesNotContainPattern("\\b[nN]otes?\\b|Note(?=[A-Z])|\\bnote(?=[A-Z])")
            .doesNotContainPattern(
                file.path().endsWith(".mustache") ? "[\\x01-\\x04]" : "\\{\\{|[\\x01-\\x04]");
      }
      assertThat(files.files())
          .extracting(GeneratedFile::path)
          .anyMatch(path -> path.endsWith("/openfares/OpenFareService." + suffix(language)));
    }
  }

  private static String suffix(String language) {
    return language.equals("kotlin") ? "kt" : language;
  }

  @ParameterizedTest
  @CsvSource({"java, com.acme", "java, zeta.harbour", "kotlin, com.acme", "kotlin, zeta.harbour"})
  void importsAreInOrderWhateverThePackageIsCalled(String language, String group) {
    FileSet files =
        files(
            Brief.empty()
                .with(Key.NAME, "fare-ledger")
                .with(Key.GROUP, group)
                .with(Key.LANGUAGE, language)
                .with(Key.SAMPLE, "walkthrough")
                .with(Key.LAYOUT, "by-layer")
                .withStarters(List.of("http-reactive", "validation", "kafka")));
    boolean kotlin = language.equals("kotlin");
    String controller =
        text(
            files,
            "src/main/%s/%s/fareledger/web/NoteController.%s"
                .formatted(language, group.replace('.', '/'), kotlin ? "kt" : "java"));
    List<String> imports =
        controller
            .lines()
            .filter(line -> line.startsWith("import "))
            .map(line -> line.substring(7).replace(";", ""))
            .toList();

    assertThat(imports)
        .contains(group + ".fareledger.domain.Note", "java.net.URI")
        .isSortedAccordingTo(
            Comparator.comparing((String name) -> kotlin && name.startsWith("java."))
                .thenComparing(Comparator.naturalOrder()));
  }

  @Test
  void anEndpointIsThereForEitherWebStack() throws Exception {
    String test = "src/test/java/example/saltmarsh/fareledger/about/AboutControllerTest.java";
    FileSet reactive = files("4.1", "http-reactive");
    FileSet both = files("4.1", "http-reactive", "http-api");

    assertThat(text(reactive, test)).contains("WebTestClient").doesNotContain("MockMvc");
    assertThat(
            dependency(pom(reactive), tested.words("spring-boot-starter-webflux-test")).getScope())
        .isEqualTo("test");
    assertThat(text(both, test)).contains("MockMvc").doesNotContain("WebTestClient");
  }

  @Test
  void scopesAreWhatTheyAreFor() throws Exception {
    Model pom =
        pom(files("4.1", "http-api", "sql-orm", "postgresql", "reload", "settings-metadata"));

    assertThat(dependency(pom, "postgresql").getScope()).isEqualTo("runtime");
    assertThat(pom.getDependencies())
        .filteredOn(each -> "test".equals(each.getScope()))
        .extracting(Dependency::getArtifactId)
        .allMatch(id -> id.endsWith("-test") || id.equals("h2"));
    assertThat(pom.getDependencies())
        .filteredOn(Dependency::isOptional)
        .extracting(Dependency::getArtifactId)
        .contains(tested.words("spring-boot-devtools"));
    assertThat(pom.getDependencies())
        .filteredOn(each -> each.getGroupId().startsWith("org.springframework.boot"))
        .allMatch(each -> each.getVersion() == null);
  }
}
