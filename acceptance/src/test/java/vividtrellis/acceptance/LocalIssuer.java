package vividtrellis.acceptance;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * The identity provider of the compose files, from the registry in place of its image, and started
 * when the first project asks for it. It knows whom the file of that project names.
 */
final class LocalIssuer implements AutoCloseable {

  /** Where projects look for it, which is not where it is. */
  static final String NAMED = "http://localhost:9000";

  private static final Pattern IMAGE = Pattern.compile("quay.io/keycloak/keycloak:(\\S+)");
  private static final Path KEPT = Product.CHECKOUT.resolve(".state/issuer");
  private static final String ACCOUNT = "client_id=admin-cli&username=admin&password=local-only";

  private final HttpClient http = HttpClient.newHttpClient();
  private final Path temp;
  private final int port = Product.freePort();
  private @Nullable Process running;

  LocalIssuer(Path temp) {
    this.temp = temp;
  }

  /** Its address, once it knows whom the project names; {@code null} for one that has none. */
  @Nullable String of(Path project) throws Exception {
    Path known = project.resolve("config/issuer.json");
    if (!Files.exists(known)) {
      return null;
    }
    if (running == null) {
      Matcher image = IMAGE.matcher(Files.readString(project.resolve("compose.yaml")));
      running = start(image.results().findFirst().orElseThrow().group(1));
    }
    String token =
        ask("realms/master/protocol/openid-connect/token", "", "grant_type=password&" + ACCOUNT)
            .replaceFirst(".*\"access_token\":\"([^\"]*)\".*", "$1");
    send(request("admin/realms/local", token).DELETE().build());
    String said = ask("admin/realms", token, Files.readString(known));
    if (!said.isEmpty()) {
      throw new AssertionError("The issuer does not take what the project names: " + said);
    }
    return address();
  }

  private String address() {
    return "http://localhost:" + port;
  }

  private Process start(String version) throws Exception {
    Path home = KEPT.resolve("keycloak-" + version);
    if (!Files.exists(home.resolve("bin/kc.sh"))) {
      Files.createDirectories(KEPT);
      Command.Result fetched =
          new Command(
                  temp,
                  List.of(
                      "mvn",
                      "-B",
                      "-ntp",
                      "-q",
                      "dependency:unpack",
                      "-Dartifact=org.keycloak:keycloak-quarkus-dist:" + version + ":zip",
                      "-DoutputDirectory=" + KEPT))
              .run(300);
      if (fetched.code() != 0) {
        throw new AssertionError(fetched.both());
      }
    }
    ProcessBuilder server =
        new ProcessBuilder(
                "bash",
                "bin/kc.sh",
                "start-dev",
                "--http-host=127.0.0.1",
                "--http-port=" + port,
                "--http-management-port=" + Product.freePort())
            .directory(home.toFile())
            .redirectErrorStream(true)
            .redirectOutput(temp.resolve("issuer.log").toFile());
    server
        .environment()
        .putAll(
            Map.of(
                "KC_BOOTSTRAP_ADMIN_USERNAME", "admin",
                "KC_BOOTSTRAP_ADMIN_PASSWORD", "local-only",
                "KC_DB", "dev-mem"));
    Process process = server.start();
    for (int i = 0; i < 360 && process.isAlive(); i++) {
      try {
        if (send(request("realms/master", "").build()).startsWith("{\"realm\"")) {
          return process;
        }
      } catch (IOException e) {
        // It does not listen yet.
      }
      Thread.sleep(500);
    }
    process.destroy();
    throw new AssertionError(Files.readString(temp.resolve("issuer.log")));
  }

  private String ask(String path, String token, String body) throws Exception {
    String type = token.isEmpty() ? "application/x-www-form-urlencoded" : "application/json";
    return send(
        request(path, token)
            .header("Content-Type", type)
            .POST(BodyPublishers.ofString(body))
            .build());
  }

  private HttpRequest.Builder request(String path, String token) {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(address() + "/" + path)).timeout(Duration.ofSeconds(60));
    return token.isEmpty() ? request : request.header("Authorization", "Bearer " + token);
  }

  private String send(HttpRequest request) throws IOException, InterruptedException {
    return http.send(request, BodyHandlers.ofString()).body();
  }

  @Override
  public void close() {
    if (running != null) {
      running.descendants().forEach(ProcessHandle::destroy);
      running.destroy();
    }
  }
}
