package vividtrellis.catalog;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import vividtrellis.core.catalog.Contribution;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.EntityWord;
import vividtrellis.core.catalog.ProjectWord;
import vividtrellis.core.catalog.Term.Variable;
import vividtrellis.core.document.Documents;
import vividtrellis.core.document.Escaping;
import vividtrellis.core.document.Node;

/**
 * The page of all words that data of an edition can hold is what the code says. After a change,
 * {@code mvn -pl core,catalog test -Dtest=CatalogWordsTest -Dvivid.write=yes} writes it anew.
 */
class CatalogWordsTest {

  private static final Path PAGE = Path.of("../docs/catalog-words.md");
  private static final Path SCHEMA =
      Path.of("src/main/resources/vividtrellis/catalog/edition.schema.json");

  /** In the schema, what data files consist of. */
  private static final List<String> KINDS =
      List.of(
          "about",
          "build",
          "language",
          "framework",
          "line",
          "choice",
          "starter",
          "binding",
          "artifact",
          "rule");

  @Test
  void thePageSaysWhatTheCodeSays() throws IOException {
    String page = page(ShippedEdition.load());
    if (System.getProperty("vivid.write") != null) {
      Files.writeString(PAGE, page);
    }

    assertThat(Files.readString(PAGE)).isEqualTo(page);
  }

  private static String page(Edition edition) throws IOException {
    StringBuilder page =
        new StringBuilder(
            """
            # Words of the catalog

            Written by a test from the code, the schema and the shipped edition; [how the catalog is
            written](catalog.md) says what they are for.
            """);
    keys(page);
    page.append("\n## What conditions look at\n\n").append(code(variables())).append(".\n");
    page.append("\n## Words that templates have without being given them\n\n");
    page.append("| word | stands for |\n|---|---|\n");
    for (ProjectWord word : ProjectWord.values()) {
      page.append("| `%s` | %s |\n".formatted(word.word(), word.meaning()));
    }
    page.append("\n## Words that templates of a sample have of its entity\n\n");
    page.append("| word | of | stands for |\n|---|---|---|\n");
    for (EntityWord word : EntityWord.values()) {
      String of = word.isOfField() ? "each field" : "the entity";
      page.append("| `%s` | %s | %s |\n".formatted(word.word(), of, word.meaning()));
    }
    page.append("\n## Words that bindings of the shipped edition give\n\n");
    page.append("| word | given by |\n|---|---|\n");
    given(edition)
        .forEach((word, by) -> page.append("| `%s` | %s |\n".formatted(word, code(by.stream()))));
    page.append("\n## Categories of starters\n\n| id | label |\n|---|---|\n");
    edition
        .categories()
        .forEach(each -> page.append("| `%s` | %s |\n".formatted(each.id(), each.label())));
    page.append("\n## Endings whose format is known\n\n");
    page.append(code(Escaping.endings().stream())).append(".\n");
    return page.toString();
  }

  private static void keys(StringBuilder page) throws IOException {
    Node schema =
        Documents.readTrusted(
            Files.readString(SCHEMA, StandardCharsets.UTF_8), Documents.Notation.JSON);
    page.append("\n## Keys\n\n| of | key | holds |\n|---|---|---|\n");
    for (String kind : KINDS) {
      below(schema, "$defs", kind, "properties")
          .values()
          .forEach(
              (key, of) ->
                  page.append(
                      "| %s | `%s` | %s |\n"
                          .formatted(
                              kind.equals("about") ? "every option" : kind,
                              key,
                              ((Node.Fields) of)
                                  .get("description")
                                  .map(text -> ((Node.Scalar) text).text())
                                  .orElse(""))));
    }
  }

  private static Node.Fields below(Node node, String... path) {
    Node at = node;
    for (String key : path) {
      at = ((Node.Fields) at).get(key).orElseThrow();
    }
    return (Node.Fields) at;
  }

  private static Stream<String> variables() {
    return Stream.concat(
        Stream.of(Variable.values()).map(Variable::word), Stream.of("trait", "standard"));
  }

  /** By word, the options whose bindings give it. */
  private static Map<String, Set<String>> given(Edition edition) {
    Map<String, Set<String>> given = new TreeMap<>();
    edition
        .options()
        .forEach(
            option ->
                option.bindings().stream()
                    .flatMap(CatalogWordsTest::words)
                    .forEach(
                        word ->
                            given.computeIfAbsent(word, any -> new TreeSet<>()).add(option.id())));
    return given;
  }

  private static Stream<String> words(Contribution binding) {
    return Stream.of(binding.variables(), binding.fieldWords())
        .flatMap(words -> words.keySet().stream());
  }

  private static String code(Stream<String> words) {
    return words.map(word -> "`" + word + "`").collect(Collectors.joining(", "));
  }
}
