package vividtrellis.acceptance;

import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;

/**
 * What of the outside is here for the projects that are started.
 *
 * @param collector takes whatever is sent to it, as collectors of traces, figures and logs do
 */
record LocalServers(LocalDatabase database, LocalIssuer issuer, HttpServer collector)
    implements AutoCloseable {

  /** Where local settings look for a collector. */
  private static final Pattern COLLECTOR = Pattern.compile("http://localhost:(?:4318|9411)");

  static LocalServers start(Path temp) throws Exception {
    HttpServer collector =
        HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
    collector.createContext(
        "/",
        exchange -> {
          exchange.getRequestBody().readAllBytes();
          exchange.sendResponseHeaders(200, -1);
          exchange.close();
        });
    collector.start();
    return new LocalServers(LocalDatabase.start(temp), new LocalIssuer(temp), collector);
  }

  String collectorAddress() {
    return "http://localhost:" + collector.getAddress().getPort();
  }

  /** Has the local settings of a project look for the collector where it is. */
  void lead(Path project) throws IOException {
    for (String ending : new String[] {"yaml", "properties"}) {
      Path settings = project.resolve("config/application-local." + ending);
      if (Files.exists(settings)) {
        String led = COLLECTOR.matcher(Files.readString(settings)).replaceAll(collectorAddress());
        Files.writeString(settings, led);
      }
    }
  }

  @Override
  public void close() throws IOException {
    collector.stop(0);
    issuer.close();
    database.close();
  }
}
