package vividtrellis.acceptance;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import vividtrellis.acceptance.Product.Running;

/** The command line at a terminal that somebody types at. */
final class AtTerminal {

  private AtTerminal() {}

  /** At a terminal, with what is typed there. */
  static Command.Result typing(Running product, Path folder, String typed, String line)
      throws Exception {
    return new Command(
            folder, List.of("script", "-qec", Product.CHECKOUT + "/vivid " + line, "/dev/null"))
        .with(environment(product))
        .saying(typed)
        .run(60);
  }

  /** At a terminal, with Ctrl-C once a text is to be seen. */
  static int interrupted(Running product, Path folder, String line, String shown) throws Exception {
    Path own = Files.createTempDirectory("vivid-terminal");
    String typed =
        """
        mkfifo $OWN/in
        # What was started in the background ignores Ctrl-C, and so does all that it starts.
        env --default-signal=INT script -qec "$LINE" /dev/null < $OWN/in > $OWN/out &
        exec 3> $OWN/in
        until grep -q "$SHOWN" $OWN/out; do sleep 0.1; done
        printf '\\003' >&3
        wait $!
        """;
    try {
      return new Command(folder, List.of("bash", "-c", typed))
          .with(
              Map.of(
                  "OWN",
                  own.toString(),
                  "LINE",
                  Product.CHECKOUT + "/vivid " + line,
                  "SHOWN",
                  shown))
          .with(environment(product))
          .run(60)
          .code();
    } finally {
      for (String each : List.of("in", "out", "")) {
        Files.deleteIfExists(own.resolve(each));
      }
    }
  }

  private static Map<String, String> environment(Running product) {
    return Map.of("VIVID_SERVER", product.base(), "TERM", "dumb", "LANG", "C.UTF-8", "CI", "");
  }
}
