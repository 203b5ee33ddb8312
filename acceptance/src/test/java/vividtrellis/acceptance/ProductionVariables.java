package vividtrellis.acceptance;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * What a project's readme says has to be set in production.
 *
 * @param names of the variables
 */
record ProductionVariables(List<String> names) {

  private static final Pattern ROW = Pattern.compile("(?m)^\\| `([A-Z0-9_]+)` \\|");

  /** Those of things that are only talked to once somebody asks for it. */
  private static final Map<String, String> ANYTHING =
      Map.of(
          "MAIL_HOST", "localhost",
          "MAIL_PORT", "2525",
          "MAIL_USER", "harbour",
          "MAIL_PASSWORD", "local-only",
          "OTHER_SERVICE_URL", "http://localhost:9",
          "TOKEN_CLIENT", "harbour",
          "TOKEN_CLIENT_SECRET", "{noop}local-only",
          "SIGN_IN_CLIENT", "harbour",
          "SIGN_IN_SECRET", "local-only");

  static ProductionVariables of(Path project) throws IOException {
    String readme = Files.readString(project.resolve("README.md"));
    return new ProductionVariables(ROW.matcher(readme).results().map(row -> row.group(1)).toList());
  }

  /**
   * A value for each.
   *
   * @param sql whether it wants PostgreSQL; H2 otherwise
   * @param issuer the address of one that is here, else {@code null}
   */
  Map<String, String> given(LocalServers servers, boolean sql, @Nullable String issuer)
      throws Exception {
    Map<String, String> known = new LinkedHashMap<>(ANYTHING);
    known.put(
        "TOKEN_ISSUER", Objects.requireNonNullElse(issuer, LocalIssuer.NAMED) + "/realms/local");
    known.put("SIGN_IN_ISSUER", known.get("TOKEN_ISSUER"));
    known.put("SIGN_IN_USER", "harbour");
    known.put("SIGN_IN_PASSWORD", "{noop}local-only");
    known.put("TELEMETRY_ADDRESS", servers.collectorAddress());
    known.put("ZIPKIN_ADDRESS", servers.collectorAddress());
    if (!sql) {
      known.put("DATABASE_URL", "jdbc:h2:mem:production");
      known.put("DATABASE_REACTIVE_URL", "r2dbc:h2:mem:///production");
      known.put("DATABASE_USER", "sa");
      known.put("DATABASE_PASSWORD", "");
    } else {
      Map<String, String> there = servers.database().environment();
      known.put("DATABASE_URL", there.get("SPRING_DATASOURCE_URL"));
      known.put("DATABASE_REACTIVE_URL", there.get("SPRING_R2DBC_URL"));
      known.put("DATABASE_USER", there.get("SPRING_DATASOURCE_USERNAME"));
      known.put("DATABASE_PASSWORD", there.get("SPRING_DATASOURCE_PASSWORD"));
    }
    Map<String, String> given = new LinkedHashMap<>();
    for (String name : names) {
      given.put(
          name, Objects.requireNonNull(known.get(name), "No value for " + name + " is here."));
    }
    return given;
  }
}
