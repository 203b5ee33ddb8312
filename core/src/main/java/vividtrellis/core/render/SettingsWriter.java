package vividtrellis.core.render;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import vividtrellis.core.plan.BuildPart;
import vividtrellis.core.plan.BuildPart.Branch;
import vividtrellis.core.plan.BuildPart.Leaf;
import vividtrellis.core.plan.ProjectPlan.Setting;

/**
 * Writes settings as a YAML tree or as properties; order is that of the first cause of a branch.
 */
final class SettingsWriter {

  private SettingsWriter() {}

  static TracedText write(List<Setting> settings, String format) {
    if (!format.equals("properties")) {
      return YamlWriter.write(tree(settings, 0));
    }
    TracedText out = new TracedText();
    settings.forEach(each -> out.line(property(each), each.cause()));
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
    return ascii(key.replaceAll("([:=\\s\\\\])", "\\\\$1") + "=" + value);
  }

  /** Properties are read as Latin letters, byte by byte; all others are written by their number. */
  private static String ascii(String text) {
    StringBuilder ascii = new StringBuilder(text.length());
    text.chars()
        .forEach(
            c -> {
              if (c < 0x7F) {
                ascii.append((char) c);
              } else {
                ascii.append("\\u%04x".formatted(c));
              }
            });
    return ascii.toString();
  }

  /** Settings whose paths agree up to a depth, as a tree from there on. */
  private static List<BuildPart> tree(List<Setting> settings, int depth) {
    Map<String, List<Setting>> byName = new LinkedHashMap<>();
    settings.forEach(
        each -> byName.computeIfAbsent(each.path().get(depth), key -> new ArrayList<>()).add(each));
    List<BuildPart> parts = new ArrayList<>();
    byName.forEach(
        (name, below) -> {
          Setting first = below.get(0);
          if (first.path().size() == depth + 1) {
            parts.add(new Leaf(name, first.value(), first.cause()));
          } else {
            parts.add(new Branch(name, false, tree(below, depth + 1), first.cause()));
          }
        });
    return parts;
  }
}
