package vividtrellis.acceptance;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import vividtrellis.acceptance.Product.Running;
import vividtrellis.acceptance.Wire.Answer;

/** The bounds that hold when nobody sets any; each test comes from addresses of its own. */
@Tag("alone")
@ExtendWith(Product.class)
class DefenceTest {

  private static final byte[] BRIEF = "project: {name: tide-board}".getBytes(UTF_8);
  private static final String HALF =
      """
      POST /api/v1/checks HTTP/1.1
      Host: localhost
      Content-Type: application/json
      Content-Length: 100

      """;

  private static Answer ask(Running product, String from, String path) throws IOException {
    try (Wire wire = new Wire(product.port, from)) {
      return path.equals("/checks") ? wire.post(path, "application/yaml", BRIEF) : wire.get(path);
    }
  }

  @Test
  void halfBodiesSilenceNobodyAndEndInTime(Running product) throws Exception {
    List<Wire> half = new ArrayList<>();
    for (int i = 0; i < 200; i++) {
      Wire wire = new Wire(product.port, "127.0.0.11");
      wire.send(HALF, "{".getBytes(UTF_8));
      half.add(wire);
    }
    long start = System.nanoTime();
    for (String from : List.of("127.0.0.11", "127.0.0.12")) {
      assertThat(ask(product, from, "/health").status()).isEqualTo(200);
      assertThat(ask(product, from, "/checks").status()).isEqualTo(200);
    }
    assertThat(Duration.ofNanos(System.nanoTime() - start)).isLessThan(Duration.ofSeconds(5));

    int late = 0;
    for (Wire wire : half) {
      try (wire) {
        Answer answer = wire.read();
        assertThat(answer.status()).isEqualTo(408);
        assertThat(answer.isProblem()).isTrue();
        late++;
      } catch (IOException e) {
        // One of those that were closed for the newer ones of the same client.
      }
    }
    assertThat(late).isBetween(1, 64);
    assertThat(Duration.ofNanos(System.nanoTime() - start)).isLessThan(Duration.ofSeconds(20));
  }

  @Test
  void oneClientHasItsRateAndOthersHaveTheirs(Running product) throws Exception {
    String from = "127.0.0.13";
    long start = System.nanoTime();
    int heard = 0;
    Answer answer = ask(product, from, "/api/v1/brief-schema.json");
    while (answer.status() == 200 && heard < 20_000) {
      try (Wire wire = new Wire(product.port, from)) {
        // The container ends a connection after a hundred requests.
        for (int i = 0; i < 90 && answer.status() == 200; i++) {
          // Nobody said that this is a proxy, so its word for who asks is nothing.
          wire.send(
              "GET /api/v1/brief-schema.json HTTP/1.1\nHost: localhost\nX-Forwarded-For: 192.0.2.%d\n\n"
                  .formatted(i),
              new byte[0]);
          answer = wire.read();
          heard++;
        }
      }
    }
    double seconds = (System.nanoTime() - start) / 1e9;
    assertThat((double) heard).isBetween(3_000.0, 3_100 + 300 * seconds);
    try (Wire wire = new Wire(product.port, from)) {
      assertThat(answer.status()).isEqualTo(429);
      assertThat(answer.isProblem()).isTrue();
      assertThat(answer.headers()).containsEntry("retry-after", "1");
      assertThat(wire.get("/health").status()).isEqualTo(200);
    }
    assertThat(ask(product, "127.0.0.14", "/checks").status()).isEqualTo(200);
  }

  @Test
  void moreThanCanBeDoneIsRefusedAtOnceAndHealthAnswers(Running product) throws Exception {
    String starters =
        StreamSupport.stream(
                Product.json(product.get("/api/v1/catalog").body()).get("starters").spliterator(),
                false)
            .map(each -> each.get("id").asString())
            .collect(Collectors.joining(", "));
    byte[] brief = "project: {name: a}\nstarters: [%s]".formatted(starters).getBytes(UTF_8);
    Map<Integer, Integer> answers = new TreeMap<>();
    List<Callable<Integer>> asking = new ArrayList<>();
    for (int i = 0; i < 350; i++) {
      String from = "127.0.0." + (20 + i / 50);
      asking.add(
          () -> {
            try (Wire wire = new Wire(product.port, from)) {
              Answer answer = wire.post("/checks", "application/yaml", brief);
              assertThat(answer.status() == 200 || answer.isProblem()).isTrue();
              assertThat(answer.status() == 200 || answer.headers().containsKey("retry-after"))
                  .isTrue();
              return answer.status();
            }
          });
    }
    ExecutorService clients = Executors.newFixedThreadPool(asking.size());
    try {
      List<Future<Integer>> all = asking.stream().map(clients::submit).toList();
      assertThat(ask(product, "127.0.0.30", "/health").status()).isEqualTo(200);
      for (Future<Integer> each : all) {
        answers.merge(each.get(), 1, Integer::sum);
      }
    } finally {
      clients.shutdown();
    }
    assertThat(answers).containsOnlyKeys(200, 503);
    assertThat(answers.get(200)).isPositive();
  }

  @Test
  void onlyNamesOfItsOwnAreAnswered(Running product) throws Exception {
    for (String host : List.of("localhost", "LOCALHOST:80", "127.0.0.1", "127.9.9.9", "[::1]:7")) {
      assertThat(called(product, host)).as(host).isEqualTo(200);
    }
    for (String host : List.of("saltmarsh.example", "localhost.saltmarsh.example", "10.0.0.1")) {
      assertThat(called(product, host)).as(host).isEqualTo(421);
    }
  }

  private static int called(Running product, String host) throws IOException {
    try (Wire wire = new Wire(product.port, "127.0.0.1")) {
      wire.send("GET /health HTTP/1.1\nHost: " + host + "\n\n", new byte[0]);
      return wire.read().status();
    }
  }
}
