package vividtrellis.acceptance;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.jar.JarEntry;
import java.util.jar.JarFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vividtrellis.acceptance.Product.Running;

/** What is taken home builds with its own wrapper and answers over HTTP. */
@ExtendWith(Product.class)
class ProjectsTest {

  @TempDir Path temp;

  private static Path jdk(int level) throws IOException {
    try (var jdks = Files.list(Path.of("/usr/lib/jvm"))) {
      return jdks.filter(jdk -> Files.exists(jdk.resolve("bin/javac")))
          .filter(jdk -> release(jdk).contains("JAVA_VERSION=\"" + level))
          .sorted()
          .findFirst()
          .orElseThrow(() -> new AssertionError("there is no JDK " + level + " here"));
    }
  }

  private static String release(Path jdk) {
    try {
      return Files.readString(jdk.resolve("release"));
    } catch (IOException e) {
      return "";
    }
  }

  private Path take(Running product, String... picks) throws Exception {
    List<String> words =
        new ArrayList<>(
            List.of(
                "take",
                "name=berth-booking",
                "group=saltmarsh.example",
                "+http-api",
                "+health-metrics"));
    words.addAll(List.of(picks));
    words.addAll(List.of("--into", "."));
    Path project = Files.createDirectory(temp.resolve("project"));
    Command.Result taken = product.vivid(project, words.toArray(String[]::new));
    assertThat(taken.code()).as(taken.both()).isZero();
    assertThat(taken.out()).containsAnyOf("./mvnw verify", "./gradlew build");
    return project;
  }

  /** Nothing but a JDK: no Maven on the path, a clean environment. */
  private static Command.Result build(Path project, Path jdk) throws Exception {
    String home = System.getProperty("user.home");
    return new Command(
            project,
            List.of(
                "env",
                "-i",
                "HOME=" + home,
                "JAVA_HOME=" + jdk,
                "JAVA_TOOL_OPTIONS=" + Command.QUICK,
                "PATH=/usr/bin:/bin",
                "./mvnw",
                "-B",
                "-ntp",
                "verify"))
        .run(600);
  }

  private static void isBuilt(Path project, Path jdk) throws Exception {
    Command.Result built = build(project, jdk);
    assertThat(built.code()).as(built.out()).isZero();
    assertThat(built.out()).contains("BUILD SUCCESS").containsPattern("Tests run: [1-9]");
  }

  /** What is asked of a running application. */
  private interface Questions {
    void ask() throws Exception;
  }

  private static void answers(
      Path jar, Path jdk, String at, Map<String, String> environment, Questions questions)
      throws Exception {
    ProcessBuilder builder =
        new ProcessBuilder(jdk + "/bin/java", Command.QUICK, "-jar", jar.toString());
    builder.environment().putAll(environment);
    Path log = Files.createTempFile("vivid-app", ".log");
    Process app =
        builder
            .directory(jar.getParent().getParent().toFile())
            .redirectErrorStream(true)
            .redirectOutput(log.toFile())
            .start();
    try {
      for (int i = 0; i < 600 && app.isAlive(); i++) {
        if (ApplicationRun.STARTED.matcher(Files.readString(log)).find()) {
          break;
        }
        Thread.sleep(100);
      }
      assertThat(app.isAlive()).as(Files.readString(log)).isTrue();
      questions.ask();
      ReadmeCommands readme = ReadmeCommands.of(jar.getParent().getParent());
      assertThat(readme.blocks()).anyMatch(block -> block.contains("curl "));
      assertThat(readme.unreadable()).isEmpty();
      assertThat(readme.asked(at, null)).isEmpty();
      assertThat(body(at, readme.path("/\\S*health")).replaceAll("\\s", ""))
          .contains("\"status\":\"UP\"");
    } finally {
      app.destroy();
      app.waitFor();
      Files.delete(log);
    }
  }

  private static String at(int port) {
    return "http://127.0.0.1:" + port;
  }

  private static String body(String at, String path) throws Exception {
    return HttpClient.newHttpClient()
        .send(
            HttpRequest.newBuilder(URI.create(at + path)).build(),
            HttpResponse.BodyHandlers.ofString())
        .body();
  }

  private static int status(String at, String path, String... headers) throws Exception {
    HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(at + path));
    if (headers.length > 0) {
      request.headers(headers);
    }
    return HttpClient.newHttpClient()
        .send(request.build(), HttpResponse.BodyHandlers.discarding())
        .statusCode();
  }

  /**
   * Without a sample as well: whoever watches it needs no token, and nobody else gets in but with
   * one of its own; nothing that only looks like one is good.
   */
  @Test
  void springBoot40IssuesTokensAndTrustsThem(Running product) throws Exception {
    int port = Product.freePort();
    Path project =
        take(
            product,
            "framework=spring-boot@4.0",
            "language=java@17",
            "sample=none",
            "port=" + port,
            "+token-issuer",
            "+tokens",
            "+tracing");

    isBuilt(project, jdk(17));
    answers(
        project.resolve("target/berth-booking-0.1.0.jar"),
        jdk(17),
        at(port),
        Map.of("SPRING_PROFILES_ACTIVE", "local"),
        () -> {
          assertThat(status(at(port), "/actuator/health/readiness")).isEqualTo(200);
          assertThat(status(at(port), "/actuator/metrics")).isEqualTo(401);
          assertThat(status(at(port), "/notes")).isEqualTo(401);
          String issued = token(at(port));
          assertThat(status(at(port), "/actuator/metrics", "Authorization", "Bearer " + issued))
              .isEqualTo(200);
          String forged = issued.substring(0, issued.length() - 9) + "forgedOne";
          assertThat(status(at(port), "/actuator/metrics", "Authorization", "Bearer " + forged))
              .isEqualTo(401);
        });
  }

  private static String token(String at) throws Exception {
    String client =
        Base64.getEncoder()
            .encodeToString("berth-booking:local-only".getBytes(StandardCharsets.UTF_8));
    HttpRequest request =
        HttpRequest.newBuilder(URI.create(at + "/oauth2/token"))
            .header("Authorization", "Basic " + client)
            .header("Content-Type", "application/x-www-form-urlencoded")
            .POST(HttpRequest.BodyPublishers.ofString("grant_type=client_credentials"))
            .build();
    String said =
        HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofString()).body();
    assertThat(said).contains("\"access_token\":\"");
    return said.replaceFirst("(?s).*\"access_token\":\"([^\"]*)\".*", "$1");
  }

  /**
   * Without steps of a schema, the tables are made in production too. The broker is away: a note is
   * kept all the same, and whoever sent it does not wait for a minute. All of it lies under a path
   * of the server's choice, as an archive does that is put into one.
   */
  @Test
  void springBoot35OnJava17AsWarWithH2InProduction(Running product) throws Exception {
    int port = Product.freePort();
    Path project =
        take(
            product,
            "summary=quotes \" ]]> \\ <b> & it's",
            "framework=spring-boot@3.5",
            "language=java@17",
            "layout=by-layer",
            "format=properties",
            "sample=walkthrough",
            "port=" + port,
            "+sql-orm",
            "+kafka",
            "packaging=war",
            "+pages-freemarker",
            "+api-description",
            "+h2");

    isBuilt(project, jdk(17));
    String quay = at(port) + "/quay";
    answers(
        project.resolve("target/berth-booking.war"),
        jdk(17),
        quay,
        Map.of(
            "SERVER_SERVLET_CONTEXT_PATH",
            "/quay",
            "SPRINGDOC_API_DOCS_ENABLED",
            "true",
            "SPRING_PROFILES_ACTIVE",
            "production",
            "MICRONAUT_ENVIRONMENTS",
            "production",
            "DATABASE_URL",
            "jdbc:h2:file:" + temp.resolve("kept"),
            "DATABASE_USER",
            "sa",
            "DATABASE_PASSWORD",
            "",
            "KAFKA_SERVERS",
            "127.0.0.1:" + Product.freePort()),
        () -> {
          keepsNotes(quay);
          HttpResponse<String> refused = post(quay, "{}");
          assertThat(refused.statusCode()).isEqualTo(400);
          assertThat(refused.headers().firstValue("Content-Type"))
              .contains("application/problem+json");
          assertThat(refused.body()).contains("\"errors\":{\"title\":");
          assertThat(body(quay, "/notes/0")).contains("There is no note 0.");
          assertThat(body(quay, "/pages/notes")).contains("action=\"/quay/pages/notes\"");
          assertThat(body(quay, "/v3/api-docs"))
              .contains("\"title\":\"Berth Booking\"", "\"201\"", "\"400\"", "\"404\"");
          assertThat(status(quay, "/swagger-ui/index.html")).isEqualTo(404);
        });
  }

  /** What is packaged knows nothing of one's own machine, and says what it is not told. */
  private static void saysWhatIsMissing(Path jar, Path jdk, String run) throws Exception {
    Command.Result bare =
        new Command(jar.getParent().getParent(), List.of(jdk + "/bin/java", "-jar", jar.toString()))
            .run(60);
    assertThat(bare.code()).isEqualTo(1);
    assertThat(bare.both().lines())
        .singleElement()
        .asString()
        .contains("DATABASE_PASSWORD, DATABASE_URL, DATABASE_USER", "./mvnw " + run);
    try (JarFile packaged = new JarFile(jar.toFile())) {
      List<JarEntry> settings =
          packaged.stream()
              .filter(each -> each.getName().matches("(BOOT-INF/classes/)?application.*"))
              .toList();
      assertThat(settings).isNotEmpty();
      for (JarEntry each : settings) {
        assertThat(each.getName()).doesNotContain("local");
        assertThat(new String(packaged.getInputStream(each).readAllBytes(), UTF_8))
            .as(each.getName())
            .doesNotContain("localhost", "%dev");
      }
    }
  }

  private static void keepsNotes(String at) throws Exception {
    HttpResponse<String> kept = post(at, "{\"title\": \"Tide\", \"body\": \"High at noon\"}");
    assertThat(kept.statusCode()).as(kept.body()).isEqualTo(201);
    assertThat(kept.headers().firstValue("Location").orElseThrow()).startsWith(at + "/notes/");
    assertThat(body(at, "/notes")).contains("High at noon");
  }

  private static HttpResponse<String> post(String at, String note) throws Exception {
    HttpRequest request =
        HttpRequest.newBuilder(URI.create(at + "/notes"))
            .header("Content-Type", "application/json")
            .timeout(Duration.ofSeconds(20))
            .POST(HttpRequest.BodyPublishers.ofString(note))
            .build();
    return HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofString());
  }

  @ParameterizedTest
  @CsvSource({
    "berth-booking, spring-boot@4.1, spring-boot:run, /actuator/prometheus, +formatter",
    "mooring-log,   micronaut@4.10,  mn:run,          /prometheus,          +http-api",
    "lamp-watch,    quarkus@3.33,    quarkus:dev,     /q/metrics,           +http-api"
  })
  void onJava25WithPostgresql(
      String name, String framework, String run, String figures, String more, Running product)
      throws Exception {
    String account = name.replace('-', '_');
    int port = Product.freePort();
    Path project =
        take(
            product,
            "name=" + name,
            "framework=" + framework,
            "language=java@25",
            "sample=walkthrough",
            "entity=" + BerthsOverHttp.ENTITY,
            "port=" + port,
            "+validation",
            "+sql-orm",
            "+postgresql",
            "+migrations-flyway",
            "+metrics-prometheus",
            more);

    Command.Result tooOld = build(project, jdk(17));
    assertThat(tooOld.code()).isNotZero();
    assertThat(tooOld.out().lines())
        .anyMatch(line -> line.contains(name + " needs JDK 25 or newer"));

    // No database is set up for it yet: the tests need none.
    isBuilt(project, jdk(25));
    Path jar = project.resolve("target/" + name + "-0.1.0.jar");
    saysWhatIsMissing(jar, jdk(25), run);

    Map<String, String> access = product.databaseAccess();
    URI server = URI.create(String.valueOf(access.get("VIVID_DB_URL")).substring("jdbc:".length()));
    ReadmeCommands.of(project)
        .makeDatabase(
            temp,
            Map.of(
                "PGHOST",
                server.getHost(),
                "PGPORT",
                server.getPort() + "",
                "PGUSER",
                access.get("VIVID_DB_USER"),
                "PGPASSWORD",
                access.get("VIVID_DB_PASSWORD"),
                "PGDATABASE",
                "postgres"));
    answers(
        jar,
        jdk(25),
        at(port),
        Map.of(
            "SPRING_PROFILES_ACTIVE",
            "production",
            "MICRONAUT_ENVIRONMENTS",
            "production",
            "DATABASE_URL",
            "jdbc:" + server.resolve("/" + account),
            "DATABASE_USER",
            account,
            "DATABASE_PASSWORD",
            account),
        () -> {
          new BerthsOverHttp(at(port)).goAllTheWay();
          assertThat(body(at(port), figures)).contains("jvm_memory_used_bytes");
        });
  }
}
