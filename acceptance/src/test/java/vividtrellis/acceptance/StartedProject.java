package vividtrellis.acceptance;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.compat.Selection;

/**
 * A built project, to be started as it stands, in production and with the local settings, and to be
 * asked.
 *
 * @param project its folder
 * @param jdk that it runs on
 * @param servers for those that want some
 */
record StartedProject(Path project, Path jdk, LocalServers servers) {

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
          "local-containers");

  private static final String PRODUCTION = "production";

  static boolean canStart(Selection selection) {
    // What has windows needs somebody before them; its tests open them where there is no screen.
    // Without a framework, Gradle's archive has no entry: its task runs the program.
    boolean byTask = selection.framework().equals("none") && !selection.build().equals("maven");
    return !selection.framework().equals("javafx")
        && !byTask
        && selection.starters().stream().noneMatch(ELSEWHERE::contains);
  }

  /** Empty if it answered, a dash if it started and has no address to ask, else what went wrong. */
  String fault(Selection selection) throws Exception {
    Path packaged;
    boolean maven = selection.build().equals("maven");
    try (Stream<Path> made = Files.list(project.resolve(maven ? "target" : "build/libs"))) {
      packaged =
          made.filter(f -> f.toString().endsWith("." + selection.packaging()))
              .filter(f -> !f.toString().matches(".*-plain\\.[jw]ar|.*/original-.*"))
              .findFirst()
              .orElseThrow();
    }
    String issuer = servers.issuer().of(project);
    ProductionVariables variables = ProductionVariables.of(project);
    String fault = variables.names().isEmpty() ? "" : namesWhatIsMissing(packaged, variables);
    if (fault.isEmpty() && (issuer != null || !variables.names().contains("SIGN_IN_ISSUER"))) {
      boolean sql = selection.starters().contains("postgresql");
      Map<String, String> given = variables.given(servers, sql, issuer);
      fault = startsInProduction(packaged, given);
    }
    return fault.isEmpty() ? answers(packaged, selection, issuer) : fault;
  }

  /** In production with nothing set, it ends with one line that names all that has to be. */
  private String namesWhatIsMissing(Path packaged, ProductionVariables variables) throws Exception {
    try (ApplicationRun run = new ApplicationRun(this, packaged, PRODUCTION, Map.of())) {
      boolean started = run.isStarted();
      boolean named =
          run.log().lines().anyMatch(line -> variables.names().stream().allMatch(line::contains));
      return started || !named ? "with nothing set: " + run.fault() : "";
    }
  }

  private String startsInProduction(Path packaged, Map<String, String> given) throws Exception {
    try (ApplicationRun run = new ApplicationRun(this, packaged, PRODUCTION, given)) {
      return run.isStarted()
          ? KeptWarnings.fault(run.log(), packaged)
          : "in production: " + run.fault();
    }
  }

  private String answers(Path packaged, Selection selection, @Nullable String issuer)
      throws Exception {
    Map<String, String> environment = new LinkedHashMap<>();
    if (selection.starters().contains("postgresql")) {
      environment.putAll(servers.database().environment());
    }
    if (issuer != null) {
      environment.put(
          "SPRING_SECURITY_OAUTH2_RESOURCESERVER_JWT_ISSUER_URI", issuer + "/realms/local");
    }
    servers.lead(project);
    try (ApplicationRun run = new ApplicationRun(this, packaged, "local", environment)) {
      if (!run.isStarted()) {
        return "it did not start: " + run.fault();
      }
      ReadmeCommands readme = ReadmeCommands.of(project);
      boolean asks = readme.blocks().stream().anyMatch(block -> block.contains("curl "));
      String fault = asks ? readme.asked("http://127.0.0.1:" + run.port(), issuer) : "";
      fault = fault.isEmpty() ? KeptWarnings.fault(run.log(), packaged) : fault;
      return fault.isEmpty() && !asks ? "-" : fault;
    }
  }
}
