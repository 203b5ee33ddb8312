package vividtrellis.service.http;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.time.Clock;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.setup.MockMvcBuilders;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import vividtrellis.service.ProjectService;
import vividtrellis.service.TestProjectService;
import vividtrellis.service.records.RecordKeeper;

/**
 * Every way out that is offered is a JSON Patch which, applied to the brief as sent, really helps.
 */
class WaysOutTest {

  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final List<String> STARTERS =
      List.of(
          "http-api",
          "validation",
          "sql-orm",
          "postgresql",
          "h2",
          "migrations-flyway",
          "health-metrics",
          "http-apy",
          "kafka");

  private final ProjectService projects = TestProjectService.at(Clock.systemUTC());
  private final MockMvc mvc =
      MockMvcBuilders.standaloneSetup(Controllers.projects(projects, mock(RecordKeeper.class)))
          .setControllerAdvice(new Problems())
          .build();

  private JsonNode check(JsonNode brief) throws Exception {
    byte[] answer =
        mvc.perform(
                post("/api/v1/checks")
                    .contentType("application/json")
                    .content(JSON.writeValueAsBytes(brief)))
            .andReturn()
            .getResponse()
            .getContentAsByteArray();
    return JSON.readTree(answer);
  }

  @Test
  void everyPatchLeavesNoBlocker() throws Exception {
    Random random = new Random(20261123);
    int tried = 0;
    for (int i = 0; i < 150; i++) {
      ObjectNode brief = brief(random);
      JsonNode answer = check(brief);
      boolean blocked = answer.get("verdict").asString().equals("blocked");
      for (JsonNode finding : answer.get("findings")) {
        if (finding.get("severity").asString().equals("blocker")) {
          assertThat(finding.get("remedies").size()).as(brief.toString()).isPositive();
        } else if (blocked) {
          assertThat(finding.get("remedies").size()).isZero();
        }
        for (JsonNode remedy : finding.get("remedies")) {
          ObjectNode changed = brief.deepCopy();
          remedy.get("patch").forEach(operation -> apply(changed, operation));
          assertThat(check(changed).get("verdict").asString())
              .as(brief + " with " + remedy.get("patch") + " becomes " + changed)
              .isEqualTo("fits");
          tried++;
        }
      }
    }
    assertThat(tried).isGreaterThan(300);
  }

  private static ObjectNode brief(Random random) {
    ObjectNode brief = JSON.createObjectNode();
    ObjectNode project = JSON.createObjectNode();
    if (random.nextInt(8) > 0) {
      project.put("name", random.nextInt(4) > 0 ? "tide-board" : "Tide Board!");
      brief.set("project", project);
    }
    if (random.nextInt(3) == 0) {
      project.put("group", random.nextBoolean() ? "saltmarsh.example" : "Salt Marsh");
    }
    pick(random, brief, "framework", "spring-boot", "spring-boot@4.0", "spring-boot@2.7", "spring");
    pick(random, brief, "language", "java@17", "java@25", "java@11", "jawa");
    pick(random, brief, "jvm", "17", "21", "12");
    pick(random, brief, "jdk", "17", "25", "8");
    pick(random, brief, "sample", "none", "endpoint", "walkthrough");
    pick(random, brief, "packaging", "jar", "war");
    if (random.nextInt(3) == 0) {
      brief.set("settings", JSON.createObjectNode().put("port", random.nextInt(100_000)));
    }
    if (random.nextInt(5) > 0) {
      ArrayNode starters = brief.putArray("starters");
      for (int i = random.nextInt(5); i > 0; i--) {
        starters.add(STARTERS.get(random.nextInt(STARTERS.size())));
      }
    }
    return brief;
  }

  private static void pick(Random random, ObjectNode brief, String key, String... values) {
    if (random.nextInt(3) == 0) {
      brief.put(key, values[random.nextInt(values.length)]);
    }
  }

  /** RFC 6902, as far as remedies go: strict about what must be there. */
  private static void apply(ObjectNode brief, JsonNode operation) {
    String path = operation.get("path").asString();
    String last = path.substring(path.lastIndexOf('/') + 1);
    JsonNode parent = brief.at(path.substring(0, path.lastIndexOf('/')));
    String op = operation.get("op").asString();
    JsonNode value = operation.get("value");
    if (parent instanceof ArrayNode list) {
      if (last.equals("-")) {
        assertThat(op).isEqualTo("add");
        list.add(value);
        return;
      }
      int at = Integer.parseInt(last);
      assertThat(at).isBetween(0, list.size() - 1);
      switch (op) {
        case "remove" -> list.remove(at);
        case "replace" -> list.set(at, value);
        default -> list.insert(at, value);
      }
      return;
    }
    assertThat(parent.isObject()).as(path + " stands in an object").isTrue();
    ObjectNode fields = (ObjectNode) parent;
    if (!op.equals("add")) {
      assertThat(fields.has(last)).as(op + " " + path).isTrue();
    }
    if (op.equals("remove")) {
      fields.remove(last);
    } else {
      fields.set(last, value);
    }
  }
}
