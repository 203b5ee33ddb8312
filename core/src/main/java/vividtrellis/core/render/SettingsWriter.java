package vividtrellis.core.render;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import vividtrellis.core.document.Escaping;
import vividtrellis.core.plan.ProjectPlan.Setting;
import vividtrellis.core.tree.TracedPart;
import vividtrellis.core.tree.TracedPart.Branch;
import vividtrellis.core.tree.TracedPart.Leaf;

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
    String key = Escaping.PROPERTIES.escape(String.join(".", setting.path()));
    String value = Escaping.PROPERTIES.escape(setting.value()).replaceFirst("^ ", "\\\\ ");
    return key.replaceAll("([:=\\s])", "\\\\$1") + "=" + value;
  }

  /** Settings whose paths agree up to a depth, as a tree from there on. */
  private static List<TracedPart> tree(List<Setting> settings, int depth) {
    Map<String, List<Setting>> byName = new LinkedHashMap<>();
    settings.forEach(
        each -> byName.computeIfAbsent(each.path().get(depth), key -> new ArrayList<>()).add(each));
    List<TracedPart> parts = new ArrayList<>();
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
