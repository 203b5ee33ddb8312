package vividtrellis.service.bounds;

import io.micrometer.core.instrument.Gauge;
import io.micrometer.core.instrument.MeterRegistry;
import jakarta.servlet.AsyncContext;
import jakarta.servlet.AsyncEvent;
import jakarta.servlet.AsyncListener;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.Filter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.ServletRequest;
import jakarta.servlet.ServletResponse;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * Bodies are read whole before anything is done for them, as they come, without a thread that
 * waits: half a body costs a connection and its bytes, for ten seconds.
 */
final class WholeBodies implements Filter {

  /** What is kept of a body; who reads more than a brief may have sees that it is too much. */
  private static final int MOST_KEPT = 160 * 1024;

  /** What is read of a body, so that its sender hears the answer and not a broken connection. */
  private static final int MOST_READ = 4 * 1024 * 1024;

  private static final int MOST_READERS = 512;
  private static final long DEADLINE_MILLIS = 10_000;
  private static final String REFUSED = WholeBodies.class.getName() + ".refused";

  private final AtomicInteger readers = new AtomicInteger();

  WholeBodies(MeterRegistry meters) {
    Gauge.builder("vivid.bodies.reading", readers, AtomicInteger::get).register(meters);
  }

  @Override
  public void doFilter(ServletRequest given, ServletResponse answer, FilterChain chain)
      throws IOException, ServletException {
    HttpServletRequest request = (HttpServletRequest) given;
    HttpServletResponse response = (HttpServletResponse) answer;
    if (request.getDispatcherType() == DispatcherType.ASYNC) {
      if (request.getAttribute(REFUSED) instanceof Integer status) {
        response.sendError(status, "The body did not come whole within 10 seconds; send it again.");
      } else {
        chain.doFilter(request, response);
      }
    } else if (request.getContentLengthLong() == 0
        || (request.getContentLengthLong() < 0 && request.getHeader("Transfer-Encoding") == null)) {
      chain.doFilter(request, response);
    } else if (isThere(request)) {
      ReadRequest whole = new ReadRequest(request);
      whole.is(request.getInputStream().readNBytes(request.getContentLength()));
      chain.doFilter(whole, response);
    } else if (readers.incrementAndGet() > MOST_READERS) {
      readers.decrementAndGet();
      response.setHeader("Retry-After", "1");
      response.sendError(
          HttpServletResponse.SC_SERVICE_UNAVAILABLE,
          "Too many bodies are on their way at once; try again in a second.");
    } else {
      read(request, response);
    }
  }

  /** A small body mostly came with its head; then there is nothing to wait for. */
  private static boolean isThere(HttpServletRequest request) throws IOException {
    int length = request.getContentLength();
    return length > 0 && length <= MOST_KEPT && request.getInputStream().available() >= length;
  }

  private void read(HttpServletRequest request, HttpServletResponse response) throws IOException {
    ServletInputStream body = request.getInputStream();
    ReadRequest whole = new ReadRequest(request);
    AsyncContext async = request.startAsync(whole, response);
    Reading reading = new Reading(body, whole, async);
    async.setTimeout(DEADLINE_MILLIS);
    async.addListener(reading);
    body.setReadListener(reading);
  }

  private final class Reading implements ReadListener, AsyncListener {

    private final ServletInputStream body;
    private final ReadRequest request;
    private final AsyncContext async;
    private final ByteArrayOutputStream kept = new ByteArrayOutputStream(2048);
    private final byte[] buffer = new byte[4096];
    private long read;
    private boolean counted = true;

    Reading(ServletInputStream body, ReadRequest request, AsyncContext async) {
      this.body = body;
      this.request = request;
      this.async = async;
    }

    @Override
    public void onDataAvailable() throws IOException {
      while (body.isReady() && !body.isFinished()) {
        int count = body.read(buffer);
        if (count < 0) {
          return;
        }
        read += count;
        kept.write(buffer, 0, Math.min(count, MOST_KEPT - Math.min(MOST_KEPT, kept.size())));
        if (read > MOST_READ) {
          onAllDataRead();
          return;
        }
      }
    }

    @Override
    public void onAllDataRead() {
      if (end()) {
        request.is(kept.toByteArray());
        async.dispatch();
      }
    }

    @Override
    public void onError(Throwable broken) {
      refuse(HttpServletResponse.SC_BAD_REQUEST);
    }

    @Override
    public void onTimeout(AsyncEvent event) {
      refuse(HttpServletResponse.SC_REQUEST_TIMEOUT);
    }

    private void refuse(int status) {
      if (end()) {
        request.setAttribute(REFUSED, status);
        async.dispatch();
      }
    }

    @Override
    public void onError(AsyncEvent event) {
      onError(event.getThrowable());
    }

    @Override
    public void onComplete(AsyncEvent event) {
      end();
    }

    @Override
    public void onStartAsync(AsyncEvent event) {
      // Nobody starts again what is read.
    }

    /** Whether this is the first end of it: it can be late and whole at the same moment. */
    private synchronized boolean end() {
      if (!counted) {
        return false;
      }
      counted = false;
      readers.decrementAndGet();
      return true;
    }
  }
}
