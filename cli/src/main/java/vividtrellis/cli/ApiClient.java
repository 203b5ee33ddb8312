package vividtrellis.cli;

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
import vividtrellis.core.document.Node;
import vividtrellis.core.document.UnreadableDocument;

/** The service, asked over HTTP. */
final class ApiClient {

  private final URI base;

  ApiClient(URI base) {
    this.base = base;
  }

  /** An answer of the service: its status is below 300, or 422 for a blocked brief. */
  record Answer(int status, String text) {
    /**
     * The answer as a document.
     *
     * @throws Failure when it is none
     */
    Json json() {
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

    /**
     * The answer to a check.
     *
     * @throws Failure when it is none
     */
    Json verdict() {
      Json json = json();
      if (!List.of("fits", "blocked").contains(json.text("verdict"))) {
        throw unreadable();
      }
      return json;
    }

    /** It is not what an answer looks like. */
    static Failure unreadable() {
      return new Failure(
          Failure.INTERNAL,
          "The answer of the service cannot be read.",
          null,
          "is the service of a much newer or older version? vivid --version tells both");
    }
  }

  Answer get(String path) {
    return send(path, null);
  }

  Answer post(String path, BriefInput.Document brief) {
    return send(path, brief);
  }

  /**
   * Posts a brief and keeps what comes in a file.
   *
   * @param most bytes that are taken
   * @return the answer; without a text where the file has it
   */
  Answer download(String path, BriefInput.Document brief, Path file, long most) {
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
  static String encoded(String text) {
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

  private Answer send(String path, BriefInput.@Nullable Document brief) {
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
      case 400 -> throw unreadable(answer.json());
      case 401, 403 ->
          throw new Failure(
              Failure.NOT_ALLOWED, answer.json().text("detail"), base.toString(), null);
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
  private static Failure unreadable(Json problem) {
    List<Json> errors = problem.list("errors");
    if (!errors.isEmpty() && !errors.get(0).text("parameter").isEmpty()) {
      Json first = errors.get(0);
      return new Failure(Failure.USAGE, first.text("detail"), first.text("parameter"), null);
    }
    StringBuilder what = new StringBuilder(problem.text("title"));
    String where = null;
    String advice = null;
    for (Json error : errors) {
      what.append("\n  ").append(error.text("pointer")).append("  ").append(error.text("detail"));
      if (where == null) {
        where = error.text("pointer");
        advice = error.text("suggestion");
      }
    }
    return new Failure(
        Failure.UNREADABLE,
        what.toString(),
        where,
        advice == null || advice.isEmpty() ? null : advice);
  }

  /** The same for a document that was read here. */
  static Failure unreadable(UnreadableDocument e) {
    UnreadableDocument.Fault first = e.faults().get(0);
    StringBuilder what = new StringBuilder("The brief cannot be read");
    e.faults()
        .forEach(f -> what.append("\n  ").append(f.pointer()).append("  ").append(f.detail()));
    return new Failure(Failure.UNREADABLE, what.toString(), first.pointer(), first.suggestion());
  }
}
