package vividtrellis.service.bounds;

import io.micrometer.core.instrument.Gauge;
import io.micrometer.core.instrument.MeterRegistry;
import jakarta.servlet.AsyncContext;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletOutputStream;
import jakarta.servlet.WriteListener;
import jakarta.servlet.http.HttpFilter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.concurrent.atomic.AtomicLong;
import org.jspecify.annotations.Nullable;
import org.springframework.web.util.ContentCachingResponseWrapper;

/**
 * Answers are made whole, and sent as their reader takes them, without a thread that waits: the
 * container calls when there is room for more, and closes what takes nothing for as long as it
 * waits for the rest of a request. What is larger than memory should hold is let through.
 */
final class AnswersAsTaken extends HttpFilter {

  private static final long serialVersionUID = 1L;

  /** What all readers together may leave waiting; an answer beyond it is an error instead. */
  static final int MOST_WAITING = 64 << 20;

  /** Of this size, answers are sent all the same: errors are, and health. */
  private static final int SMALL = 8 << 10;

  private final transient AtomicLong waiting = new AtomicLong();
  private final transient Refusals refusals;

  AnswersAsTaken(Refusals refusals, MeterRegistry meters) {
    this.refusals = refusals;
    Gauge.builder("vivid.answers.waiting", waiting, AtomicLong::get)
        .baseUnit("bytes")
        .register(meters);
  }

  @Override
  protected void doFilter(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws IOException, ServletException {
    if (FewDownloads.isDownload(request)) {
      chain.doFilter(request, response);
      return;
    }
    Answer answer = response instanceof Answer begun ? begun : new Answer(response);
    chain.doFilter(request, answer);
    if (!request.isAsyncStarted()) {
      send(request, answer);
    }
  }

  private void send(HttpServletRequest request, Answer answer) throws IOException {
    HttpServletResponse response = (HttpServletResponse) answer.getResponse();
    byte[] body = answer.body(refusals);
    if (waiting.addAndGet(body.length) > MOST_WAITING && body.length > SMALL) {
      waiting.addAndGet(-body.length);
      answer.sendError(
          HttpServletResponse.SC_SERVICE_UNAVAILABLE,
          "Too much that was asked for is not taken; try again in a while.");
      body = answer.body(refusals);
      waiting.addAndGet(body.length);
    }
    answer.tellLength(body.length);
    AsyncContext async = request.startAsync(request, response);
    // Whoever takes nothing is found by the container; who takes little at a time may.
    async.setTimeout(0);
    ServletOutputStream out = response.getOutputStream();
    out.setWriteListener(new Sending(out, body, async));
  }

  /** An answer that is being made. */
  private static final class Answer extends ContentCachingResponseWrapper {

    private boolean refused;
    private long told;
    private @Nullable String words;

    Answer(HttpServletResponse response) {
      super(response);
    }

    @Override
    public void sendError(int status) {
      sendError(status, null);
    }

    @Override
    public void sendError(int status, @Nullable String said) {
      resetBuffer();
      setStatus(status);
      refused = true;
      words = said;
    }

    @Override
    public void setContentLength(int length) {
      setContentLengthLong(length);
    }

    @Override
    public void setContentLengthLong(long length) {
      told = length;
    }

    /** Of a body that is not sent, but would be if it were asked for, the maker told the length. */
    void tellLength(int length) {
      if (length > 0 || told > 0) {
        getResponse().setContentLengthLong(length > 0 ? length : told);
      }
    }

    byte[] body(Refusals refusals) {
      if (!refused) {
        return getContentAsByteArray();
      }
      setContentType("application/problem+json");
      return refusals.body(getStatus(), words);
    }
  }

  private final class Sending implements WriteListener {

    private final ServletOutputStream out;
    private final byte[] body;
    private final AsyncContext async;
    private int step;
    private boolean over;

    Sending(ServletOutputStream out, byte[] body, AsyncContext async) {
      this.out = out;
      this.body = body;
      this.async = async;
    }

    /** What finds no room is kept by the container, which calls again when it is gone. */
    @Override
    public void onWritePossible() throws IOException {
      while (!over && out.isReady()) {
        switch (step++) {
          case 0 -> out.write(body);
          case 1 -> out.flush();
          default -> end();
        }
      }
    }

    @Override
    public void onError(Throwable gone) {
      end();
    }

    private void end() {
      if (!over) {
        over = true;
        waiting.addAndGet(-body.length);
        async.complete();
      }
    }
  }
}
