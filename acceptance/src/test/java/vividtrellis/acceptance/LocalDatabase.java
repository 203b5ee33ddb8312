package vividtrellis.acceptance;

import java.io.IOException;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** A PostgreSQL of its own for the projects that are started, and what tells them where it is. */
final class LocalDatabase implements AutoCloseable {

  private final Path data;
  private final Map<String, String> said = new LinkedHashMap<>();

  private LocalDatabase(Path data) {
    this.data = data;
  }

  static LocalDatabase start(Path data) throws Exception {
    LocalDatabase database = new LocalDatabase(data);
    Command.Result started = database.cluster("start");
    if (started.code() != 0) {
      throw new AssertionError(started.both());
    }
    started
        .out()
        .lines()
        .filter(line -> line.contains("="))
        .forEach(
            line ->
                database.said.put(
                    line.substring(0, line.indexOf('=')), line.substring(line.indexOf('=') + 1)));
    return database;
  }

  private Command.Result cluster(String verb) throws IOException, InterruptedException {
    return new Command(
            Product.CHECKOUT, List.of("tools/cluster.sh", verb, data.toAbsolutePath().toString()))
        .run(120);
  }

  /** Empties it: each project finds it as it would find its own. */
  private void clear() throws Exception {
    String address = said.get("VIVID_DB_URL").replace("jdbc:", "");
    Command.Result cleared =
        new Command(
                data,
                List.of(
                    "psql",
                    address.replace("://", "://" + said.get("VIVID_DB_USER") + "@"),
                    "-qc",
                    "drop schema public cascade; create schema public"))
            .with(Map.of("PGPASSWORD", said.get("VIVID_DB_PASSWORD")))
            .run(30);
    if (cleared.code() != 0) {
      throw new AssertionError(cleared.both());
    }
  }

  /** The settings of a project that talks to it, as its readme names them. */
  Map<String, String> environment() throws Exception {
    clear();
    String address = said.get("VIVID_DB_URL");
    String user = said.get("VIVID_DB_USER");
    String password = said.get("VIVID_DB_PASSWORD");
    Map<String, String> environment = new LinkedHashMap<>();
    for (String each :
        List.of("SPRING_DATASOURCE", "SPRING_FLYWAY", "SPRING_LIQUIBASE", "DATASOURCES_DEFAULT")) {
      environment.put(each + "_URL", address);
      environment.put(
          each + (each.endsWith("FLYWAY") || each.endsWith("LIQUIBASE") ? "_USER" : "_USERNAME"),
          user);
      environment.put(each + "_PASSWORD", password);
    }
    environment.put("QUARKUS_DATASOURCE_JDBC_URL", address);
    environment.put("QUARKUS_DATASOURCE_USERNAME", user);
    environment.put("QUARKUS_DATASOURCE_PASSWORD", password);
    environment.put("SPRING_R2DBC_URL", address.replace("jdbc:", "r2dbc:"));
    environment.put("SPRING_R2DBC_USERNAME", user);
    environment.put("SPRING_R2DBC_PASSWORD", password);
    return environment;
  }

  @Override
  public void close() throws IOException {
    try {
      cluster("remove");
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }
}
