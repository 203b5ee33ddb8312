package vividtrellis.cli.view;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** The JDKs of this machine: those in the usual places, and the one that a build would take. */
final class InstalledJdks {

  private static final Pattern VERSION = Pattern.compile("JAVA_VERSION=\"([0-9]+)([^\"]*)\"");
  private static final int MOST = 100;

  private InstalledJdks() {}

  /**
   * A JDK.
   *
   * @param home its folder
   * @param level 17, 21, …
   * @param version as it calls itself
   * @param used whether a build that is started now takes it
   */
  record Jdk(Path home, int level, String version, boolean used) {}

  /**
   * Looks around.
   *
   * @param environment of the process: JAVA_HOME wins over the PATH, as it does for build wrappers
   * @param places folders that hold JDKs, one folder each
   */
  static List<Jdk> jdks(Map<String, String> environment, List<Path> places) {
    Optional<Path> used = used(environment);
    Set<Path> homes = new LinkedHashSet<>();
    used.ifPresent(homes::add);
    for (Path place : places) {
      try (Stream<Path> all = Files.isDirectory(place) ? Files.list(place) : Stream.empty()) {
        all.sorted()
            .limit(MOST)
            .map(InstalledJdks::real)
            .flatMap(Optional::stream)
            .forEach(homes::add);
      } catch (IOException e) {
        // A place that cannot be looked into holds nothing for us.
      }
    }
    List<Jdk> jdks = new ArrayList<>();
    for (Path home : homes) {
      jdk(home, used.filter(home::equals).isPresent()).ifPresent(jdks::add);
    }
    return jdks;
  }

  private static Optional<Path> real(Path path) {
    try {
      return Optional.of(path.toRealPath());
    } catch (IOException e) {
      return Optional.empty();
    }
  }

  private static Optional<Path> used(Map<String, String> environment) {
    String home = environment.getOrDefault("JAVA_HOME", "");
    if (!home.isBlank()) {
      return real(Path.of(home));
    }
    for (String part : environment.getOrDefault("PATH", "").split(":", -1)) {
      Path javac = Path.of(part, "javac");
      if (!part.isBlank() && Files.isExecutable(javac)) {
        return real(javac).map(Path::getParent).map(Path::getParent);
      }
    }
    return Optional.empty();
  }

  private static Optional<Jdk> jdk(Path home, boolean used) {
    try {
      Matcher version = VERSION.matcher(Files.readString(home.resolve("release")));
      return version.find() && Files.isExecutable(home.resolve("bin").resolve("javac"))
          ? Optional.of(
              new Jdk(
                  home,
                  Integer.parseInt(version.group(1)),
                  version.group(1) + version.group(2),
                  used))
          : Optional.empty();
    } catch (IOException e) {
      return Optional.empty();
    }
  }
}
