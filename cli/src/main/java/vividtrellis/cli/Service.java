package vividtrellis.cli;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.HttpURLConnection;
import java.net.URI;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.document.UnreadableDocument;

/** The service, asked over HTTP. */
final class Service {

  private static final int CONNECT_MILLIS = 5_000;
  private static final int READ_MILLIS = 60_000;

  private final URI base;

  Service(URI base) {
    this.base = base;
  }

  /** An answer of the service: its status is below 300, or 422 for a blocked brief. */
  static final class Answer {
    private final int status;
    private final byte[] body;

    private Answer(int status, byte[] body) {
      this.status = status;
      this.body = body;
    }

    int status() {
      return status;
    }

    byte[] bytes() {
      return body.clone();
    }

    String text() {
      return new String(body, StandardCharsets.UTF_8);
    }

    Json json() {
      return Json.read(text());
    }
  }

  Answer get(String path) {
    return send(path, null);
  }

  Answer post(String path, BriefInput.Document brief) {
    return send(path, brief);
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

  /**
   * HttpURLConnection rather than the newer client: that one sets up TLS before the first plain
   * request, which alone takes longer than everything else a command does.
   */
  private Answer send(String path, BriefInput.@Nullable Document brief) {
    URI address = resolve(path);
    Waiting waiting = new Waiting(base.toString());
    try {
      HttpURLConnection connection = (HttpURLConnection) address.toURL().openConnection();
      connection.setConnectTimeout(CONNECT_MILLIS);
      connection.setReadTimeout(READ_MILLIS);
      connection.setInstanceFollowRedirects(false);
      connection.setRequestProperty(
          "Accept", "application/json, application/problem+json, */*;q=0.5");
      if (brief != null) {
        connection.setDoOutput(true);
        connection.setRequestProperty("Content-Type", brief.mediaType());
        try (OutputStream out = connection.getOutputStream()) {
          out.write(brief.text().getBytes(StandardCharsets.UTF_8));
        }
      }
      int status = connection.getResponseCode();
      try (InputStream in =
          status < 400 ? connection.getInputStream() : connection.getErrorStream()) {
        Answer answer = new Answer(status, in == null ? new byte[0] : in.readAllBytes());
        return checked(answer, connection.getHeaderField("Vivid-Trellis") != null);
      }
    } catch (IOException e) {
      throw unreachable(e);
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

  private Answer checked(Answer answer, boolean ours) {
    int status = answer.status();
    if (!ours) {
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
