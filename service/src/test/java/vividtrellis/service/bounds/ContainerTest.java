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
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServer;

/** What an installation may set, in the container that the service runs in. */
class ContainerTest {

  private static final String NAME = "trellis.saltmarsh.example";
  private static final int LARGE = 3 << 20;
  private static WebServer server;

  /** Says who asks, and how much of a body it was given. */
  private static final class Echo extends HttpServlet {
    private static final long serialVersionUID = 1L;

    @Override
    protected void service(HttpServletRequest request, HttpServletResponse response)
        throws IOException {
      if (request.getServletPath().endsWith(".zip")) {
        response.getOutputStream().write(new byte[64 << 20]);
        return;
      }
      if (request.getServletPath().endsWith(".large")) {
        response.getOutputStream().write(new byte[LARGE]);
        return;
      }
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
            filters.answersAsTaken((status, words) -> new byte[0], meters),
            filters.wholeBodies(meters),
            filters.knownHosts(bounds),
            filters.clientBounds(bounds),
            filters.fewDownloads(),
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

  private static Socket connected(String from) throws IOException {
    Socket socket = new Socket();
    socket.bind(new InetSocketAddress(InetAddresses.forString(from), 0));
    socket.connect(
        new InetSocketAddress(InetAddress.getLoopbackAddress(), server.getPort()), 5_000);
    socket.setSoTimeout(20_000);
    return socket;
  }

  private static String ask(String from, String head, byte[] body) throws IOException {
    try (Socket socket = connected(from)) {
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

  @ParameterizedTest
  @ValueSource(ints = {3 << 20, 7 << 20})
  void ofABodyThatIsFarTooLargeSoMuchIsKeptAndItsSenderIsHeard(int size) throws IOException {
    assertThat(ask("127.0.0.2", "Host: localhost", new byte[size]))
        .startsWith("HTTP/1.1 200")
        .endsWith(" " + 160 * 1024);
  }

  @Test
  void whoeverTakesNoAnswersHoldsNoThreadAndSoMuchMemoryAtMost() throws IOException {
    byte[] asked =
        "GET /.large HTTP/1.1\r\nHost: localhost\r\n\r\n".repeat(20).getBytes(ISO_8859_1);
    List<Socket> slow = new ArrayList<>();
    try {
      Map<String, Long> starts = new HashMap<>();
      for (int i = 0; i < 60; i++) {
        Socket socket = connected("127.0.0.4");
        slow.add(socket);
        socket.getOutputStream().write(asked);
        starts.merge(new String(socket.getInputStream().readNBytes(12), ISO_8859_1), 1L, Long::sum);
      }
      assertThat(starts).containsOnlyKeys("HTTP/1.1 200", "HTTP/1.1 503");
      assertThat(starts.get("HTTP/1.1 200"))
          .isBetween(8L, (long) AnswersAsTaken.MOST_WAITING / LARGE);
      assertThat(ask("127.0.0.2", "Host: localhost", new byte[10])).endsWith("127.0.0.2 10");
    } finally {
      for (Socket each : slow) {
        each.close();
      }
    }
  }

  @Test
  void whoeverReadsADownloadSlowlyKeepsNobodyElseFromBeingAnswered() throws IOException {
    byte[] asked =
        "GET /downloads/vivid.zip HTTP/1.1\r\nHost: localhost\r\n\r\n".getBytes(ISO_8859_1);
    List<Socket> slow = new ArrayList<>();
    try {
      List<String> starts = new ArrayList<>();
      for (int i = 0; i < 60; i++) {
        Socket socket = connected("127.0.0.3");
        slow.add(socket);
        socket.getOutputStream().write(asked);
        starts.add(new String(socket.getInputStream().readNBytes(12), ISO_8859_1));
      }
      assertThat(starts.subList(0, FewDownloads.AT_A_TIME)).containsOnly("HTTP/1.1 200");
      assertThat(starts.subList(FewDownloads.AT_A_TIME, 60)).containsOnly("HTTP/1.1 503");
      assertThat(ask("127.0.0.2", "Host: localhost", new byte[10])).endsWith("127.0.0.2 10");
    } finally {
      for (Socket each : slow) {
        each.close();
      }
    }
  }
}
