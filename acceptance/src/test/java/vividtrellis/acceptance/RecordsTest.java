package vividtrellis.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.util.HexFormat;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import vividtrellis.acceptance.Product.Running;

@ExtendWith(Product.class)
class RecordsTest {

  private static byte[] archive(Running product, String name) throws Exception {
    var response = product.post("/archives", "application/yaml", "project: {name: " + name + "}");
    assertThat(response.statusCode()).isEqualTo(200);
    return response.body();
  }

  private static int records(Running product, String name, byte[] archive) throws Exception {
    String digest =
        HexFormat.of()
            .formatHex(java.security.MessageDigest.getInstance("SHA-256").digest(archive));
    try (Connection database = product.database();
        PreparedStatement query =
            database.prepareStatement(
                "SELECT count(*) FROM archive_record WHERE project = ? AND digest = ?"
                    + " AND edition = '2026-11' AND brief::jsonb -> 'project' ->> 'name' = project"
                    + " AND made_at > now() - interval '1 hour'")) {
      query.setString(1, name);
      query.setString(2, digest);
      try (ResultSet result = query.executeQuery()) {
        result.next();
        return result.getInt(1);
      }
    }
  }

  /** Records are entered soon after their archives; health tells when. */
  private static void awaitHealth(Running product, String... parts) throws Exception {
    String health = "";
    for (int i = 0; i < 300; i++) {
      health = new String(product.get("/health").body(), StandardCharsets.UTF_8);
      if (Stream.of(parts).allMatch(health::contains)) {
        return;
      }
      Thread.sleep(100);
    }
    assertThat(health).contains(parts);
  }

  @Test
  void aRecordOutlivesTheService(Running product) throws Exception {
    byte[] made = archive(product, "fare-ledger");
    awaitHealth(product, "\"waiting\":0");
    assertThat(records(product, "fare-ledger", made)).isEqualTo(1);

    assertThat(product.stop()).isEqualTo(143);
    assertThat(product.data.resolve("postgres/cluster/postmaster.pid")).doesNotExist();
    product.start();

    assertThat(records(product, "fare-ledger", made)).isEqualTo(1);
    assertThat(archive(product, "fare-ledger")).isEqualTo(made);
  }

  @Test
  void withoutItsDatabaseTheServiceGoesOnAndCatchesUp(Running product) throws Exception {
    product.cluster("stop");
    byte[] made;
    try {
      made = archive(product, "crossing-manifest");
      assertThat(archive(product, "crossing-manifest")).isEqualTo(made);
      assertThat(product.get("/api/v1/catalog").statusCode()).isEqualTo(200);
      String brief = "project: {name: crossing-manifest}";
      assertThat(product.post("/checks", "application/yaml", brief).statusCode()).isEqualTo(200);
      assertThat(product.post("/outlines", "application/yaml", brief).statusCode()).isEqualTo(200);
      awaitHealth(product, "\"waiting\":2", "\"status\":\"UP\"", "away");
    } finally {
      product.cluster("start");
    }

    awaitHealth(product, "\"waiting\":0", "there", "\"unrecorded\":0");
    assertThat(records(product, "crossing-manifest", made)).isEqualTo(2);
  }

  @Test
  void aDatabaseThatDiesIsStartedAgainAndMissesNothing(Running product) throws Exception {
    Path note = product.data.resolve("postgres/cluster/postmaster.pid");
    long before = number(note);
    ProcessHandle.of(before).orElseThrow().destroyForcibly();
    byte[] made = archive(product, "harbour-watch");

    for (int i = 0; i < 300 && (!Files.exists(note) || number(note) == before); i++) {
      Thread.sleep(100);
    }
    awaitHealth(product, "\"waiting\":0", "there");
    assertThat(records(product, "harbour-watch", made)).isEqualTo(1);
  }

  private static long number(Path note) throws IOException {
    return Files.readAllLines(note).stream()
        .findFirst()
        .map(String::strip)
        .map(Long::parseLong)
        .orElse(0L);
  }
}
