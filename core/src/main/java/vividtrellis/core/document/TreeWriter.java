package vividtrellis.core.document;

import java.io.StringWriter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.snakeyaml.engine.v2.api.Dump;
import org.snakeyaml.engine.v2.api.DumpSettings;
import org.snakeyaml.engine.v2.common.FlowStyle;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.ObjectWriteContext;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.core.util.DefaultPrettyPrinter;

/**
 * Tree to text. Values under {@link #WHOLE_NUMBERS} that are whole numbers are written as such;
 * everything else is a text, so a version like {@code 1.10} keeps its last digit in every reader.
 */
final class TreeWriter {

  /** Keys whose values the readers of a brief expect to be numbers. */
  static final Set<String> WHOLE_NUMBERS =
      Set.of("brief", "jvm", "jdk", "year", "port", "managementPort", "receipt", "from", "to");

  private static final Pattern WHOLE_NUMBER = Pattern.compile("0|[1-9][0-9]{0,8}");

  private static final JsonFactory FACTORY = new JsonFactory();

  private TreeWriter() {}

  static String json(Node node) {
    StringWriter out = new StringWriter();
    try (JsonGenerator generator =
        FACTORY.createGenerator(
            new ObjectWriteContext.Base() {
              @Override
              public tools.jackson.core.PrettyPrinter getPrettyPrinter() {
                return new DefaultPrettyPrinter();
              }

              @Override
              public boolean hasPrettyPrinter() {
                return true;
              }
            },
            out)) {
      write(generator, "", node);
    }
    return out.append('\n').toString();
  }

  static String yaml(Node node) {
    DumpSettings settings =
        DumpSettings.builder()
            .setDefaultFlowStyle(FlowStyle.BLOCK)
            .setIndicatorIndent(2)
            .setIndentWithIndicator(true)
            .setWidth(4096)
            .build();
    return new Dump(settings).dumpToString(plain("", node));
  }

  private static void write(JsonGenerator out, String key, Node node) {
    if (node instanceof Node.Fields fields) {
      out.writeStartObject();
      fields
          .values()
          .forEach(
              (name, value) -> {
                out.writeName(name);
                write(out, name, value);
              });
      out.writeEndObject();
    } else if (node instanceof Node.Items items) {
      out.writeStartArray();
      items.values().forEach(value -> write(out, key, value));
      out.writeEndArray();
    } else if (plain(key, node) instanceof Integer number) {
      out.writeNumber(number);
    } else {
      out.writeString(((Node.Scalar) node).text());
    }
  }

  static @Nullable Object plain(String key, Node node) {
    if (node instanceof Node.Fields fields) {
      Map<String, @Nullable Object> values = new LinkedHashMap<>();
      fields.values().forEach((name, value) -> values.put(name, plain(name, value)));
      return values;
    }
    if (node instanceof Node.Items items) {
      List<@Nullable Object> values = new ArrayList<>();
      items.values().forEach(value -> values.add(plain(key, value)));
      return values;
    }
    String text = ((Node.Scalar) node).text();
    boolean number =
        text != null && WHOLE_NUMBERS.contains(key) && WHOLE_NUMBER.matcher(text).matches();
    return number ? (Object) Integer.valueOf(text) : text;
  }
}
