package vividtrellis.cli.api;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import vividtrellis.cli.terminal.Failure;
import vividtrellis.cli.terminal.ProgressNotice;
import vividtrellis.core.document.Node;
import vividtrellis.core.document.UnreadableDocument;

/** The service, asked over HTTP. */
public final class ApiClient {

  private final URI base;

  public ApiClient(URI base) {
    this.base = base;
  }

  /** An answer of the service: its status is below 300, or 422 for a blocked brief. */
  public record Answer(int status, String text) {
    /**
     * The answer to a check.
     *
     * @throws Failure when it is none
     */
    public CheckAnswer check() {
      Json json = json();
      if (!List.of("fits", "blocked").contains(json.text("verdict"))) {
        throw unreadable();
      }
      return CheckAnswer.of(json);
    }

    /**
     * The catalog, or some of it.
     *
     * @throws Failure when it is none
     */
    public CatalogAnswer catalog() {
      return CatalogAnswer.of(json());
    }

    /**
     * A lattice.
     *
     * @throws Failure when it is none
     */
    public LatticeAnswer lattice() {
      return LatticeAnswer.of(json());
    }

    /**
     * The files of a project.
     *
     * @throws Failure when it is none
     */
    public OutlineAnswer outline() {
      return OutlineAnswer.of(json());
    }

    /**
     * Why something cannot be done.
     *
     * @throws Failure when it does not say
     */
    public Problem problem() {
      return Problem.of(json());
    }

    private Json json() {
      try {
        Json json = Json.read(text);
        if (json.node() instanceof Node.Fields) {
          return json;
        }
      } catch (UnreadableDocument e) {
        // told below
      }
      throw unreadable();
    }

    /** It is not what an answer looks like. */
    public static Failure unreadable() {
      return new Failure(
          Failure.INTERNAL,
          "The answer of the service cannot be read.",
          null,
          "is the service of a much newer or older version? vivid --version tells both");
    }
  }

  public Answer get(String path) {
    return send(path, null);
  }

  public Answer post(String path, SentBrief brief) {
    return send(path, brief);
  }

  /**
   * Posts a brief and keeps what comes in a file.
   *
   * @param most bytes that are taken
   * @return the answer; without a text where the file has it
   */
  public Answer download(String path, SentBrief brief, Path file, long most) {
    Exchange exchange = new Exchange(resolve(path), brief, most);
    Exchange.Answered answered = twice(exchange, () -> Files.newOutputStream(file));
    if (answered.ours() && answered.status() < 300 && !answered.digest()) {
      throw new Failure(
          Failure.INTERNAL,
          "The archive came without its digest, so that nobody can tell whether it is whole.",
          base.toString(),
          "name the service itself with --server, not what stands before it");
    }
    return checked(answered, "");
  }

  /** A text as a part of an address. */
  public static String encoded(String text) {
    return URLEncoder.encode(text, StandardCharsets.UTF_8);
  }

  private URI resolve(String path) {
    String start = base.toString().replaceFirst("/+$", "");
    try {
      URI uri = URI.create(start + "/api/v1" + path);
      if (uri.getHost() != null
          && ("http".equals(uri.getScheme()) || "https".equals(uri.getScheme()))) {
        return uri;
      }
    } catch (IllegalArgumentException e) {
      // told below, with every other address that is none
    }
    throw new Failure(
        Failure.USAGE,
        "The address of the service is none: " + start,
        "--server or VIVID_SERVER",
        "give one like http://127.0.0.1:7411");
  }

  private Answer send(String path, @Nullable SentBrief brief) {
    ByteArrayOutputStream body = new ByteArrayOutputStream();
    Exchange exchange = new Exchange(resolve(path), brief, Exchange.MOST);
    Exchange.Answered answered =
        twice(
            exchange,
            () -> {
              body.reset();
              return body;
            });
    return checked(answered, body.toString(StandardCharsets.UTF_8));
  }

  /** Who is asked to come back soon does so once. */
  private Exchange.Answered twice(Exchange exchange, Exchange.Sink sink) {
    ProgressNotice waiting = new ProgressNotice(base.toString());
    try {
      Exchange.Answered first = exchange.send(sink);
      if (!first.ours() || (first.status() != 429 && first.status() != 503)) {
        return first;
      }
      TimeUnit.SECONDS.sleep(first.waitSeconds());
      return exchange.send(sink);
    } catch (IOException e) {
      throw unreachable(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new Failure(Failure.INTERRUPTED, "It was interrupted.", null, null);
    } finally {
      waiting.stop();
    }
  }

  private Failure unreachable(IOException e) {
    return new Failure(
        Failure.UNREACHABLE,
        "The service does not answer" + (e.getMessage() == null ? "." : ": " + e.getMessage()),
        base.toString(),
        "start it there (./up), or name another with --server or VIVID_SERVER");
  }

  private Answer checked(Exchange.Answered answered, String text) {
    int status = answered.status();
    Answer answer = new Answer(status, status < 300 ? text : answered.body());
    if (!answered.ours()) {
      throw new Failure(
          Failure.UNREACHABLE,
          "Something answers there, but it is not Vivid Trellis (HTTP " + status + ").",
          base.toString(),
          "name the service with --server or VIVID_SERVER");
    }
    if (status < 300 || status == 422) {
      return answer;
    }
    switch (status) {
      case 400 -> throw unreadable(answer.problem());
      case 401, 403 ->
          throw new Failure(Failure.NOT_ALLOWED, answer.problem().detail(), base.toString(), null);
      case 429, 503 ->
          throw new Failure(
              Failure.LATER, "The service is too busy.", base.toString(), "try again in a while");
      default ->
          throw new Failure(
              Failure.INTERNAL,
              "The service answered with HTTP " + status + ".",
              base.toString(),
              "its log says more");
    }
  }

  /** What is wrong with a brief stands at a pointer; with the command, at one of its options. */
  private static Failure unreadable(Problem problem) {
    List<Problem.Fault> errors = problem.errors();
    if (!errors.isEmpty() && !errors.get(0).parameter().isEmpty()) {
      Problem.Fault first = errors.get(0);
      return new Failure(Failure.USAGE, first.detail(), first.parameter(), null);
    }
    StringBuilder what = new StringBuilder(problem.title());
    errors.forEach(e -> what.append("\n  ").append(e.pointer()).append("  ").append(e.detail()));
    String where = errors.isEmpty() ? null : errors.get(0).pointer();
    String advice = errors.isEmpty() ? "" : errors.get(0).suggestion();
    return new Failure(
        Failure.UNREADABLE, what.toString(), where, advice.isEmpty() ? null : advice);
  }
}
