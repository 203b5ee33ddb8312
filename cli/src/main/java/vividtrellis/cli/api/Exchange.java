package vividtrellis.cli.api;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.HttpURLConnection;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Duration;
import java.util.Base64;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import vividtrellis.cli.terminal.Failure;

/**
 * One request and its answer. Nothing that an answer says of itself is believed before it is
 * counted: it has an end in time, a bound in size, as many bytes as it announced, and the digest
 * that it names.
 *
 * <p>By HttpURLConnection rather than the newer client: that one sets up TLS before the first plain
 * request, which alone takes longer than everything else a command does.
 */
public final class Exchange {

  /** The most bytes of an answer, unless told otherwise. */
  public static final long MOST = 64L << 20;

  private static final int CONNECT_MILLIS = 5_000;
  private static final int READ_MILLIS = 30_000;
  private static final int PATIENCE_SECONDS = 60;
  private static final long MOST_OF_A_PROBLEM = 4L << 20;
  private static final int LONGEST_WAIT_SECONDS = 10;

  static {
    // A request that was heard half is not sent a second time behind our back.
    System.setProperty("sun.net.http.retryPost", "false");
  }

  private final Duration patience = patience();
  private final URI address;
  private final @Nullable SentBrief brief;
  private final long most;

  /**
   * Prepares one.
   *
   * @param brief what is posted; {@code null} to get
   * @param most bytes of a good answer
   */
  Exchange(URI address, @Nullable SentBrief brief, long most) {
    this.address = address;
    this.brief = brief;
    this.most = most;
  }

  /**
   * What came back, beside the body.
   *
   * @param ours whether it names itself as Vivid Trellis
   * @param body of anything that is not good; empty where the sink has it
   * @param waitSeconds how long it asks to wait before the next try
   * @param digest whether it named the digest of its body, which then is right
   */
  record Answered(int status, boolean ours, String body, int waitSeconds, boolean digest) {}

  /** Where the body of a good answer goes; each try begins it anew. */
  interface Sink {
    OutputStream open() throws IOException;
  }

  /**
   * Asks.
   *
   * @throws IOException when nothing answers
   * @throws Failure when the answer is not whole, has no end, or is not what it says
   */
  Answered send(Sink sink) throws IOException {
    HttpURLConnection connection = (HttpURLConnection) address.toURL().openConnection();
    long end = System.nanoTime() + patience.toNanos();
    ScheduledExecutorService clock =
        Executors.newSingleThreadScheduledExecutor(
            task -> {
              Thread thread = new Thread(task, "patience");
              thread.setDaemon(true);
              return thread;
            });
    ScheduledFuture<?> over =
        clock.schedule(connection::disconnect, patience.toNanos(), TimeUnit.NANOSECONDS);
    try {
      ask(connection);
      return read(connection, sink, end);
    } catch (IOException e) {
      // Whether the clock is done is not known yet: it may still be closing what was read from.
      if (System.nanoTime() >= end) {
        throw endless();
      }
      throw e;
    } finally {
      over.cancel(false);
      clock.shutdownNow();
      connection.disconnect();
    }
  }

  private void ask(HttpURLConnection connection) throws IOException {
    connection.setConnectTimeout(CONNECT_MILLIS);
    connection.setReadTimeout(READ_MILLIS);
    connection.setInstanceFollowRedirects(false);
    connection.setRequestProperty(
        "Accept", "application/json, application/problem+json, */*;q=0.5");
    SentBrief sent = brief;
    if (sent != null) {
      byte[] body = sent.text().getBytes(StandardCharsets.UTF_8);
      connection.setDoOutput(true);
      connection.setFixedLengthStreamingMode(body.length);
      connection.setRequestProperty("Content-Type", sent.mediaType());
      try (OutputStream out = connection.getOutputStream()) {
        out.write(body);
      }
    }
  }

  private Answered read(HttpURLConnection connection, Sink sink, long end) throws IOException {
    int status = connection.getResponseCode();
    boolean ours = connection.getHeaderField("Vivid-Trellis") != null;
    boolean good = status >= 200 && status < 300 && ours;
    String named = connection.getHeaderField("Content-Digest");
    ByteArrayOutputStream problem = new ByteArrayOutputStream();
    MessageDigest digest = sha256();
    try (InputStream in = status < 400 ? connection.getInputStream() : connection.getErrorStream();
        OutputStream out = good ? sink.open() : problem) {
      if (in != null) {
        long count = copy(in, out, digest, good ? most : MOST_OF_A_PROBLEM, end);
        long announced = connection.getContentLengthLong();
        if (announced >= 0 && count != announced) {
          throw new Failure(
              Failure.UNREACHABLE,
              "The answer was cut off: %d of %d bytes came.".formatted(count, announced),
              address.toString(),
              "try again; nothing was kept");
        }
      }
    }
    if (good
        && named != null
        && !named.contains(Base64.getEncoder().encodeToString(digest.digest()))) {
      throw new Failure(
          Failure.INTERNAL,
          "What came is not what was sent: the digest of the answer is another one.",
          address.toString(),
          "try again; if it stays so, something between here and the service changes it");
    }
    return new Answered(
        status,
        ours,
        problem.toString(StandardCharsets.UTF_8),
        seconds(connection.getHeaderField("Retry-After")),
        named != null);
  }

  private long copy(InputStream in, OutputStream out, MessageDigest digest, long bound, long end)
      throws IOException {
    byte[] buffer = new byte[64 * 1024];
    long count = 0;
    for (int read = in.read(buffer); read >= 0; read = in.read(buffer)) {
      count += read;
      if (count > bound) {
        throw new Failure(
            Failure.UNREACHABLE,
            "The answer has more than %d MB, which is the most that is taken."
                .formatted(bound >> 20),
            address.toString(),
            "nothing was kept; is this the service?");
      }
      if (System.nanoTime() > end) {
        throw endless();
      }
      digest.update(buffer, 0, read);
      out.write(buffer, 0, read);
    }
    return count;
  }

  private Failure endless() {
    return new Failure(
        Failure.UNREACHABLE,
        "The answer did not come to its end within %d seconds.".formatted(patience.toSeconds()),
        address.toString(),
        "try again; nothing was kept");
  }

  /** How long an answer may take, which a slow line may need more of. */
  private static Duration patience() {
    String said = System.getenv("VIVID_PATIENCE");
    if (said == null || said.isBlank()) {
      return Duration.ofSeconds(PATIENCE_SECONDS);
    }
    if (!said.matches("[1-9][0-9]{0,3}")) {
      throw new Failure(
          Failure.USAGE,
          "There is no such number of seconds: " + said,
          "VIVID_PATIENCE",
          "give a whole number from 1 to 9999");
    }
    return Duration.ofSeconds(Integer.parseInt(said));
  }

  private static int seconds(@Nullable String asked) {
    boolean number = asked != null && asked.matches("[0-9]{1,6}");
    return number ? Math.min(LONGEST_WAIT_SECONDS, Integer.parseInt(asked)) : 1;
  }

  private static MessageDigest sha256() {
    try {
      return MessageDigest.getInstance("SHA-256");
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("every Java has SHA-256", e);
    }
  }
}
