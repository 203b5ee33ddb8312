package vividtrellis.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The commands of a project's readme, run as they stand there. Of the way to the application, only
 * its address is put in; of the way to the database, only who the administrator is.
 *
 * @param project its folder
 * @param blocks of commands, in their order
 */
record ReadmeCommands(Path project, List<String> blocks) {

  private static final Pattern BLOCK = Pattern.compile("(?ms)^```sh\\n(.*?)^```$");
  private static final Pattern ADDRESS = Pattern.compile("http://localhost:\\d+");
  private static final Pattern ISSUED = Pattern.compile("TOKEN=|\\$TOKEN");

  static ReadmeCommands of(Path project) throws IOException {
    String readme = Files.readString(project.resolve("README.md"));
    List<String> blocks =
        BLOCK
            .matcher(readme)
            .results()
            .map(MatchResult::group)
            .map(block -> block.replaceAll("(?m)^```(sh)?$", "").strip())
            .toList();
    return new ReadmeCommands(project, blocks);
  }

  /**
   * What is found in the first block, script or unit that is not in order; empty if all are. Blocks
   * follow each other, so that a variable of one is used in the next.
   */
  String unreadable() throws Exception {
    List<Command> looks = new ArrayList<>();
    for (String block : blocks) {
      looks.add(new Command(project, words("shellcheck -s bash -e SC2034 -")).saying(block));
    }
    for (String script : List.of("gradlew", "local-https")) {
      if (Files.exists(project.resolve(script))) {
        looks.add(new Command(project, words("shellcheck " + script)));
      }
    }
    Path units = project.resolve("deploy");
    if (Files.exists(units)) {
      try (Stream<Path> all = Files.list(units)) {
        all.forEach(
            unit -> looks.add(new Command(project, words("systemd-analyze verify " + unit))));
      }
    }
    for (Command look : looks) {
      Command.Result read = look.run(30);
      if (read.code() != 0) {
        return read.both();
      }
    }
    return "";
  }

  /** Of the addresses of the application that it asks, the path that is like this. */
  String path(String like) {
    return Pattern.compile(ADDRESS + "(" + like + ")")
        .matcher(String.join("\n", blocks))
        .results()
        .map(found -> found.group(1))
        .findFirst()
        .orElseThrow();
  }

  private static List<String> words(String command) {
    return List.of(command.split(" ", -1));
  }

  /**
   * Asks the running application whatever the readme asks it; what takes a token of an issuer that
   * is not here is left out.
   *
   * @param at its address
   * @param issuer that of the issuer of tokens, if there is one here
   * @return what the first that failed says; empty if none did
   */
  String asked(String at, @Nullable String issuer) throws Exception {
    String all = String.join("\n", blocks).replace("\\\n", " ");
    String asking =
        all.lines()
            .filter(line -> line.contains("curl "))
            .filter(line -> issuer != null || !ISSUED.matcher(line).find())
            .map(
                line -> issuer == null ? line : line.replace(LocalIssuer.NAMED + "/", issuer + "/"))
            .map(line -> issuer != null && line.contains(issuer) ? line : toApplication(line, at))
            .collect(Collectors.joining("\n"));
    String checked = "curl() { command curl -sS --fail-with-body --max-time 30 \"$@\"; }\n";
    Command.Result result =
        new Command(project, List.of("bash", "-e", "-c", checked + asking)).run(120);
    return result.code() == 0 ? "" : asking + "\n" + result.both();
  }

  private static String toApplication(String line, String at) {
    return ADDRESS.matcher(line).replaceAll(at);
  }

  /**
   * Makes the local database.
   *
   * @param administrator what the environment has to say for its client
   */
  void makeDatabase(Path folder, Map<String, String> administrator) throws Exception {
    Path tools = Files.createDirectory(folder.resolve("tools"));
    // Whoever runs this is no administrator of the machine, only of the database.
    Path sudo = Files.writeString(tools.resolve("sudo"), "#!/bin/sh\nshift 2\nexec \"$@\"\n");
    Files.setPosixFilePermissions(sudo, PosixFilePermissions.fromString("rwxr-xr-x"));
    List<String> making = blocks.stream().filter(block -> block.contains("psql ")).toList();
    assertThat(making).isNotEmpty();
    for (String block : making) {
      Command.Result made =
          new Command(project, List.of("bash", "-e", "-c", block))
              .with(administrator)
              .with(Map.of("PATH", tools + ":/usr/bin:/bin"))
              .run(60);
      assertThat(made.code()).as(made.both()).isZero();
    }
  }
}
