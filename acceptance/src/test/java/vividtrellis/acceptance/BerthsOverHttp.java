package vividtrellis.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;

/** All that can be done with an entity of a started project: the longest way through it. */
record BerthsOverHttp(String at) {

  /** With a field of every kind. */
  static final String ENTITY =
      "Berth: label text..80 unique, length decimal 0..500?, freeFrom date?, state free|taken,"
          + " seen instant, code uuid?, spots integer 0.., covered boolean";

  private static final String BERTH =
      """
      { "label": "%s", "length": 12.5, "freeFrom": "2026-11-30", "state": "FREE", "covered": true,
        "seen": "2026-11-30T12:00:00.123456Z", "code": "6f1c2f0e-0d5b-4f0c-9a57-2f6f4a1f7c11", "spots": 7 }
      """;

  /** A berth is made, shown, changed by the quicker of two, and removed. */
  void goAllTheWay() throws Exception {
    HttpResponse<String> made = ask("POST", "", BERTH.formatted(" North "));
    assertThat(made.statusCode()).as(made.body()).isEqualTo(201);
    assertThat(made.body())
        .contains(
            "\"label\":\"North\"", "\"length\":12.5", "\"seen\":\"2026-11-30T12:00:00.123Z\"");
    String one = URI.create(made.headers().firstValue("Location").orElseThrow()).getPath();
    String path = one.substring("/berths".length());

    assertThat(ask("GET", path, null).body()).isEqualTo(made.body());
    assertThat(ask("POST", "", BERTH.formatted("North")).statusCode()).isEqualTo(409);
    assertThat(ask("POST", "", BERTH.formatted("South")).statusCode()).isEqualTo(201);
    assertThat(ask("GET", "?page=1&size=1", null).body()).contains("South").doesNotContain("North");

    HttpResponse<String> bare =
        ask(
            "PUT",
            path,
            "{\"label\":\"East\",\"state\":\"TAKEN\",\"seen\":\"2026-12-01T00:00:00Z\",\"spots\":0,\"covered\":false}",
            "\"0\"");
    assertThat(bare.statusCode()).as(bare.body()).isEqualTo(200);
    assertThat(bare.body()).contains("\"length\":null", "\"code\":null", "\"version\":1");
    assertThat(ask("PUT", path, BERTH.formatted("West"), "\"0\"").statusCode()).isEqualTo(412);
    assertThat(ask("GET", path, null).headers().firstValue("ETag")).contains("\"1\"");

    HttpResponse<String> refused = ask("POST", "", "{\"length\": 500.5, \"spots\": -1}");
    assertThat(refused.statusCode()).isEqualTo(400);
    assertThat(refused.body())
        .contains("\"label\":", "\"length\":", "\"spots\":", "\"state\":")
        .doesNotContain("\"freeFrom\":");
    assertThat(ask("DELETE", path, null).statusCode()).isEqualTo(204);
    assertThat(ask("DELETE", path, null).statusCode()).isEqualTo(404);
  }

  private HttpResponse<String> ask(String method, String path, String body, String... seen)
      throws Exception {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(at + "/berths" + path))
            .header("Content-Type", "application/json")
            .timeout(Duration.ofSeconds(20))
            .method(
                method,
                body == null
                    ? HttpRequest.BodyPublishers.noBody()
                    : HttpRequest.BodyPublishers.ofString(body));
    if (seen.length > 0) {
      request.header("If-Match", seen[0]);
    }
    return HttpClient.newHttpClient().send(request.build(), HttpResponse.BodyHandlers.ofString());
  }
}
