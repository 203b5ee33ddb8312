package vividtrellis.acceptance;

import static java.nio.charset.StandardCharsets.ISO_8859_1;
import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import vividtrellis.acceptance.Product.Running;
import vividtrellis.acceptance.Wire.Answer;

/**
 * Documents that look like briefs and are none, or are worse ones, in numbers: each is answered, in
 * time, by what is right or by a problem that says what is wrong in the service's own words.
 */
@Tag("alone")
@ExtendWith(Product.class)
class HostileTest {

  private static final int OF_A_FIXED_SEED = 20_000;
  private static final int OF_TODAY = 4_000;

  /** As many that each stays within its rate. */
  private static final int CLIENTS = 12;

  private static final double MOST_SECONDS = 5;
  private static final Set<Integer> RIGHT = Set.of(200, 400, 404, 405, 406, 408, 415, 421, 422);

  /** On a machine that has other things to do, a few may be told to come again. */
  private static final int MOST_BUSY = 100;

  private static final Pattern OF_LIBRARIES =
      Pattern.compile(
          "springframework|jackson|snakeyaml|Exception|ReadFeature|at [a-z]+\\.[a-z]+\\.");

  private static final List<String> PATHS =
      List.of("/checks", "/lattice", "/outlines", "/archives", "/comparisons", "/checks?apply=1");
  private static final List<String> TYPES =
      List.of(
          "application/json",
          "application/yaml",
          "application/json;charset=utf-16",
          "application/yaml; charset=\"",
          "text/html",
          "application/json;charset=x-none");
  private static final List<String> TEXTS =
      List.of(
          "",
          "~",
          "yes",
          "1e999",
          "0x1F",
          "-1",
          "../../etc/passwd",
          "${jndi:ldap://x}",
          "#{7*7}",
          "{{7*7}}",
          "<script>alert(1)</script>",
          "'; DROP TABLE archive_record; --",
          "%00",
          "\\u0000",
          "\\ud800",
          "\\udfff\\ud800",
          "\\x",
          "\\U00110000",
          "\u202ex\u200d\ufffe\uffff",
          "é̀ñ",
          "\ud83d\ude80",
          "spring-boot@",
          "@4.1",
          "spring-boot@4.1@4.0",
          "java@99999999999999999999",
          "kotlin@[1,2)",
          "-".repeat(300),
          "a-".repeat(20_000),
          "a.".repeat(25_000),
          "1.".repeat(25_000),
          "@a".repeat(20_000),
          "a/".repeat(20_000));

  private final List<String> briefs = new ArrayList<>();
  private final AtomicInteger busy = new AtomicInteger();

  private static String one(List<String> all, Random random) {
    return all.get(random.nextInt(all.size()));
  }

  /** A brief with some of it made wrong: values, keys, structure or bytes. */
  private byte[] document(Random random) {
    StringBuilder text = new StringBuilder(one(briefs, random));
    for (int i = random.nextInt(4); i >= 0 && text.length() > 1 && text.length() < 60_000; i--) {
      int at = random.nextInt(text.length());
      int end = Math.min(text.length(), at + 1 + random.nextInt(12));
      switch (random.nextInt(9)) {
        case 0 -> text.replace(at, end, one(TEXTS, random));
        case 1 -> {
          int colon = text.indexOf(": ", at);
          int line = colon < 0 ? -1 : text.indexOf("\n", colon);
          if (line > 0) {
            text.replace(colon + 2, line, one(TEXTS, random));
          }
        }
        case 2 -> text.delete(at, end);
        case 3 -> text.insert(at, text.substring(at, end));
        case 4 -> text.insert(at, "[{".repeat(random.nextInt(40)));
        case 5 ->
            text.insert(
                at,
                one(List.of("&a ", "*a ", "!!x ", "%", "\t", "|", "? ", "\u0000", "\r"), random));
        case 6 -> text.setLength(Math.max(1, at));
        case 7 ->
            text.append("\nstarters: [")
                .append("http-api, ".repeat(random.nextInt(400)))
                .append(']');
        default ->
            text.append("\nvariants: { a: { starters: ~, variants: {} }, b: ")
                .append(one(TEXTS, random))
                .append('}');
      }
    }
    byte[] bytes = text.toString().getBytes(random.nextInt(8) == 0 ? ISO_8859_1 : UTF_8);
    if (random.nextInt(6) == 0 && bytes.length > 0) {
      bytes[random.nextInt(bytes.length)] = (byte) random.nextInt(256);
    }
    return bytes;
  }

  /** A request without a document whose address is wrong, or may be. */
  private static String address(Random random) {
    String pick = one(List.of("name", "starter", "framework", "nothing", "settings.port"), random);
    String value =
        one(
            List.of(
                "tide-board", "http-api", "%zz", "%ff", "%ED%A0%80", "%00", "a%0d%0ab", "%2e%2e"),
            random);
    return one(
            List.of(
                "/api/v1/archives?pick=%s:%s",
                "/api/v1/archives?%s=%s",
                "/api/v1/catalog?q=%2$s",
                "/api/v1/catalog/%s?q=%s",
                "/%s/%s",
                "/WEB-INF/%s",
                "/api/v1/%2$s"),
            random)
        .formatted(pick, value);
  }

  private String fault(Wire wire, Random random) throws IOException {
    long start = System.nanoTime();
    byte[] document = {};
    Answer answer;
    String asked;
    if (random.nextInt(12) == 0) {
      asked =
          one(List.of("GET", "GET", "TRACE", "DELETE", "PATCH", "X"), random)
              + " "
              + address(random);
      wire.send(
          asked
              + " HTTP/1.1\nHost: localhost\nAccept: "
              + one(List.of("*/*", "image/png", "a", ";"), random)
              + "\n\n",
          document);
      answer = wire.read();
    } else {
      document = document(random);
      String path = one(PATHS, random);
      String type = random.nextInt(10) == 0 ? one(TYPES, random) : TYPES.get(random.nextInt(2));
      asked = path + " " + type;
      answer = wire.post(path, type, document);
    }
    double seconds = (System.nanoTime() - start) / 1e9;
    String said = answer.text();
    boolean isBusy = answer.status() == 503 && busy.incrementAndGet() <= MOST_BUSY;
    boolean right =
        (isBusy || RIGHT.contains(answer.status()))
            && (answer.status() < 400 || answer.isProblem())
            && (answer.status() < 400 || !OF_LIBRARIES.matcher(said).find())
            && seconds < MOST_SECONDS
            && said.length() < 3 * document.length + 400_000;
    return right
        ? ""
        : "%s: %d in %.1f s: %s <- %s"
            .formatted(
                asked, answer.status(), seconds, cut(said), cut(new String(document, UTF_8)));
  }

  private static String cut(String text) {
    return text.substring(0, Math.min(400, text.length()));
  }

  private String client(Running product, int number, long seed, int count) throws IOException {
    Random random = new Random(seed + number);
    StringBuilder faults = new StringBuilder();
    String from = "127.0.1." + (number + 1);
    Wire wire = new Wire(product.port, from);
    for (int i = 0; i < count && faults.length() < 4_000; i++) {
      if (wire.isOver()) {
        wire.close();
        wire = new Wire(product.port, from);
      }
      faults.append(fault(wire, random));
    }
    wire.close();
    return faults.toString();
  }

  @Test
  void everythingIsAnsweredRightOrWithAProblem(Running product) throws Exception {
    try (Stream<Path> all = Files.list(Product.CHECKOUT.resolve("demo"))) {
      for (Path each : all.filter(file -> file.toString().endsWith(".yaml")).sorted().toList()) {
        briefs.add(Files.readString(each));
      }
    }
    briefs.add(
        """
        {"project": {"name": "tide-board"},
         "starters": ["http-api"], "language": "java@21"}
        """);
    briefs.add("left: {project: {name: a}}\nright: {project: {name: b}, starters: [http-api]}\n");
    long today = LocalDate.now(ZoneOffset.UTC).toEpochDay();
    ExecutorService clients = Executors.newFixedThreadPool(CLIENTS);
    try {
      List<Future<String>> faults = new ArrayList<>();
      for (int c = 0; c < CLIENTS; c++) {
        int number = c;
        faults.add(
            clients.submit(
                () ->
                    client(product, number, 7_411, OF_A_FIXED_SEED / CLIENTS + 1)
                        + client(product, number, today, OF_TODAY / CLIENTS)));
      }
      for (Future<String> each : faults) {
        assertThat(each.get()).isEmpty();
      }
    } finally {
      clients.shutdownNow();
    }
    assertThat(product.get("/health").statusCode()).isEqualTo(200);
  }
}
