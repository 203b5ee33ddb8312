package vividtrellis.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import vividtrellis.acceptance.Product.Running;

@ExtendWith(Product.class)
class WrongInputTest {

  private static final List<String> HOSTILE =
      List.of(
          "\"'`",
          "]]>",
          "${jndi:ldap://127.0.0.1/x}",
          "#{T(java.lang.Runtime)}",
          "{{package}}",
          "back\\slash\\",
          "two\nlines\r\n",
          "x".repeat(20_000),
          "../../../etc/passwd",
          "C:\\con",
          "right\u202Eleft",
          "\u0000",
          "-rf",
          "<script>alert(1)</script>",
          "名前",
          "%00%0a",
          "a@b@c",
          "!!int 1");

  private static final List<String> PROJECT_KEYS =
      List.of(
          "name",
          "group",
          "title",
          "summary",
          "package",
          "version",
          "organisation",
          "licence",
          "year");
  private static final List<String> KEYS =
      List.of(
          "build",
          "language",
          "jvm",
          "jdk",
          "framework",
          "packaging",
          "sample",
          "layout",
          "edition");

  @TempDir Path temp;

  @Test
  void hostileTextsNeverGiveAFaultAnywhereInABrief(Running product) throws Exception {
    for (String text : HOSTILE) {
      for (String key : PROJECT_KEYS) {
        Map<String, Object> project = new HashMap<>(Map.of("name", "tide-board"));
        project.put(key, text);
        answered(product, Map.of("project", project, "starters", List.of("http-api")));
      }
      for (String key : KEYS) {
        answered(product, Map.of("project", Map.of("name", "tide-board"), key, text));
      }
      answered(product, Map.of("project", Map.of("name", "x"), "starters", List.of(text, text)));
      answered(product, Map.of("project", Map.of("name", "x"), "settings", Map.of("port", text)));
      answered(product, Map.of(text, text));
      int status =
          product
              .get("/api/v1/archives?pick=" + Product.encoded("name:" + text.strip()))
              .statusCode();
      assertThat(status).as(text).isIn(400, 422);
    }
  }

  @Test
  void whatTomcatRefusesIsAProblemToo(Running product) throws Exception {
    HttpResponse<byte[]> tooLong = product.get("/api/v1/archives?pick=name:" + "x".repeat(20_000));
    assertThat(tooLong.statusCode()).isEqualTo(400);
    assertThat(tooLong.headers().firstValue("Content-Type").orElse(""))
        .startsWith("application/problem+json");
    assertThat(Product.json(tooLong.body()).get("status").asInt()).isEqualTo(400);
  }

  private static void answered(Running product, Map<String, Object> brief) throws Exception {
    String body = Product.json(brief);
    HttpResponse<byte[]> check = product.post("/checks", "application/json", body);
    assertThat(check.statusCode()).as(body).isIn(200, 400);
    HttpResponse<byte[]> archive =
        product.post("/archives?format=tar.gz", "application/json", body);
    boolean fits =
        check.statusCode() == 200
            && Product.json(check.body()).get("verdict").asString().equals("fits");
    assertThat(archive.statusCode())
        .as(body)
        .isEqualTo(fits ? 200 : check.statusCode() == 400 ? 400 : 422);
    if (!fits && check.statusCode() == 200) {
      for (JsonNode finding : Product.json(check.body()).get("findings")) {
        assertThat(finding.get("because").asString()).isNotBlank().doesNotContain("\u202E", "\n");
      }
    }
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "check name=tide-board                        |  0 | Everything fits",
        "check name=Tide                              |  1 | tide",
        "check name=x +sql-orm                        |  1 | Add PostgreSQL",
        "outline name=x +sql-orm                      |  1 | do not fit",
        "take name=x +nothing --into there            |  1 | no starter called nothing",
        "take name=x                                  | 64 | --into DIR or --archive FILE",
        "take name=x --archive a.rar                  | 64 | .tar.gz",
        "fetch name=x                                 | 64 | vivid --help",
        "check name=x --nonsense                      | 64 | vivid check --help",
        "check nmae=x                                 | 65 | name",
        "check not-there.yaml                         | 65 | not-there.yaml",
        "check broken.yaml                            | 65 | cannot be read",
        "check typo.yaml                              | 65 | project",
        "check name=x --server http://127.0.0.1:9     | 69 | http://127.0.0.1:9",
        "check name=x --server nowhere                | 64 | http://127.0.0.1:7411",
        "take name=tide-board --into full             | 73 | README.md",
        "take name=tide-board --archive no/where.zip  | 73 | where.zip",
        "take name=tide-board --archive full/README.md.zip | 73 | already",
      })
  void theCommandLineSaysWhatWhereAndWhatToDo(String line, int code, String says, Running product)
      throws Exception {
    Files.writeString(temp.resolve("broken.yaml"), "project: {name: x");
    Files.writeString(temp.resolve("typo.yaml"), "projekt: {name: x}");
    Files.createDirectory(temp.resolve("full"));
    Files.writeString(temp.resolve("full/README.md"), "mine");
    Files.writeString(temp.resolve("full/README.md.zip"), "mine");

    Command.Result result = product.vivid(temp, line.strip().split(" +"));

    assertThat(result.code()).as(result.both()).isEqualTo(code);
    assertThat(result.both()).contains(says).doesNotContain("Exception", "\tat ");
    assertThat(temp.resolve("full/README.md")).hasContent("mine");
    assertThat(temp.resolve("full/pom.xml")).doesNotExist();
    assertThat(temp.resolve("there")).doesNotExist();
  }
}
