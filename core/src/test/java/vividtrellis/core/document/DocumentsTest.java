package vividtrellis.core.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import vividtrellis.core.document.Documents.Notation;

class DocumentsTest {

  @Test
  void bothNotationsCarryTheSameTextsAndScalarsStayAsWritten() {
    Node yaml =
        Documents.read(
            "version: 1.10\nport: 010\nyes: no\nlist: [a, '1.0', null]\n", Notation.YAML);
    Node json =
        Documents.read(
            "{\"version\": 1.10, \"port\": \"010\", \"yes\": \"no\", \"list\": [\"a\", \"1.0\","
                + " null]}",
            Notation.JSON);

    String written = Documents.write(yaml, Notation.JSON);
    assertThat(written).isEqualTo(Documents.write(json, Notation.JSON));
    assertThat(written).contains("\"1.10\"", "\"010\"", "\"no\"");
    assertThat(Documents.read(Documents.write(yaml, Notation.YAML), Notation.YAML).toString())
        .contains("1.10", "010");
  }

  @Test
  void remembersWhereAValueStood() {
    Node.Fields fields = (Node.Fields) Documents.read("a: 1\nb:\n  - c\n", Notation.YAML);
    Node.Items items = (Node.Items) fields.get("b").orElseThrow();

    assertThat(items.values().get(0).at()).isEqualTo(new Position(3, 5));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "a: &x 1\nb: *x",
        "a: !!java.net.URL [x]",
        "a: 1\na: 2",
        "a: 1\n---\nb: 2",
        "a: [1, 2",
        "? [a, b]\n: c",
        "\tb: 1",
      })
  void refusesYamlThatMeansMoreThanItSays(String text) {
    assertThatThrownBy(() -> Documents.read(text, Notation.YAML))
        .isInstanceOf(UnreadableDocument.class);
  }

  @ParameterizedTest
  @ValueSource(strings = {"{\"a\":1,\"a\":2}", "{\"a\":", "{} {}", "{a: 1}", "[1,]"})
  void refusesJsonThatIsNone(String text) {
    assertThatThrownBy(() -> Documents.read(text, Notation.JSON))
        .isInstanceOf(UnreadableDocument.class);
  }

  @Test
  void isBoundedInSizeAndDepth() {
    String deep = "[".repeat(200) + "]".repeat(200);
    assertThatThrownBy(() -> Documents.read(deep, Notation.JSON)).hasMessageContaining("deeper");
    assertThatThrownBy(() -> Documents.read(deep, Notation.YAML)).hasMessageContaining("deeper");
    assertThatThrownBy(() -> Documents.read("x".repeat(Documents.LARGEST + 1), Notation.YAML))
        .hasMessageContaining("65537");
  }
}
