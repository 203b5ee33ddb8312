package vividtrellis.service.bounds;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpFilter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.concurrent.Semaphore;

/**
 * The command line to take away is larger than what the system takes of an answer at once, so
 * whoever reads it slowly holds a thread. A few may; the rest of the threads is for all else.
 */
final class FewDownloads extends HttpFilter {

  private static final long serialVersionUID = 1L;
  private static final String FOLDER = "/downloads/";

  static final int AT_A_TIME = 8;

  private final transient Semaphore places = new Semaphore(AT_A_TIME);

  static boolean isDownload(HttpServletRequest request) {
    String path = request.getServletPath();
    return path.startsWith(FOLDER) && path.length() > FOLDER.length();
  }

  @Override
  protected void doFilter(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws IOException, ServletException {
    if (!isDownload(request)) {
      chain.doFilter(request, response);
    } else if (places.tryAcquire()) {
      try {
        chain.doFilter(request, response);
      } finally {
        places.release();
      }
    } else {
      response.setHeader("Retry-After", "10");
      response.sendError(
          HttpServletResponse.SC_SERVICE_UNAVAILABLE,
          "Many take the command line at once; try again in a while.");
    }
  }
}
