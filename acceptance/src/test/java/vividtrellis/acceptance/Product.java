package vividtrellis.acceptance;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The running product, one for all tests: started before the first, ended after the last. */
final class Product implements BeforeAllCallback, ParameterResolver {

  static final Path CHECKOUT = checkout();
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final HttpClient HTTP = HttpClient.newHttpClient();
  private static Running running;

  /** What runs, and how to talk to it. */
  static final class Running implements AutoCloseable {
    final int port = freePort();
    final Path data;
    private Process up;

    Running() throws IOException, InterruptedException {
      // Below the checkout: the account that PostgreSQL runs as may not reach a private folder in
      // /tmp.
      this.data = Files.createDirectories(CHECKOUT.resolve("acceptance/target/data-" + port));
      start();
    }

    void start() throws IOException, InterruptedException {
      Path said = data.resolve("up.out");
      up =
          new ProcessBuilder("./up", "--port", port + "", "--data", data.toString(), "--no-demo")
              .directory(CHECKOUT.toFile())
              .redirectOutput(said.toFile())
              .redirectError(data.resolve("up.err").toFile())
              .start();
      for (int i = 0; i < 1800; i++) {
        if (Files.readString(said).contains("ready " + base())) {
          return;
        }
        if (!up.isAlive()) {
          break;
        }
        Thread.sleep(100);
      }
      throw new AssertionError(
          "./up did not get ready: " + Files.readString(data.resolve("up.err")));
    }

    /** Ends it as Ctrl-C or a service manager would. */
    int stop() throws InterruptedException {
      up.destroy();
      if (!up.waitFor(60, TimeUnit.SECONDS)) {
        throw new AssertionError("./up does not end on TERM");
      }
      return up.exitValue();
    }

    void cluster(String verb) throws IOException, InterruptedException {
      Command.Result result =
          new Command(CHECKOUT, List.of("tools/cluster.sh", verb, data.toString())).run(90);
      if (result.code() != 0) {
        throw new AssertionError(result.both());
      }
    }

    Map<String, String> databaseAccess() throws IOException, InterruptedException {
      Map<String, String> access = new HashMap<>();
      String said =
          new Command(CHECKOUT, List.of("tools/cluster.sh", "start", data.toString()))
              .run(90)
              .out();
      said.lines()
          .forEach(
              l -> access.put(l.substring(0, l.indexOf('=')), l.substring(l.indexOf('=') + 1)));
      return access;
    }

    Connection database() throws IOException, InterruptedException, SQLException {
      Map<String, String> access = databaseAccess();
      return DriverManager.getConnection(
          access.get("VIVID_DB_URL"), access.get("VIVID_DB_USER"), access.get("VIVID_DB_PASSWORD"));
    }

    String base() {
      return "http://127.0.0.1:" + port;
    }

    Command.Result vivid(Path folder, String... words) throws IOException, InterruptedException {
      return vividReading("", folder, words);
    }

    Command.Result vividReading(String input, Path folder, String... words)
        throws IOException, InterruptedException {
      List<String> all = new ArrayList<>(List.of(CHECKOUT.resolve("vivid").toString()));
      all.addAll(List.of(words));
      return new Command(folder, all).with(Map.of("VIVID_SERVER", base())).saying(input).run(60);
    }

    HttpResponse<byte[]> post(String path, String type, String body)
        throws IOException, InterruptedException {
      return HTTP.send(
          HttpRequest.newBuilder(URI.create(base() + "/api/v1" + path))
              .header("Content-Type", type)
              .POST(HttpRequest.BodyPublishers.ofString(body))
              .build(),
          HttpResponse.BodyHandlers.ofByteArray());
    }

    HttpResponse<byte[]> get(String path) throws IOException, InterruptedException {
      return HTTP.send(
          HttpRequest.newBuilder(URI.create(base() + path)).build(),
          HttpResponse.BodyHandlers.ofByteArray());
    }

    @Override
    public void close() throws IOException {
      try {
        stop();
        cluster("remove");
      } catch (InterruptedException e) {
        Thread.currentThread().interrupt();
      }
      try (Stream<Path> all = Files.walk(data)) {
        all.sorted(java.util.Comparator.reverseOrder()).forEach(path -> path.toFile().delete());
      }
    }
  }

  @Override
  public void beforeAll(ExtensionContext context) throws Exception {
    if (running == null) {
      running = new Running();
      // Where tests run in halves, each class is a run of its own, and what it keeps ends with it.
      Runtime.getRuntime().addShutdownHook(new Thread(Product::end));
    }
  }

  private static void end() {
    try {
      running.close();
    } catch (IOException e) {
      System.err.println("What ran for the tests could not be cleared away: " + e);
    }
  }

  @Override
  public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
    return parameter.getParameter().getType() == Running.class;
  }

  @Override
  public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
    return running;
  }

  static JsonNode json(byte[] body) {
    return JSON.readTree(body);
  }

  static String json(Object value) {
    return JSON.writeValueAsString(value);
  }

  static String encoded(String text) {
    return URLEncoder.encode(text, StandardCharsets.UTF_8);
  }

  static int freePort() {
    try (ServerSocket socket = new ServerSocket(0)) {
      return socket.getLocalPort();
    } catch (IOException e) {
      throw new java.io.UncheckedIOException(e);
    }
  }

  private static Path checkout() {
    Path here = Path.of("").toAbsolutePath();
    return Files.exists(here.resolve("up")) ? here : here.getParent();
  }
}
