package vividtrellis.service.http;

import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.Map;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.json.JsonMapper;

/**
 * What is refused before any controller sees it, by the container or by a filter, in the shape of
 * every other error. Made by Tomcat, by its class name.
 */
public final class ProtocolErrors extends ErrorReportValve {

  private static final JsonMapper JSON = JsonMapper.builder().build();

  @Override
  protected void report(Request request, Response response, @Nullable Throwable fault) {
    int status = response.getStatus();
    if (status < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
      return;
    }
    try {
      response.setContentType("application/problem+json");
      response.getReporter().write(problem(status, response.getMessage()));
    } catch (IOException | IllegalStateException e) {
      // The connection is gone; there is nobody left to tell.
    }
  }

  /**
   * The body of an error that no controller made.
   *
   * @param words what whoever refused it said
   */
  public static String problem(int status, @Nullable String words) {
    Map<String, Object> problem = new LinkedHashMap<>();
    problem.put("type", "urn:vivid-trellis:problem:" + type(status));
    problem.put("status", status);
    problem.put("detail", detail(status, words));
    return JSON.writeValueAsString(problem);
  }

  /** The stable end of a problem's type, by its status. */
  static String type(int status) {
    return switch (status) {
      case 404 -> "not-found";
      case 405 -> "wrong-method";
      case 406 -> "not-acceptable";
      case 408 -> "too-slow";
      case 415 -> "wrong-media-type";
      case 421 -> "wrong-host";
      case 429 -> "too-many-requests";
      case 503 -> "busy";
      default -> status < 500 ? "bad-request" : "internal-fault";
    };
  }

  /** Words of our own filters; those of the container's parts name its classes. */
  static String detail(int status, @Nullable String given) {
    return switch (status) {
      case 408, 421, 429, 503 -> given == null ? "Try again in a while." : given;
      case 404 -> "There is nothing here.";
      case 405 -> "This method is not answered here; the header Allow names those that are.";
      case 406 -> "Nothing that the header Accept asks for can be given here; JSON can.";
      case 415 -> "A brief is sent as application/json or application/yaml, not compressed.";
      default ->
          status < 500
              ? "The request is not well-formed HTTP, or its address is too long."
              : "The fault is the service's own. Its log says more.";
    };
  }
}
