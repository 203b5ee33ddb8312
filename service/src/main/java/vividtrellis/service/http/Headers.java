package vividtrellis.service.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import vividtrellis.service.ProjectService;

/** Headers of every answer: who answered, and what a browser may do with it. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class Headers extends OncePerRequestFilter {

  private static final String POLICY =
      "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:;"
          + " font-src 'self'; connect-src 'self'; base-uri 'none'; form-action 'self';"
          + " frame-ancestors 'none'";

  private final String answeredBy;
  private final String reach;

  Headers(ProjectService projects) {
    this.answeredBy = projects.version() + "; edition=" + projects.edition().id();
    this.reach = projects.edition().reach().id();
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    response.setHeader("Vivid-Trellis", answeredBy);
    if (!reach.isEmpty()) {
      response.setHeader("Vivid-Trellis-Reach", reach);
    }
    response.setHeader("Content-Security-Policy", POLICY);
    response.setHeader("X-Content-Type-Options", "nosniff");
    response.setHeader("Referrer-Policy", "no-referrer");
    chain.doFilter(request, response);
  }
}
