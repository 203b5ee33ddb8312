package vividtrellis.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.util.HexFormat;
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

  private static String health(Running product) throws Exception {
    return new String(product.get("/health").body(), java.nio.charset.StandardCharsets.UTF_8);
  }

  @Test
  void aRecordOutlivesTheService(Running product) throws Exception {
    byte[] made = archive(product, "fare-ledger");
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
      assertThat(health(product)).contains("\"waiting\":2", "\"status\":\"UP\"", "away");
    } finally {
      product.cluster("start");
    }

    for (int i = 0; i < 150 && !health(product).contains("\"waiting\":0"); i++) {
      Thread.sleep(100);
    }
    assertThat(health(product)).contains("\"waiting\":0", "there");
    assertThat(records(product, "crossing-manifest", made)).isEqualTo(2);
  }
}
