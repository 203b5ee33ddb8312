package vividtrellis.service.bounds;

import io.github.bucket4j.Bucket;
import io.micrometer.core.instrument.Counter;
import io.micrometer.core.instrument.Gauge;
import io.micrometer.core.instrument.MeterRegistry;
import jakarta.servlet.AsyncContext;
import jakarta.servlet.AsyncEvent;
import jakarta.servlet.AsyncListener;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpFilter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executor;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import vividtrellis.service.bounds.Turns.Turn;

/**
 * What costs much goes through here: as much at a time as there are cores, the rest in turn. Who
 * waits holds no thread, and who would wait longer than a second is told so, at once where that can
 * be foreseen. When many ask again and again all the same, which would cost more than to answer
 * them, they are told when their second is over. An answer is sent when its turn is over already,
 * so that whoever reads it slowly keeps nobody waiting.
 */
final class Gate extends HttpFilter {

  private static final long serialVersionUID = 1L;
  private static final String TURN = Gate.class.getName();
  private static final String CALLS = "/api/v1/";
  private static final Set<String> COSTLY =
      Set.of("checks", "lattice", "outlines", "comparisons", "archives");

  /** Longer than anybody waits whose turn comes; for the case that none comes any more. */
  private static final long LOST_MILLIS = 2_000;

  /** So many a second are refused at once. */
  private static final int REFUSED_AT_ONCE = 50;

  private final transient Bucket atOnce =
      Bucket.builder()
          .addLimit(
              limit ->
                  limit
                      .capacity(REFUSED_AT_ONCE)
                      .refillGreedy(REFUSED_AT_ONCE, Duration.ofSeconds(1)))
          .build();
  private final transient Executor afterPatience =
      CompletableFuture.delayedExecutor(Turns.PATIENCE_NANOS, TimeUnit.NANOSECONDS, Runnable::run);
  private final transient Turns turns =
      new Turns(Runtime.getRuntime().availableProcessors(), System::nanoTime);
  private final transient Counter refused;

  Gate(MeterRegistry meters) {
    refused = Counter.builder("vivid.gate.refused").register(meters);
    Gauge.builder("vivid.gate.waiting", turns, Turns::waiting).register(meters);
  }

  /** Whether a request has been here already, and came through all that is before the gate. */
  static boolean knows(HttpServletRequest request) {
    return request.getAttribute(TURN) != null;
  }

  @Override
  protected void doFilter(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws IOException, ServletException {
    String path = request.getServletPath();
    String call = path.startsWith(CALLS) ? path.substring(CALLS.length()) : "";
    if (!COSTLY.contains(call)) {
      chain.doFilter(request, response);
      return;
    }
    if (request.getAttribute(TURN) instanceof Waiting waited) {
      if (waited.isRefused()) {
        refuse(response);
      } else {
        work(waited, request, response, chain);
      }
      return;
    }
    Waiting turn = new Waiting(call);
    switch (turns.ask(turn)) {
      case NOW -> work(turn, request, response, chain);
      case NEVER -> {
        if (atOnce.tryConsume(1)) {
          refuse(response);
        } else {
          letWait(turn, request, response);
          afterPatience.execute(turn::refuse);
        }
      }
      case LATER -> letWait(turn, request, response);
    }
  }

  private static void letWait(
      Waiting turn, HttpServletRequest request, HttpServletResponse response) {
    request.setAttribute(TURN, turn);
    turn.waitsIn(request.startAsync(request, response));
  }

  private void work(
      Turn turn, HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws IOException, ServletException {
    try {
      chain.doFilter(request, response);
    } finally {
      turns.over(turn);
    }
  }

  private void refuse(HttpServletResponse response) throws IOException {
    refused.increment();
    response.setHeader("Retry-After", "1");
    response.sendError(
        HttpServletResponse.SC_SERVICE_UNAVAILABLE,
        "More is asked than can be answered within a second; try again in one.");
  }

  /** A request that waits; its turn may come before it has begun to. */
  private final class Waiting extends Turn implements AsyncListener {

    private @Nullable AsyncContext async;
    private boolean decided;
    private boolean refusedIt;

    Waiting(String kind) {
      super(kind);
    }

    synchronized void waitsIn(AsyncContext context) {
      async = context;
      context.setTimeout(LOST_MILLIS);
      context.addListener(this);
      if (decided) {
        context.dispatch();
      }
    }

    synchronized boolean isRefused() {
      return refusedIt;
    }

    @Override
    void go() {
      decide(false);
    }

    @Override
    void refuse() {
      decide(true);
    }

    private synchronized void decide(boolean refuses) {
      decided = true;
      refusedIt = refuses;
      if (async != null) {
        try {
          Lanes.itsTurn(async::dispatch);
        } catch (IllegalStateException gone) {
          // The client went away meanwhile.
          turns.over(this);
        }
      }
    }

    @Override
    public void onTimeout(AsyncEvent event) {
      if (turns.leave(this)) {
        decide(true);
      }
    }

    @Override
    public void onError(AsyncEvent event) {
      onComplete(event);
    }

    @Override
    public void onComplete(AsyncEvent event) {
      if (!turns.leave(this)) {
        turns.over(this);
      }
    }

    @Override
    public void onStartAsync(AsyncEvent event) {
      // Nobody starts again what came through.
    }
  }
}
