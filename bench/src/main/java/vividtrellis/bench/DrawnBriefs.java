package vividtrellis.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;
import vividtrellis.core.version.VersionedId;

/** Briefs drawn with a seed from what a catalog offers, as documents that any service reads. */
final class DrawnBriefs {

  private static final int MOST_STARTERS = 8;
  private static final List<String> TITLES =
      List.of("Tide Board", "Fähre & Co. <1>", "\"Ebb\" ${flow} */ --> ]]>", "- 潮: #1");

  private final Random random;
  private final JsonNode catalog;

  DrawnBriefs(long seed, JsonNode catalog) {
    this.random = new Random(seed);
    this.catalog = catalog;
  }

  String next() {
    ObjectNode brief = JsonNodeFactory.instance.objectNode();
    ObjectNode project = brief.putObject("project");
    project.put("name", one(List.of("tide-board", "order", "fare-ledger")));
    project.put("group", "saltmarsh.example");
    sometimes(3, project, "title", one(TITLES));
    sometimes(3, project, "summary", one(TITLES));
    sometimes(4, project, "licence", "MIT");
    brief.put("build", id("builds"));
    sometimes(2, brief, "language", versioned("languages"));
    sometimes(2, brief, "framework", versioned("frameworks"));
    sometimes(4, brief, "packaging", id("packagings"));
    sometimes(2, brief, "sample", id("samples"));
    sometimes(3, brief, "layout", id("layouts"));
    sometimes(4, brief, "alongside", id("languages"));
    sometimes(3, brief, "jvm", one(List.of("17", "21", "25")));
    if (random.nextInt(3) == 0) {
      brief.putObject("settings").put("format", "properties").put("port", "8085");
    }
    some(brief.putArray("starters"), "starters", random.nextInt(MOST_STARTERS + 1));
    some(brief.putArray("extras"), "extras", random.nextInt(5));
    return brief.toString();
  }

  private void sometimes(int of, ObjectNode node, String key, String value) {
    if (random.nextInt(of) == 0) {
      node.put(key, value);
    }
  }

  private String id(String list) {
    return one(catalog.path(list).valueStream().toList()).path("id").asString();
  }

  /** With one of its lines or versions, where it has any, in half of all cases. */
  private String versioned(String list) {
    JsonNode option = one(catalog.path(list).valueStream().toList());
    List<String> words = new ArrayList<>(List.of(option.path("id").asString()));
    for (String kind : List.of("lines", "versions")) {
      for (JsonNode each : option.path(kind)) {
        JsonNode word = each.isString() ? each : each.path("line");
        words.add(VersionedId.word(words.get(0), word.asString()));
      }
    }
    return random.nextBoolean() ? words.get(0) : one(words);
  }

  private void some(ArrayNode into, String list, int count) {
    List<String> chosen = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      String each = id(list);
      if (!chosen.contains(each)) {
        chosen.add(each);
        into.add(each);
      }
    }
  }

  private <T> T one(List<T> all) {
    return all.get(random.nextInt(all.size()));
  }
}
