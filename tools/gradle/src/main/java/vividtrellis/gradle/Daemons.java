package vividtrellis.gradle;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** The processes that a home leaves behind so that the next build starts sooner. */
public final class Daemons {

  private static final Pattern LOG = Pattern.compile("daemon-(\\d+)\\.out\\.log");
  private static final String MAIN = "org.gradle.launcher.daemon.bootstrap.GradleDaemon";

  private Daemons() {}

  /**
   * Ends those that were started with a user home, and no other process: a number of one that is
   * long gone may be another's by now.
   *
   * @return how many were ended
   */
  public static int end(Path userHome) throws IOException {
    Path logs = userHome.resolve("daemon");
    if (!Files.isDirectory(logs)) {
      return 0;
    }
    List<ProcessHandle> daemons;
    try (Stream<Path> all = Files.walk(logs, 2)) {
      daemons = all.map(Daemons::of).flatMap(Optional::stream).toList();
    }
    daemons.forEach(ProcessHandle::destroyForcibly);
    daemons.forEach(each -> each.onExit().join());
    return daemons.size();
  }

  private static Optional<ProcessHandle> of(Path log) {
    Matcher name = LOG.matcher(log.getFileName().toString());
    return name.matches()
        ? ProcessHandle.of(Long.parseLong(name.group(1))).filter(Daemons::isDaemon)
        : Optional.empty();
  }

  private static boolean isDaemon(ProcessHandle process) {
    return process.isAlive()
        && process.info().commandLine().filter(line -> line.contains(MAIN)).isPresent();
  }
}
