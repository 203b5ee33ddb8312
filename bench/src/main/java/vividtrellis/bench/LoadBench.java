package vividtrellis.bench;

import com.sun.management.OperatingSystemMXBean;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.LongFunction;

/**
 * A running service under load on loopback: checks, archives of ever new briefs and of one and the
 * same, over 2 to 1,000 connections; what is answered, how soon, and how health does meanwhile.
 * Beside it a bare server of the JDK hands out the same bytes ready made, and the service its
 * catalog, which lies ready and is about as large. The service has to be started with its bounds
 * for one client raised.
 */
public final class LoadBench {

  private static final int[] CONNECTIONS = {2, 32, 256, 1_000};
  private static final Duration WARM_UP = Duration.ofSeconds(20);
  private static final Duration MEASURED = Duration.ofSeconds(6);
  private static final Duration UNTIL_ENTERED = Duration.ofSeconds(30);
  private static final String BRIEF =
      """
      {"project": {"name": "berth-booking%s", "group": "saltmarsh.example"}, "sample": "walkthrough",
       "starters": ["http-api", "validation", "sql-orm", "postgresql", "migrations-flyway",
         "pages-thymeleaf", "sign-in-form", "kafka", "health-metrics", "cache-caffeine"],
       "extras": ["container", "compose", "ci-github", "editor"]}
      """;

  private final OperatingSystemMXBean system =
      ManagementFactory.getPlatformMXBean(OperatingSystemMXBean.class);
  private final URI service;
  private final AtomicLong fresh = new AtomicLong(System.nanoTime() % 1_000_000_000);

  private LoadBench(URI service) {
    this.service = service;
  }

  /**
   * Prints a table.
   *
   * @param args the address of the service, such as {@code http://127.0.0.1:7411}
   */
  public static void main(String[] args) throws Exception {
    new LoadBench(URI.create(args[0])).run();
  }

  /**
   * What came of one load.
   *
   * @param answers by status; -1 for none
   * @param good nanoseconds of each answer with 200, sorted
   * @param health the same of health meanwhile
   * @param share of the cores that this program took
   */
  private record Load(
      Map<Integer, Integer> answers, List<Long> good, List<Long> health, double share) {
    double rate() {
      return good.size() / (double) MEASURED.toSeconds();
    }
  }

  private static double millis(List<Long> sorted, double part) {
    return sorted.isEmpty()
        ? Double.NaN
        : sorted.get((int) Math.min(sorted.size() - 1, sorted.size() * part)) / 1e6;
  }

  private void run() throws Exception {
    Map<String, LongFunction<HttpRequest>> kinds = new TreeMap<>();
    kinds.put("check", n -> post("/checks", BRIEF.formatted("")));
    kinds.put(
        "fresh archive", n -> post("/archives", BRIEF.formatted("-" + fresh.incrementAndGet())));
    kinds.put("ready catalog", n -> get("/catalog"));
    kinds.put("repeated archive", n -> post("/archives", BRIEF.formatted("")));
    byte[] archive =
        HttpClient.newHttpClient()
            .send(kinds.get("repeated archive").apply(0), BodyHandlers.ofByteArray())
            .body();
    for (LongFunction<HttpRequest> kind : kinds.values()) {
      load(kind, 8, WARM_UP);
    }
    System.out.printf("idle: health p99 %.1f ms%n", millis(health(Duration.ofSeconds(10)), 0.99));
    System.out.printf(
        "%-17s %5s %9s %8s %8s %11s %6s  %s%n",
        "", "conn", "200 a s", "p50 ms", "p99 ms", "health p99", "share", "answers");
    Map<Integer, Double> ready = ready(archive);
    Map<Integer, Double> catalog = new TreeMap<>();
    for (Map.Entry<String, LongFunction<HttpRequest>> kind : kinds.entrySet()) {
      for (int connections : CONNECTIONS) {
        Load load = load(kind.getValue(), connections, MEASURED);
        tell(kind.getKey(), connections, load);
        if (kind.getKey().startsWith("ready")) {
          catalog.put(connections, load.rate());
        }
        if (kind.getKey().startsWith("repeated")) {
          System.out.printf(
              "%24s of the same bytes, ready made; %.2f of the catalog%n",
              "%.2f".formatted(load.rate() / ready.get(connections)),
              load.rate() / catalog.get(connections));
        }
      }
    }
    System.out.printf("records entered after %.1f s%n", entered());
  }

  /** The same bytes from a server that has nothing else to do. */
  private Map<Integer, Double> ready(byte[] archive) throws Exception {
    HttpServer bare =
        HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
    bare.createContext(
        "/",
        exchange -> {
          exchange.getRequestBody().readAllBytes();
          exchange.sendResponseHeaders(200, archive.length);
          exchange.getResponseBody().write(archive);
          exchange.close();
        });
    ExecutorService workers = Executors.newFixedThreadPool(16);
    bare.setExecutor(workers);
    bare.start();
    try {
      URI there = URI.create("http://127.0.0.1:" + bare.getAddress().getPort() + "/");
      LongFunction<HttpRequest> asking =
          n -> HttpRequest.newBuilder(there).POST(BodyPublishers.ofString(BRIEF)).build();
      load(asking, 8, WARM_UP);
      Map<Integer, Double> rates = new TreeMap<>();
      for (int connections : CONNECTIONS) {
        Load load = load(asking, connections, MEASURED);
        tell("the same, ready", connections, load);
        rates.put(connections, load.rate());
      }
      return rates;
    } finally {
      bare.stop(0);
      workers.shutdown();
    }
  }

  private static void tell(String kind, int connections, Load load) {
    System.out.printf(
        "%-17s %5d %9.0f %8.1f %8.1f %11.1f %6.2f  %s%n",
        kind,
        connections,
        load.rate(),
        millis(load.good(), 0.5),
        millis(load.good(), 0.99),
        millis(load.health(), 0.99),
        load.share(),
        load.answers());
  }

  private HttpRequest get(String path) {
    return HttpRequest.newBuilder(service.resolve("/api/v1" + path))
        .timeout(Duration.ofSeconds(30))
        .build();
  }

  private HttpRequest post(String path, String body) {
    return HttpRequest.newBuilder(service.resolve("/api/v1" + path))
        .timeout(Duration.ofSeconds(30))
        .header("Content-Type", "application/json")
        .POST(BodyPublishers.ofString(body))
        .build();
  }

  /** So many at a time, each followed by the next one as soon as it is answered. */
  private Load load(LongFunction<HttpRequest> asking, int connections, Duration time)
      throws InterruptedException {
    HttpClient client = HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();
    Load load = new Load(new TreeMap<>(), new ArrayList<>(), new ArrayList<>(), 0);
    long end = System.nanoTime() + time.toNanos();
    long cpu = system.getProcessCpuTime();
    CountDownLatch running = new CountDownLatch(connections);
    for (int i = 0; i < connections; i++) {
      next(client, asking, load, end, running);
    }
    List<Long> health = health(time);
    running.await();
    double share =
        (system.getProcessCpuTime() - cpu)
            / (double) time.toNanos()
            / system.getAvailableProcessors();
    load.good().sort(null);
    return new Load(load.answers(), load.good(), health, share);
  }

  private static void next(
      HttpClient client,
      LongFunction<HttpRequest> asking,
      Load load,
      long end,
      CountDownLatch running) {
    long start = System.nanoTime();
    if (start > end) {
      running.countDown();
      return;
    }
    var unused =
        client
            .sendAsync(asking.apply(start), BodyHandlers.ofByteArray())
            .handle(
                (HttpResponse<byte[]> answer, Throwable fault) ->
                    answer == null ? -1 : answer.statusCode())
            .whenComplete(
                (status, none) -> {
                  synchronized (load.answers()) {
                    load.answers().merge(status, 1, Integer::sum);
                    if (status == 200) {
                      load.good().add(System.nanoTime() - start);
                    }
                  }
                  next(client, asking, load, end, running);
                });
  }

  /** Asks for health twenty times a second. */
  private List<Long> health(Duration time) throws InterruptedException {
    HttpClient client = HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();
    HttpRequest request = HttpRequest.newBuilder(service.resolve("/health")).build();
    List<Long> all = new ArrayList<>();
    long end = System.nanoTime() + time.toNanos();
    while (System.nanoTime() < end) {
      long start = System.nanoTime();
      try {
        int status = client.send(request, BodyHandlers.discarding()).statusCode();
        all.add(status == 200 ? System.nanoTime() - start : Long.MAX_VALUE);
      } catch (IOException e) {
        all.add(Long.MAX_VALUE);
      }
      Thread.sleep(50);
    }
    all.sort(null);
    return all;
  }

  /** Seconds until no record waits any more; not a number if some still do after half a minute. */
  private double entered() throws IOException, InterruptedException {
    HttpClient client = HttpClient.newHttpClient();
    HttpRequest request = HttpRequest.newBuilder(service.resolve("/health")).build();
    long start = System.nanoTime();
    while (System.nanoTime() - start < UNTIL_ENTERED.toNanos()) {
      if (client.send(request, BodyHandlers.ofString()).body().contains("\"waiting\":0,")) {
        return (System.nanoTime() - start) / 1e9;
      }
      Thread.sleep(100);
    }
    return Double.NaN;
  }
}
