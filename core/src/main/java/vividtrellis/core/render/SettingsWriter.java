package vividtrellis.core.render;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import vividtrellis.core.plan.Cause;
import vividtrellis.core.plan.ProjectPlan.Setting;

/**
 * Writes settings as a YAML tree or as properties; order is that of the first cause of a branch.
 */
final class SettingsWriter {

  private static final Pattern PLAIN = Pattern.compile("[A-Za-z0-9$/][A-Za-z0-9${}_./:;=,*?-]*");

  private SettingsWriter() {}

  static TracedText write(List<Setting> settings, String format) {
    TracedText out = new TracedText();
    if (format.equals("properties")) {
      settings.forEach(each -> out.line(property(each), each.cause()));
    } else {
      branch(out, tree(settings), 0);
    }
    return out;
  }

  private static String property(Setting setting) {
    String key = String.join(".", setting.path());
    String value =
        setting
            .value()
            .replace("\\", "\\\\")
            .replace("\n", "\\n")
            .replace("\r", "\\r")
            .replaceFirst("^ ", "\\\\ ");
    return key.replaceAll("([:=\\s\\\\])", "\\\\$1") + "=" + value;
  }

  private static Map<String, Object> tree(List<Setting> settings) {
    Map<String, Object> tree = new LinkedHashMap<>();
    for (Setting setting : settings) {
      Map<String, Object> at = tree;
      for (String part : setting.path().subList(0, setting.path().size() - 1)) {
        at = nested(at, part);
      }
      at.put(setting.path().get(setting.path().size() - 1), setting);
    }
    return tree;
  }

  @SuppressWarnings("unchecked")
  private static Map<String, Object> nested(Map<String, Object> at, String part) {
    return (Map<String, Object>) at.computeIfAbsent(part, p -> new LinkedHashMap<String, Object>());
  }

  @SuppressWarnings("unchecked")
  private static void branch(TracedText out, Map<String, Object> tree, int depth) {
    tree.forEach(
        (key, value) -> {
          String start = "  ".repeat(depth) + scalar(key) + ":";
          if (value instanceof Setting setting) {
            out.line(start + " " + scalar(setting.value()), setting.cause());
          } else {
            Map<String, Object> nested = (Map<String, Object>) value;
            out.line(start, first(nested));
            branch(out, nested, depth + 1);
          }
        });
  }

  @SuppressWarnings("unchecked")
  private static Cause first(Map<String, Object> tree) {
    Object value = tree.values().iterator().next();
    return value instanceof Setting setting ? setting.cause() : first((Map<String, Object>) value);
  }

  private static String scalar(String text) {
    if (PLAIN.matcher(text).matches() && !text.endsWith(":")) {
      return text;
    }
    StringBuilder quoted = new StringBuilder("\"");
    text.codePoints()
        .forEach(
            c -> {
              switch (c) {
                case '"' -> quoted.append("\\\"");
                case '\\' -> quoted.append("\\\\");
                case '\n' -> quoted.append("\\n");
                case '\r' -> quoted.append("\\r");
                default -> quoted.appendCodePoint(c);
              }
            });
    return quoted.append('"').toString();
  }
}
