package vividtrellis.bench;

import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
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
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/**
 * Archives a second that a running service hands out on loopback, beside a bare server of the JDK
 * that hands out the same bytes ready made.
 */
public final class LoadBench {

  private static final int CLIENTS = 2;

  /** The compiler of a JVM shares two cores with all the rest, and needs a while. */
  private static final Duration WARM_UP = Duration.ofSeconds(60);

  private static final Duration MEASURED = Duration.ofSeconds(8);
  private static final String BRIEF =
      """
      {"project": {"name": "berth-booking", "group": "saltmarsh.example"}, "sample": "walkthrough",
       "starters": ["http-api", "validation", "sql-orm", "postgresql", "migrations-flyway",
         "pages-thymeleaf", "sign-in-form", "kafka", "health-metrics", "cache-caffeine"],
       "extras": ["container", "compose", "ci-github", "editor"]}
      """;

  private final HttpClient client =
      HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();

  private LoadBench() {}

  /**
   * Prints the two and their ratio.
   *
   * @param args the address of the service, such as {@code http://127.0.0.1:7411}
   */
  public static void main(String[] args) throws Exception {
    new LoadBench().run(URI.create(args[0] + "/api/v1/archives"));
  }

  private void run(URI service) throws Exception {
    byte[] archive = ask(service);
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
    ExecutorService workers = Executors.newFixedThreadPool(CLIENTS);
    bare.setExecutor(workers);
    bare.start();
    try {
      URI ready = URI.create("http://127.0.0.1:" + bare.getAddress().getPort() + "/");
      double made = rate(service);
      double handed = rate(ready);
      System.out.printf(
          "%-28s %8.0f a second%n%-28s %8.0f a second%nratio %.3f, %d bytes each%n",
          "archives made", made, "the same bytes, ready", handed, made / handed, archive.length);
    } finally {
      bare.stop(0);
      workers.shutdown();
    }
  }

  private double rate(URI address) throws InterruptedException, ExecutionException {
    count(address, WARM_UP);
    return count(address, MEASURED) / (double) MEASURED.toSeconds();
  }

  private int count(URI address, Duration time) throws InterruptedException, ExecutionException {
    ExecutorService clients = Executors.newFixedThreadPool(CLIENTS);
    try {
      long end = System.nanoTime() + time.toNanos();
      Callable<Integer> asking =
          () -> {
            int answers = 0;
            while (System.nanoTime() < end) {
              ask(address);
              answers++;
            }
            return answers;
          };
      List<Future<Integer>> counts = new ArrayList<>();
      for (int c = 0; c < CLIENTS; c++) {
        counts.add(clients.submit(asking));
      }
      int all = 0;
      for (Future<Integer> each : counts) {
        all += each.get();
      }
      return all;
    } finally {
      clients.shutdown();
    }
  }

  private byte[] ask(URI address) throws IOException, InterruptedException {
    HttpResponse<byte[]> answer =
        client.send(
            HttpRequest.newBuilder(address)
                .header("Content-Type", "application/json")
                .POST(BodyPublishers.ofString(BRIEF))
                .build(),
            BodyHandlers.ofByteArray());
    if (answer.statusCode() != 200) {
      throw new IOException("answered with " + answer.statusCode());
    }
    return answer.body();
  }
}
