package vividtrellis.acceptance;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;

/** One run of a packaged application, from its start until it is closed. */
final class ApplicationRun implements AutoCloseable {

  /** Servers say that they started, too, a while before the application does. */
  static final Pattern STARTED =
      Pattern.compile(
          "\\bStarted \\S+ in [0-9.]+ seconds|\\bStartup completed in [0-9]+ms"
              + "|\\bstarted in [0-9.]+s\\."
              // A plain program says what it is, and one of commands which there are.
              + "|(?m)^This is |^Usage: ");

  /** What frameworks call the profile and the port, in the environment: each reads its own. */
  private static final List<String> PROFILE =
      List.of("SPRING_PROFILES_ACTIVE", "MICRONAUT_ENVIRONMENTS");

  private static final List<String> PORT =
      List.of("SERVER_PORT", "MICRONAUT_SERVER_PORT", "QUARKUS_HTTP_PORT");

  private static final int LONGEST = 60;

  private final Process running;
  private final Path log;
  private final int port = Product.freePort();

  /** Starts it with a profile and these variables beside those of the tests. */
  ApplicationRun(
      StartedProject project, Path packaged, String profile, Map<String, String> environment)
      throws IOException {
    log = project.project().resolve("run.log");
    ProcessBuilder builder =
        new ProcessBuilder(project.jdk() + "/bin/java", Command.QUICK, "-jar", packaged.toString())
            .directory(project.project().toFile())
            .redirectErrorStream(true)
            .redirectOutput(log.toFile());
    builder.environment().put("DEBUG", "false");
    PROFILE.forEach(name -> builder.environment().put(name, profile));
    // This one has names of its own for them.
    builder.environment().put("QUARKUS_PROFILE", profile.equals("local") ? "dev" : "prod");
    PORT.forEach(name -> builder.environment().put(name, Integer.toString(port)));
    builder.environment().putAll(environment);
    running = builder.start();
  }

  int port() {
    return port;
  }

  String log() throws IOException {
    return Files.readString(log);
  }

  /** Whether it came up; waits until it did, or ended, or a minute is over. */
  boolean isStarted() throws Exception {
    for (int i = 0; i < LONGEST * 10 && running.isAlive(); i++) {
      if (STARTED.matcher(log()).find()) {
        return true;
      }
      running.waitFor(100, TimeUnit.MILLISECONDS);
    }
    return STARTED.matcher(log()).find();
  }

  /** The first thing that it says is wrong. */
  String fault() throws IOException {
    return RealBuild.fault(log().replace("\n***", "\n[ERROR]"));
  }

  @Override
  public void close() {
    running.destroy();
    running.onExit().join();
  }
}
