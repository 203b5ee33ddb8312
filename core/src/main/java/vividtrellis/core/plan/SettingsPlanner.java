package vividtrellis.core.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import vividtrellis.core.catalog.Settings;
import vividtrellis.core.catalog.Settings.Profile;
import vividtrellis.core.plan.Contributions.Contributed;
import vividtrellis.core.plan.ProjectPlan.Setting;
import vividtrellis.core.plan.ProjectPlan.SettingsFile;
import vividtrellis.core.template.Cause;
import vividtrellis.core.template.TemplateContext;
import vividtrellis.core.template.TemplateContext.Filled;

/** Gathers the settings, file by file, as the framework wants them. */
final class SettingsPlanner {

  private final Settings form;
  private final TemplateContext context;
  private final Map<String, SettingsFile> files = new LinkedHashMap<>();

  private SettingsPlanner(Settings form, TemplateContext context) {
    this.form = form;
    this.context = context;
  }

  static List<SettingsFile> plan(
      Contributions picked,
      Settings form,
      List<Contributed> contributions,
      TemplateContext context) {
    SettingsPlanner planner = new SettingsPlanner(form, context);
    for (Profile profile : form.profiles()) {
      String path = context.value(profile.path()).text();
      for (Contributed each : contributions) {
        Map<String, String> settings = each.what().settings().getOrDefault(profile.id(), Map.of());
        if (!settings.isEmpty()) {
          SettingsFile file = planner.file(picked.path(each.what(), path), profile);
          settings.forEach((key, value) -> planner.add(file, each.cause(), profile, key, value));
        }
      }
    }
    return List.copyOf(planner.files.values());
  }

  private SettingsFile file(String path, Profile profile) {
    return files.computeIfAbsent(
        path, at -> new SettingsFile(at, profile.purpose(), new ArrayList<>()));
  }

  private void add(SettingsFile file, Cause cause, Profile profile, String key, String value) {
    List<Setting> there = file.settings();
    Filled filled = context.value(value);
    if (filled.text().isEmpty() && !value.isEmpty()) {
      // Its word is filled with nothing: the framework's own value stays.
      return;
    }
    Setting setting = setting(profile, context.value(key), filled, cause);
    // Where two picks set one thing, the one that comes first wins.
    if (there.stream().noneMatch(s -> s.path().equals(setting.path()))) {
      there.add(setting);
    }
  }

  private Setting setting(Profile profile, Filled key, Filled value, Cause cause) {
    Cause all = key.cause().map(cause::and).orElse(cause);
    List<String> path = path(key.text());
    if (!profile.prefix().isEmpty()) {
      path.add(0, profile.prefix());
    }
    return new Setting(path, value.text(), value.cause().map(all::and).orElse(all));
  }

  /** A key with dots; what stands in brackets is one part, dots and all. */
  private List<String> path(String key) {
    List<String> path = new ArrayList<>();
    int at = 0;
    while (at < key.length()) {
      boolean bracket = key.charAt(at) == '[';
      int end = bracket ? key.indexOf(']', at) : key.indexOf('.', at);
      end = end < 0 ? key.length() : end;
      path.add(form.written(key.substring(bracket ? at + 1 : at, end)));
      at = bracket ? end + 2 : end + 1;
    }
    return path;
  }
}
