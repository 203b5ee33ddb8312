package vividtrellis.gradle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vividtrellis.gradle.script.ScriptText;

/** A home that is laid out here builds what is right, and refuses what is wrong. */
class GradleHomeTest {

  private static final Path JDK = Path.of(System.getProperty("java.home"));
  private static final Path PARTS = Path.of("target/parts");
  private static final String BUILD =
      """
      plugins { id 'java' }
      repositories { mavenCentral() }
      dependencies { testImplementation 'org.junit.jupiter:junit-jupiter:5.14.4'
        testRuntimeOnly 'org.junit.platform:junit-platform-launcher:1.14.4' }
      tasks.named('test') { useJUnitPlatform() }
      println "claims to be ${gradle.gradleVersion}"
      """;
  private static final String SETTINGS = "rootProject.name = 'berth'";
  private static final String LIBRARIES =
      "[libraries]\njunit = \"org.junit.jupiter:junit-jupiter:5.14.4\"\n";
  private static final String KOTLIN =
      """
      plugins {
        id("java")
      }
      repositories { mavenCentral() }
      java { toolchain { languageVersion = JavaLanguageVersion.of(%d) } }
      dependencies {
        testImplementation(libs.junit) { exclude(group = "org.apiguardian") }
        testRuntimeOnly("org.junit.platform:junit-platform-launcher:1.14.4")
      }
      tasks.withType<Test>().configureEach {
        useJUnitPlatform()
      }
      """
          .formatted(Runtime.version().feature());
  private static final String BERTH = "class Berth { int number() { return 7; } }";
  private static final String TEST =
      """
      import org.junit.jupiter.api.*;
      class BerthTest {
        @Test void number() { Assertions.assertEquals(7, new Berth().number()); }
      }
      """;

  @TempDir static Path temp;

  private static GradleHome home = new GradleHome(Path.of(""), "", "");

  @BeforeAll
  static void assemble() throws IOException {
    home = GradleHome.assemble(PARTS, temp.resolve("home"), "8.14.5");
  }

  @AfterAll
  static void endDaemons() throws IOException {
    assertThat(Daemons.end(temp.resolve("user"))).isPositive();
    assertThat(Daemons.end(temp.resolve("user"))).isZero();
  }

  /** What was said, with the exit code before it. */
  private static String run(Path project, String... words) throws Exception {
    Path log = Files.createTempFile(temp, "log", "");
    Process process =
        new ProcessBuilder(home.command(JDK, temp.resolve("user"), List.of(words)))
            .directory(project.toFile())
            .redirectErrorStream(true)
            .redirectOutput(log.toFile())
            .start();
    if (!process.waitFor(300, TimeUnit.SECONDS)) {
      process.destroyForcibly();
      throw new AssertionError("no end after five minutes: " + Files.readString(log));
    }
    return process.exitValue() + " " + Files.readString(log, StandardCharsets.UTF_8);
  }

  private static Path project(String wrong, String right) throws IOException {
    return project(Map.of("settings.gradle", SETTINGS, "build.gradle", BUILD), wrong, right);
  }

  private static Path kotlinProject(String wrong, String right) throws IOException {
    Path project =
        project(
            Map.of(
                "settings.gradle.kts", SETTINGS.replace('\'', '"'),
                "build.gradle.kts", KOTLIN,
                "gradle/libs.versions.toml", LIBRARIES),
            wrong,
            right);
    KotlinForm.adapt(project);
    return project;
  }

  private static Path project(Map<String, String> scripts, String wrong, String right)
      throws IOException {
    Path project = Files.createTempDirectory(temp, "a b");
    Map<String, String> files = new HashMap<>(scripts);
    files.put("src/main/java/Berth.java", BERTH);
    files.put("src/test/java/BerthTest.java", TEST);
    for (Map.Entry<String, String> each : files.entrySet()) {
      Path file = project.resolve(each.getKey());
      Files.createDirectories(file.getParent());
      Files.writeString(file, each.getValue().replace(right, wrong));
    }
    return project;
  }

  @Test
  void itBuildsAndTestsAProjectAndSaysWhatItClaims() throws Exception {
    Path project = project("", "\0");

    assertThat(built(project)).contains("claims to be 8.14.5");
  }

  /** What was said while it was built, tested and packaged. */
  private static String built(Path project) throws Exception {
    String said = run(project, "build");
    assertThat(said).startsWith("0 ").contains("BUILD SUCCESSFUL");
    assertThat(project.resolve("build/libs/berth.jar")).isNotEmptyFile();
    assertThat(project.resolve("build/test-results/test/TEST-BerthTest.xml"))
        .content()
        .contains("tests=\"1\"", "failures=\"0\"");
    return said;
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "useJUnitPlatform           | useJunitPlattform         | useJunitPlattform",
        "junit-jupiter:5.14.4       | junit-jupiter:5.99.99     | Could not find org.junit.jupiter",
        "return 7                   | return seven              | cannot find symbol",
        "assertEquals(7,            | assertEquals(8,           | There were failing tests",
        "id 'java'                  | id 'java-of-berths'       | java-of-berths"
      })
  void whatIsWrongFails(String right, String wrong, String said) throws Exception {
    assertThat(run(project(wrong, right), "build")).startsWith("1 ").contains("BUILD FAILED", said);
  }

  @Test
  void itBuildsAndTestsAProjectOfTheKotlinForm() throws Exception {
    built(kotlinProject("", "\0"));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "useJUnitPlatform | useJUnitPlattform | build.gradle.kts:11:3: error: unresolved reference",
        "libs.junit       | libs.junitt       | build.gradle.kts:7:27: error: unresolved reference",
        "group =          | grupp =           | build.gradle.kts:7:44: error: cannot find a"
            + " parameter",
        "LanguageVersion.of | LanguageVersion.to | build.gradle.kts:5:"
      })
  void whatIsWrongInAScriptInKotlinFailsWhereItIs(String right, String wrong, String said)
      throws Exception {
    assertThat(run(kotlinProject(wrong, right), "build"))
        .startsWith("1 ")
        .contains("BUILD FAILED", said);
  }

  @Test
  void aPluginsBlockEndsWhereItsBracesDo() {
    ScriptText text =
        ScriptText.of("import a.B\nplugins {\n  id(\"x}\\\"}\") { apply() }\n}\njava { }\n");

    assertThat(text.plugins()).isEqualTo("plugins {\n  id(\"x}\\\"}\") { apply() }\n}");
    assertThat(text.rest()).isEqualTo("import a.B\n\n\n\njava { }\n");
    assertThatThrownBy(() -> ScriptText.of("plugins {")).hasMessageContaining("does not end");
  }

  @Test
  void withoutPartsItSaysWhatIsMissing() throws IOException {
    Path empty = Files.createDirectory(temp.resolve("empty"));

    assertThatThrownBy(() -> GradleHome.assemble(empty, temp.resolve("none"), "8.8"))
        .isInstanceOf(IOException.class)
        .hasMessageContaining("gradle-api");
    assertThat(temp.resolve("none")).doesNotExist();
  }
}
