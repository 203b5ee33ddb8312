package vividtrellis.cli;

import java.net.URI;
import picocli.CommandLine.Option;

/** What every command understands. */
final class Common {

  @Option(
      names = "--server",
      paramLabel = "ADDRESS",
      defaultValue = "${env:VIVID_SERVER:-http://127.0.0.1:7411}",
      description = "Address of the service (default: ${DEFAULT-VALUE}).")
  private String server = "";

  @Option(names = "--json", description = "Print the service's answer as JSON.")
  private boolean json;

  @Option(names = "--debug", description = "On a fault, print where in the code it happened.")
  @SuppressWarnings("UnusedVariable") // asked of the parser, which also works before this is set
  private boolean debug;

  boolean json() {
    return json;
  }

  /** Address of the service, without a slash at its end. */
  String address() {
    return server.replaceFirst("/+$", "");
  }

  Service service() {
    try {
      return new Service(URI.create(server));
    } catch (IllegalArgumentException e) {
      throw new Failure(
          Failure.USAGE,
          "The address of the service is none: " + server,
          "--server or VIVID_SERVER",
          "give one like http://127.0.0.1:7411");
    }
  }
}
