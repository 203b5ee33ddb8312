package vividtrellis.acceptance;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Base64;
import java.util.zip.GZIPOutputStream;
import org.apache.commons.compress.archivers.tar.TarArchiveEntry;
import org.apache.commons.compress.archivers.tar.TarArchiveOutputStream;
import org.junit.jupiter.api.extension.AfterAllCallback;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;

/** A server on loopback that answers each request with what a test has it say, byte for byte. */
final class LyingServer implements BeforeAllCallback, AfterAllCallback, ParameterResolver {

  /** Says something, right or wrong, to one request. */
  interface Lie {
    /**
     * Answers.
     *
     * @param number of the request since the lie was set, from 1
     */
    void tell(OutputStream out, int number) throws IOException, InterruptedException;
  }

  private ServerSocket listening;
  private volatile Lie lie = (out, number) -> {};
  private volatile int asked;

  String base() {
    return "http://127.0.0.1:" + listening.getLocalPort();
  }

  /** Says this from now on. */
  void says(Lie next) {
    lie = next;
    asked = 0;
  }

  /** How often it was asked since. */
  int asked() {
    return asked;
  }

  @Override
  public void beforeAll(ExtensionContext context) throws IOException {
    listening = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
    Thread thread = new Thread(this::listen, "lying server");
    thread.setDaemon(true);
    thread.start();
  }

  @Override
  public void afterAll(ExtensionContext context) throws IOException {
    listening.close();
  }

  private void listen() {
    while (!listening.isClosed()) {
      try (Socket socket = listening.accept()) {
        hear(socket.getInputStream());
        int number = asked + 1;
        asked = number;
        lie.tell(socket.getOutputStream(), number);
      } catch (IOException e) {
        // Whoever asked has heard enough.
      } catch (InterruptedException e) {
        return;
      }
    }
  }

  /** Reads a request to its end. */
  private static void hear(InputStream in) throws IOException {
    StringBuilder head = new StringBuilder();
    while (head.indexOf("\r\n\r\n") < 0) {
      int c = in.read();
      if (c < 0) {
        return;
      }
      head.append((char) c);
    }
    String length = head.toString().replaceFirst("(?is).*content-length: *([0-9]+).*", "$1");
    in.readNBytes(length.matches("[0-9]+") ? Integer.parseInt(length) : 0);
  }

  static void say(OutputStream out, String status, String headers, byte[] body) throws IOException {
    String head = "HTTP/1.1 " + status + "\r\nVivid-Trellis: 0; edition=x\r\n" + headers + "\r\n";
    out.write(head.getBytes(StandardCharsets.ISO_8859_1));
    out.write(body);
    out.flush();
  }

  /** An archive as it should come. */
  static Lie whole(byte[] archive) {
    return (out, number) -> say(out, "200 OK", length(archive) + digest(archive), archive);
  }

  static String length(byte[] body) {
    return "Content-Length: " + body.length + "\r\n";
  }

  static String digest(byte[] body) {
    try {
      byte[] digest = MessageDigest.getInstance("SHA-256").digest(body);
      return "Content-Digest: sha-256=:" + Base64.getEncoder().encodeToString(digest) + ":\r\n";
    } catch (NoSuchAlgorithmException e) {
      throw new AssertionError(e);
    }
  }

  /** A {@code tar.gz} with entries whose contents are zeros. */
  static byte[] archive(TarArchiveEntry... entries) {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (TarArchiveOutputStream out = new TarArchiveOutputStream(new GZIPOutputStream(bytes))) {
      for (TarArchiveEntry entry : entries) {
        out.putArchiveEntry(entry);
        new ByteArrayInputStream(new byte[(int) entry.getSize()]).transferTo(out);
        out.closeArchiveEntry();
      }
    } catch (IOException e) {
      throw new AssertionError(e);
    }
    return bytes.toByteArray();
  }

  static TarArchiveEntry file(String name, int size) {
    TarArchiveEntry entry = new TarArchiveEntry(name, true);
    entry.setSize(size);
    return entry;
  }

  @Override
  public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
    return parameter.getParameter().getType() == LyingServer.class;
  }

  @Override
  public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
    return this;
  }
}
