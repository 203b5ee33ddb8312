package vividtrellis.bench;

import java.util.List;
import vividtrellis.catalog.ShippedEdition;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.EditionLoader;

/**
 * The shipped edition without the files of all frameworks but the first and the one that is none:
 * what the others cost those who do not pick them.
 */
final class Narrow {

  private static final List<String> OTHERS = List.of("micronaut", "quarkus", "javafx");

  private static final String WORDS_BEFORE = "          addressKey: url\n";

  private static final String ONLY_OTHERS = "\"any-of framework:micronaut, framework:quarkus\"";

  private Narrow() {}

  static Edition edition() {
    return EditionLoader.load(name -> ShippedEdition.file(name).map(Narrow::without));
  }

  private static String without(String text) {
    // Shared templates ask for words that only the others give; nothing is written here.
    String left =
        text.replace(
            WORDS_BEFORE,
            WORDS_BEFORE
                + """
                          openFields: ""
                          tablesOfClasses: ""
                          byHand: ""
                """);
    // What is only for them is for nobody.
    left = left.replace(ONLY_OTHERS, "\"framework:none\"").replace(", \"no trait:gui\"", "");
    for (String other : OTHERS) {
      left =
          left.replaceAll("  - " + other + "[a-z-]*\\.yaml\n", "")
              .replace(", \"framework:" + other + "\"", "")
              .replace(", framework:" + other, "")
              .replace("\"no framework:" + other + "\"", "\"framework:spring-boot\"");
    }
    return left;
  }
}
