package vividtrellis.service.bounds;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.github.bucket4j.Bucket;
import io.github.bucket4j.ConsumptionProbe;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpFilter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentMap;
import java.util.concurrent.TimeUnit;

/** So many calls a second of one client, and so many at a time. Health is answered always. */
final class ClientBounds extends HttpFilter {

  private static final long serialVersionUID = 1L;
  private static final int SECONDS_AT_ONCE = 10;
  private static final int TOO_MANY_REQUESTS = 429;

  private final transient Bounds bounds;
  private final transient ConcurrentMap<String, Integer> answered = new ConcurrentHashMap<>();
  private final transient Cache<String, Bucket> buckets =
      Caffeine.newBuilder()
          .maximumSize(10_000)
          .expireAfterAccess(Duration.ofSeconds(2 * SECONDS_AT_ONCE))
          .build();

  ClientBounds(Bounds bounds) {
    this.bounds = bounds;
  }

  @Override
  protected void doFilter(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws IOException, ServletException {
    String path = request.getServletPath();
    if (path.equals("/health") || Gate.knows(request)) {
      chain.doFilter(request, response);
      return;
    }
    String client = request.getRemoteAddr();
    if (path.startsWith("/api/") && !isInRate(client, response)) {
      return;
    }
    if (answered.merge(client, 1, Integer::sum) <= bounds.connections()) {
      try {
        chain.doFilter(request, response);
      } finally {
        left(client);
      }
    } else {
      left(client);
      refuse(
          response,
          1,
          "More than %d requests at a time come from this address."
              .formatted(bounds.connections()));
    }
  }

  private void left(String client) {
    answered.computeIfPresent(client, (key, count) -> count == 1 ? null : count - 1);
  }

  private boolean isInRate(String client, HttpServletResponse response) throws IOException {
    ConsumptionProbe probe = buckets.get(client, key -> bucket()).tryConsumeAndReturnRemaining(1);
    if (!probe.isConsumed()) {
      long seconds = TimeUnit.NANOSECONDS.toSeconds(probe.getNanosToWaitForRefill()) + 1;
      refuse(
          response,
          seconds,
          "More than %d calls a second come from this address.".formatted(bounds.rate()));
    }
    return probe.isConsumed();
  }

  private Bucket bucket() {
    return Bucket.builder()
        .addLimit(
            limit ->
                limit
                    .capacity((long) SECONDS_AT_ONCE * bounds.rate())
                    .refillGreedy(bounds.rate(), Duration.ofSeconds(1)))
        .build();
  }

  private static void refuse(HttpServletResponse response, long seconds, String detail)
      throws IOException {
    response.setHeader("Retry-After", String.valueOf(seconds));
    response.sendError(TOO_MANY_REQUESTS, detail);
  }
}
