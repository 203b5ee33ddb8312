package vividtrellis.core.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import vividtrellis.core.plan.Contributions.Contributed;
import vividtrellis.core.plan.ProjectPlan.Setting;
import vividtrellis.core.plan.TemplateContext.Filled;

/** Gathers the settings, profile by profile. */
final class SettingsPlanner {

  private static final List<String> PROFILES = List.of("shared", "local", "test", "production");

  private SettingsPlanner() {}

  static Map<String, List<Setting>> plan(List<Contributed> contributions, TemplateContext context) {
    Map<String, List<Setting>> settings = new LinkedHashMap<>();
    for (String profile : PROFILES) {
      List<Setting> all = new ArrayList<>();
      for (Contributed each : contributions) {
        each.what()
            .settings()
            .getOrDefault(profile, Map.of())
            .forEach(
                (key, value) -> {
                  Setting setting = setting(context.value(key), context.value(value), each.cause());
                  // Where two picks set one thing, the one that comes first wins.
                  if (all.stream().noneMatch(s -> s.path().equals(setting.path()))) {
                    all.add(setting);
                  }
                });
      }
      if (!all.isEmpty()) {
        settings.put(profile, all);
      }
    }
    return settings;
  }

  private static Setting setting(Filled key, Filled value, Cause cause) {
    Cause all = key.cause().map(cause::and).orElse(cause);
    return new Setting(path(key.text()), value.text(), value.cause().map(all::and).orElse(all));
  }

  /** A key with dots; what stands in brackets is one part, dots and all. */
  private static List<String> path(String key) {
    List<String> path = new ArrayList<>();
    int at = 0;
    while (at < key.length()) {
      boolean bracket = key.charAt(at) == '[';
      int end = bracket ? key.indexOf(']', at) : key.indexOf('.', at);
      end = end < 0 ? key.length() : end;
      path.add(key.substring(bracket ? at + 1 : at, end));
      at = bracket ? end + 2 : end + 1;
    }
    return path;
  }
}
