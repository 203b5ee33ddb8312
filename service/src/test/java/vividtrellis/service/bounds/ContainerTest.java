package vividtrellis.service.bounds;

import static java.nio.charset.StandardCharsets.ISO_8859_1;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.common.net.InetAddresses;
import io.micrometer.core.instrument.simple.SimpleMeterRegistry;
import jakarta.servlet.http.HttpServlet;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.util.Locale;
import java.util.Set;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServer;

/** What an installation may set, in the container that the service runs in. */
class ContainerTest {

  private static final String NAME = "trellis.saltmarsh.example";
  private static WebServer server;

  /** Says who asks, and how much of a body it was given. */
  private static final class Echo extends HttpServlet {
    private static final long serialVersionUID = 1L;

    @Override
    protected void service(HttpServletRequest request, HttpServletResponse response)
        throws IOException {
      int read = request.getInputStream().readAllBytes().length;
      response.getWriter().print(request.getRemoteAddr() + " " + read);
    }
  }

  @BeforeAll
  static void start() {
    Bounds bounds =
        new Bounds(64, 300, Set.of("127.0.0.1"), Set.of(" " + NAME.toUpperCase(Locale.ROOT)));
    TomcatServletWebServerFactory factory = new TomcatServletWebServerFactory(0);
    factory.setAddress(InetAddress.getLoopbackAddress());
    new ContainerSetUp(bounds).customize(factory);
    Filters filters = new Filters();
    SimpleMeterRegistry meters = new SimpleMeterRegistry();
    server =
        factory.getWebServer(
            filters.wholeBodies(meters),
            filters.knownHosts(bounds),
            filters.clientBounds(bounds),
            context -> {
              var echo = context.addServlet("echo", new Echo());
              echo.setAsyncSupported(true);
              echo.addMapping("/");
            });
    server.start();
  }

  @AfterAll
  static void stop() {
    server.stop();
  }

  private static String ask(String from, String head, byte[] body) throws IOException {
    try (Socket socket = new Socket()) {
      socket.bind(new InetSocketAddress(InetAddresses.forString(from), 0));
      socket.connect(
          new InetSocketAddress(InetAddress.getLoopbackAddress(), server.getPort()), 5_000);
      socket.setSoTimeout(20_000);
      String start = "POST / HTTP/1.1\r\nConnection: close\r\n" + head + "\r\n";
      socket
          .getOutputStream()
          .write((start + "Content-Length: " + body.length + "\r\n\r\n").getBytes(ISO_8859_1));
      socket.getOutputStream().write(body);
      return new String(socket.getInputStream().readAllBytes(), ISO_8859_1);
    }
  }

  @Test
  void onlyProxiesThatAreNamedSayWhoTheClientIs() throws IOException {
    String head = "Host: localhost\r\nX-Forwarded-For: 10.1.2.3";

    assertThat(ask("127.0.0.1", head, new byte[10])).endsWith("10.1.2.3 10");
    assertThat(ask("127.0.0.2", head, new byte[10])).endsWith("127.0.0.2 10");
  }

  @Test
  void namesOfTheInstallationAreAnsweredHoweverTheyAreWritten() throws IOException {
    assertThat(ask("127.0.0.2", "Host: " + NAME, new byte[0])).startsWith("HTTP/1.1 200");
    assertThat(ask("127.0.0.2", "Host: " + NAME + ":7411", new byte[0])).contains(" 200");
    assertThat(ask("127.0.0.2", "Host: evil.example", new byte[0])).startsWith("HTTP/1.1 421");
  }

  @Test
  void ofABodyThatIsFarTooLargeSoMuchIsKeptAndItsSenderIsHeard() throws IOException {
    assertThat(ask("127.0.0.2", "Host: localhost", new byte[3 << 20]))
        .startsWith("HTTP/1.1 200")
        .endsWith(" " + 160 * 1024);
  }
}
