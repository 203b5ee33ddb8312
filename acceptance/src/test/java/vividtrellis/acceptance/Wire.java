package vividtrellis.acceptance;

import com.google.common.net.InetAddresses;
import java.io.BufferedInputStream;
import java.io.ByteArrayOutputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;

/**
 * One connection on which whatever bytes go out, from an address of loopback that can be chosen.
 */
final class Wire implements AutoCloseable {

  private final Socket socket = new Socket();
  private final InputStream in;
  private boolean over;

  Wire(int port, String from) throws IOException {
    socket.bind(new InetSocketAddress(InetAddresses.forString(from), 0));
    socket.connect(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), 5_000);
    socket.setSoTimeout(20_000);
    in = new BufferedInputStream(socket.getInputStream());
  }

  /**
   * What came back.
   *
   * @param headers by their names in small letters
   */
  @SuppressWarnings("ArrayRecordComponent") // nobody compares answers
  record Answer(int status, Map<String, String> headers, byte[] body) {
    String text() {
      return new String(body, StandardCharsets.UTF_8);
    }

    boolean isProblem() {
      return headers.getOrDefault("content-type", "").equals("application/problem+json")
          && text().contains("urn:vivid-trellis:problem:");
    }
  }

  void send(String head, byte[] body) throws IOException {
    byte[] start = head.replace("\n", "\r\n").getBytes(StandardCharsets.ISO_8859_1);
    ByteArrayOutputStream all = new ByteArrayOutputStream();
    all.write(start);
    all.write(body);
    socket.getOutputStream().write(all.toByteArray());
  }

  /** A request without a body. */
  Answer get(String path) throws IOException {
    send("GET " + path + " HTTP/1.1\nHost: localhost\n\n", new byte[0]);
    return read();
  }

  /** A brief, or what stands for one. */
  Answer post(String path, String type, byte[] body) throws IOException {
    send(
        "POST /api/v1%s HTTP/1.1\nHost: localhost\nContent-Type: %s\nContent-Length: %d\n\n"
            .formatted(path, type, body.length),
        body);
    return read();
  }

  Answer read() throws IOException {
    String[] first = line().split(" ", 3);
    Map<String, String> headers = new HashMap<>();
    for (String line = line(); !line.isEmpty(); line = line()) {
      int colon = line.indexOf(':');
      headers.put(
          line.substring(0, colon).toLowerCase(Locale.ROOT), line.substring(colon + 1).strip());
    }
    over = headers.getOrDefault("connection", "").equals("close");
    return new Answer(Integer.parseInt(first[1]), headers, body(headers));
  }

  /** Whether the other side has said that this was the last answer. */
  boolean isOver() {
    return over;
  }

  private byte[] body(Map<String, String> headers) throws IOException {
    if (headers.containsKey("content-length")) {
      return in.readNBytes(Integer.parseInt(headers.get("content-length")));
    }
    ByteArrayOutputStream body = new ByteArrayOutputStream();
    if (headers.getOrDefault("transfer-encoding", "").equals("chunked")) {
      for (int size = Integer.parseInt(line(), 16); size > 0; size = Integer.parseInt(line(), 16)) {
        body.write(in.readNBytes(size));
        line();
      }
      line();
    } else if (over) {
      in.transferTo(body);
    }
    return body.toByteArray();
  }

  private String line() throws IOException {
    StringBuilder line = new StringBuilder();
    for (int c = in.read(); c != '\n'; c = in.read()) {
      if (c < 0) {
        throw new EOFException("the connection was closed");
      }
      line.append((char) c);
    }
    return line.toString().strip();
  }

  @Override
  public void close() throws IOException {
    socket.close();
  }
}
