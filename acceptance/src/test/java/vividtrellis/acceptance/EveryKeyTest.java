package vividtrellis.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import tools.jackson.databind.JsonNode;
import vividtrellis.acceptance.Product.Running;

/**
 * Every key that the published schema of the brief has can be set on every surface: one that joins
 * it and is forgotten on one of them fails here.
 */
@ExtendWith(Product.class)
class EveryKeyTest {

  /** Picks that go together, none of which is what would be filled in. */
  private static final Map<String, String> PICKS = picks();

  private static Map<String, String> picks() {
    Map<String, String> picks = new LinkedHashMap<>();
    picks.put("/project/name", "quay-board");
    picks.put("/project/group", "example.saltmarsh.quays");
    picks.put("/project/title", "Board at the Quay");
    picks.put("/project/summary", "Who lies where, & until when");
    picks.put("/project/package", "example.quays");
    picks.put("/project/entry", "Quays");
    picks.put("/project/database", "quays");
    picks.put("/project/version", "1.10");
    picks.put("/project/organisation", "Saltmarsh Ferries");
    picks.put("/project/licence", "MIT");
    picks.put("/project/year", "2025");
    picks.put("/build", "gradle-groovy@9.8.1");
    picks.put("/language", "kotlin@2.3.21");
    picks.put("/jvm", "21");
    picks.put("/jdk", "25");
    picks.put("/alongside", "java");
    picks.put("/framework", "spring-boot@4.1.1");
    picks.put("/packaging", "war");
    picks.put("/starters", "http-api");
    picks.put("/settings/port", "8085");
    picks.put("/settings/format", "properties");
    picks.put("/settings/mirror", "https://mirror.saltmarsh.example/maven");
    picks.put("/settings/threads", "platform");
    picks.put("/settings/managementPort", "8086");
    picks.put("/extras", "editor");
    picks.put("/sample", "none");
    picks.put("/entity", "Berth: label text..80 unique, state free|taken");
    picks.put("/layout", "by-layer");
    picks.put("/edition", "2026-11");
    picks.put("/variants", "{\"variant-1\":{\"sample\":\"endpoint\"}}");
    return picks;
  }

  @TempDir Path temp;

  @BeforeAll
  static void theSchemaHasNoOtherKeys(Running product) throws Exception {
    JsonNode brief =
        Product.json(product.get("/api/v1/brief-schema.json").body())
            .at("/components/schemas/Brief/properties");
    List<String> keys = new ArrayList<>();
    brief.forEachEntry(
        (key, value) -> {
          if (value.has("properties")) {
            value.get("properties").forEachEntry((inner, v) -> keys.add("/" + key + "/" + inner));
          } else if (!key.equals("brief")) {
            // What is left out is the form of the document, which has one value.
            keys.add("/" + key);
          }
        });
    assertThat(keys).containsExactlyInAnyOrderElementsOf(PICKS.keySet());
  }

  private static String word(String pointer) {
    return pointer.substring(pointer.lastIndexOf('/') + 1);
  }

  private static void holdsAll(JsonNode brief) {
    PICKS.forEach(
        (pointer, value) -> {
          if (pointer.equals("/variants")) {
            assertThat(brief.at("/variants/variant-1/sample").asString()).isEqualTo("endpoint");
          } else if (pointer.equals("/entity")) {
            assertThat(brief.at("/entity/name").asString()).isEqualTo("Berth");
            assertThat(brief.at("/entity/holds/state").asString()).isEqualTo("free|taken");
          } else {
            JsonNode held = brief.at(pointer);
            assertThat((held.isArray() ? held.get(0) : held).asString())
                .as(pointer)
                .isEqualTo(value);
          }
        });
  }

  @Test
  void onTheCommandLine(Running product) throws Exception {
    List<String> words = new ArrayList<>(List.of("brief", "--json"));
    PICKS.forEach((pointer, value) -> words.add(word(pointer) + "=" + value));

    Command.Result brief = product.vivid(temp, words.toArray(String[]::new));
    assertThat(brief.code()).as(brief.err()).isZero();
    holdsAll(Product.json(brief.bytes()));
    words.set(0, "check");
    Command.Result check = product.vivid(temp, words.toArray(String[]::new));
    assertThat(check.code()).as(check.out()).isZero();
    words.add("--variant");
    words.add("variant-1");
    words.remove("sample=none");
    words.set(0, "brief");
    Command.Result variant = product.vivid(temp, words.toArray(String[]::new));
    assertThat(Product.json(variant.bytes()).at("/sample").asString()).isEqualTo("endpoint");
  }

  @Test
  void overHttpWithoutADocument(Running product) throws Exception {
    StringBuilder query = new StringBuilder("/api/v1/archives?format=zip");
    PICKS.forEach(
        (pointer, value) -> {
          String key = word(pointer).replaceFirst("^(starter|extra)s$", "$1");
          query.append("&pick=").append(Product.encoded(key + ":" + value));
        });
    var answer = product.get(query.toString());

    assertThat(answer.statusCode()).isEqualTo(200);
    try (var zip = new ZipInputStream(new ByteArrayInputStream(answer.body()))) {
      for (ZipEntry each = zip.getNextEntry(); each != null; each = zip.getNextEntry()) {
        if (each.getName().endsWith(".vivid/receipt.json")) {
          holdsAll(Product.json(zip.readAllBytes()).get("brief"));
          return;
        }
      }
    }
    throw new AssertionError("no receipt");
  }

  @Test
  void inTheConsoleEachAsAWordThatOpensInPlace(Running product) throws Exception {
    try (Browser page = new Browser(product.base() + "/#pick=name:tide-board", 1280)) {
      for (Map.Entry<String, String> pick : PICKS.entrySet()) {
        switch (pick.getKey()) {
          case "/starters", "/extras" -> {
            page.find("#also").click();
            page.find("[data-option='" + pick.getValue() + "']").click();
          }
          case "/variants" -> {
            page.find("[data-part=add-variant]").click();
            set(page, "/sample", "endpoint");
            page.find("[data-variant='']").click();
          }
          default -> set(page, pick.getKey(), pick.getValue());
        }
        String key = word(pick.getKey()).replaceFirst("^(starter|extra)s$", "$1");
        String held = Product.encoded(key + ":" + pick.getValue()).replace("+", "%20");
        page.await(
            pick.getKey(),
            () ->
                page.address()
                    .contains(
                        "pick="
                            + held.replace("%3A", ":").replace("%40", "@").replace("%2F", "/")));
      }
      page.await("it fits", () -> page.text("[data-part=verdict]").contains("Everything fits."));
      page.find("[data-back='/settings/port']").click();
      page.await("filled in", () -> page.text("[data-pick='/settings/port']").equals("8080"));
      page.find("[data-part=take]").click();
      page.await("all of it", () -> page.text("[role=dialog]").contains("--all --into"));
      List<String> words = new ArrayList<>(List.of("link", "--json"));
      PICKS.forEach((pointer, value) -> words.add(word(pointer) + "=" + value));
      words.remove("port=8085");
      Command.Result link = product.vivid(temp, words.toArray(String[]::new));
      assertThat(page.text("[role=dialog]"))
          .contains(Product.json(link.bytes()).get("curl").asString());
      assertThat(page.hurdles()).isEmpty();
      assertThat(page.complaints()).isEmpty();
    }
  }

  /** Opens a word and picks the choice, or fills the field. */
  private static void set(Browser page, String pointer, String value) {
    String place = pointer.equals("/project/name") ? "" : "[data-part=values] ";
    page.find(place + "[data-pick='" + pointer + "']").click();
    String field = "[id='field" + pointer + "']";
    String choice = "[data-choice='" + value + "']";
    page.await("it opens", () -> page.count(field) + page.count(choice) > 0);
    if (page.count(choice) > 0) {
      page.find(choice).click();
    } else {
      WebElement input = page.find(field);
      input.sendKeys(Keys.chord(Keys.CONTROL, "a"), value, Keys.ENTER);
    }
  }
}
