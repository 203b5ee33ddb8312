package vividtrellis.service.bounds;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpFilter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Locale;
import java.util.regex.Pattern;

/**
 * Answers only who calls the service by a name of its own. A page from elsewhere can make its own
 * name lead here, and would then read the answers; a browser sends that name along.
 */
final class KnownHosts extends HttpFilter {

  private static final long serialVersionUID = 1L;
  private static final int MISDIRECTED = 421;
  private static final Pattern LOOPBACK =
      Pattern.compile("localhost|127\\.[0-9]{1,3}\\.[0-9]{1,3}\\.[0-9]{1,3}|\\[?::1]?");

  private final transient Bounds bounds;

  KnownHosts(Bounds bounds) {
    this.bounds = bounds;
  }

  @Override
  protected void doFilter(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws IOException, ServletException {
    String name = String.valueOf(request.getServerName()).toLowerCase(Locale.ROOT);
    if (name.equals(request.getLocalAddr())
        || (name.length() < 254 && LOOPBACK.matcher(name).matches())
        || bounds.hosts().contains(name)) {
      chain.doFilter(request, response);
    } else {
      response.sendError(
          MISDIRECTED,
          "The service is not known by the name it was called with; VIVID_HOSTS holds those it"
              + " has.");
    }
  }
}
