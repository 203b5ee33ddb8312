package vividtrellis.acceptance;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import java.util.stream.Stream;
import vividtrellis.core.compat.Selection;

/**
 * A built project, to be started and asked.
 *
 * @param project its folder
 * @param jdk that it runs on
 * @param database for those that want one
 */
record StartedProject(Path project, Path jdk, LocalDatabase database) {

  /** Starters whose server is not here: their projects are built, and not started. */
  private static final Set<String> ELSEWHERE =
      Set.of(
          "mysql",
          "mariadb",
          "oracle",
          "sqlserver",
          "mongodb",
          "redis",
          "cassandra",
          "neo4j",
          "elasticsearch",
          "couchbase",
          "ldap",
          "rabbitmq",
          "kafka",
          "jms-artemis",
          "jms-activemq",
          "pulsar",
          "sessions-redis",
          "tokens",
          "local-containers");

  static boolean canStart(Selection selection) {
    return selection.starters().stream().noneMatch(ELSEWHERE::contains);
  }

  /** Empty if it answered, a dash if it started and has no address to ask, else what went wrong. */
  String fault(Selection selection) throws Exception {
    Path packaged;
    boolean maven = selection.build().equals("maven");
    try (Stream<Path> made = Files.list(project.resolve(maven ? "target" : "build/libs"))) {
      packaged =
          made.filter(f -> f.toString().endsWith("." + selection.packaging()))
              .filter(f -> !f.toString().contains("-plain."))
              .findFirst()
              .orElseThrow();
    }
    int port = Product.freePort();
    Path log = project.resolve("run.log");
    ProcessBuilder app =
        new ProcessBuilder(
                jdk + "/bin/java",
                "-jar",
                packaged.toString(),
                "--server.port=" + port,
                "--spring.profiles.active=local",
                "--debug=false")
            .directory(project.toFile())
            .redirectErrorStream(true)
            .redirectOutput(log.toFile());
    if (selection.starters().contains("postgresql")) {
      app.environment().putAll(database.environment());
    }
    Process running = app.start();
    try {
      for (int i = 0; i < 600 && running.isAlive() && !isUp(log); i++) {
        Thread.sleep(100);
      }
      if (!isUp(log)) {
        return "it did not start: "
            + RealBuild.fault(Files.readString(log).replace("\n***", "\n[ERROR]"));
      }
      ReadmeCommands readme = ReadmeCommands.of(project);
      String unreadable = readme.unreadable();
      if (!unreadable.isEmpty()) {
        return "its readme has what no shell reads: " + unreadable;
      }
      return readme.blocks().stream().noneMatch(block -> block.contains("curl "))
          ? "-"
          : readme.asked("http://127.0.0.1:" + port);
    } finally {
      running.destroy();
      running.waitFor();
    }
  }

  /** Servers say that they started, too, a while before the application does. */
  private static boolean isUp(Path log) throws IOException {
    return Files.readString(log).lines().anyMatch(line -> line.matches(".* Started \\S+ in .*"));
  }
}
