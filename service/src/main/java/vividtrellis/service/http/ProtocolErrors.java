package vividtrellis.service.http;

import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;
import org.jspecify.annotations.Nullable;

/**
 * What the server refuses before any of our code sees it, such as an address that is too long, in
 * the shape of every other error. Made by Tomcat, by its class name.
 */
public final class ProtocolErrors extends ErrorReportValve {

  @Override
  protected void report(Request request, Response response, @Nullable Throwable fault) {
    int status = response.getStatus();
    if (status < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
      return;
    }
    String type = status < 500 ? "bad-request" : "internal-fault";
    try {
      response.setContentType("application/problem+json");
      response
          .getReporter()
          .write(
              "{\"type\":\"urn:vivid-trellis:problem:%s\",\"status\":%d,\"detail\":\"%s\"}"
                  .formatted(
                      type,
                      status,
                      status < 500
                          ? "The request is not well-formed HTTP, or its address is too long."
                          : "The fault is the service's own."));
    } catch (IOException | IllegalStateException e) {
      // The connection is gone; there is nobody left to tell.
    }
  }
}
