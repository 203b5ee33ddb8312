package vividtrellis.cli;

import java.net.URI;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import vividtrellis.cli.api.ApiClient;
import vividtrellis.cli.terminal.Failure;
import vividtrellis.cli.terminal.Printing;

/** What every command understands. */
final class Common {

  private static final String LOCAL = "http://127.0.0.1:7411";

  @Option(
      names = "--server",
      paramLabel = "ADDRESS",
      description = "Address of the service (default: VIVID_SERVER, your config, " + LOCAL + ").")
  private @Nullable String server;

  @Mixin private Printing printing;

  boolean json() {
    return printing.json();
  }

  /** Address of the service, without a slash at its end. */
  String address() {
    return server(server).replaceFirst("/+$", "");
  }

  private static String server(@Nullable String given) {
    String named = System.getenv("VIVID_SERVER");
    return given != null
        ? given
        : named != null && !named.isBlank()
            ? named
            : Config.read().text(Config.SERVER).orElse(LOCAL);
  }

  /** Where the address comes from. */
  String origin() {
    String named = System.getenv("VIVID_SERVER");
    Config config = Config.read();
    return server != null
        ? "--server"
        : named != null && !named.isBlank()
            ? "the variable VIVID_SERVER"
            : config.text(Config.SERVER).isPresent() ? config.file().toString() : "built in";
  }

  ApiClient service() {
    return service(server);
  }

  /**
   * A service.
   *
   * @param given its address, if that was said
   */
  static ApiClient service(@Nullable String given) {
    String address = server(given);
    try {
      return new ApiClient(URI.create(address));
    } catch (IllegalArgumentException e) {
      throw new Failure(
          Failure.USAGE,
          "The address of the service is none: " + address,
          "--server, VIVID_SERVER or your config",
          "give one like " + LOCAL);
    }
  }
}
