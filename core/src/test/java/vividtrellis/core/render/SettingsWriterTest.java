package vividtrellis.core.render;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Properties;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import vividtrellis.core.document.Documents;
import vividtrellis.core.document.Documents.Notation;
import vividtrellis.core.document.Node;
import vividtrellis.core.plan.ProjectPlan.Setting;
import vividtrellis.core.template.Cause;

class SettingsWriterTest {

  @ParameterizedTest
  @ValueSource(
      strings = {
        "plain",
        "8080",
        "jdbc:h2:mem:x;MODE=PostgreSQL",
        "${DATABASE_URL}",
        "",
        " leading",
        "a: b # c",
        "\"quoted\" \\ back",
        "two\nlines: yes",
        "- item",
        "*alias",
        "ends:",
        "Fähre 名 😀",
      })
  void aValueComesBackAsItWas(String value) throws IOException {
    Setting setting = new Setting(List.of("spring", "a.b", "key"), value, Cause.own("test"));

    String yaml = SettingsWriter.write(List.of(setting), "yaml").text();
    Node.Fields spring = (Node.Fields) at(Documents.readTrusted(yaml, Notation.YAML), "spring");
    assertThat(((Node.Scalar) at(at(spring, "a.b"), "key")).text()).isEqualTo(value);

    Properties properties = new Properties();
    String text = SettingsWriter.write(List.of(setting), "properties").text();
    // As frameworks read it: byte by byte, in Latin letters.
    properties.load(new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)));
    assertThat(properties).containsOnlyKeys("spring.a.b.key").containsValue(value);
  }

  private static Node at(Node node, String key) {
    return ((Node.Fields) node).get(key).orElseThrow();
  }
}
