package vividtrellis.service.bounds;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.ByteArrayInputStream;

/** A request whose body is read already. */
final class ReadRequest extends HttpServletRequestWrapper {

  private byte[] body = {};

  ReadRequest(HttpServletRequest request) {
    super(request);
  }

  /** Gives it its body. */
  void is(byte[] bytes) {
    body = bytes;
  }

  @Override
  public ServletInputStream getInputStream() {
    ByteArrayInputStream bytes = new ByteArrayInputStream(body);
    return new ServletInputStream() {
      @Override
      public int read() {
        return bytes.read();
      }

      @Override
      public int read(byte[] into, int from, int count) {
        return bytes.read(into, from, count);
      }

      @Override
      public boolean isFinished() {
        return bytes.available() == 0;
      }

      @Override
      public boolean isReady() {
        return true;
      }

      @Override
      public void setReadListener(ReadListener listener) {
        throw new IllegalStateException("the body is read");
      }
    };
  }
}
