package vividtrellis.core.render;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import vividtrellis.core.plan.BuildModel;
import vividtrellis.core.plan.BuildModel.Dependency;
import vividtrellis.core.plan.BuildModel.Plugin;
import vividtrellis.core.template.Cause;

/**
 * The versions that a Gradle build names, each once, and the names under which scripts use them.
 */
final class VersionCatalog {

  private static final Cause FORM = Cause.own("What every list of versions has");

  /** A plugin or library with a version of its own. */
  private record Entry(String alias, String id, String version, boolean plugin, Cause cause) {
    /** Whose it is: entries of one maker and one version share it. */
    String family() {
      String[] parts = id.replaceFirst(":.*", "").split("\\.", -1);
      String maker = String.join(".", Arrays.asList(parts).subList(0, Math.min(3, parts.length)));
      return maker + "@" + version;
    }
  }

  private final List<Entry> entries = new ArrayList<>();
  private final Map<String, String> keys = new LinkedHashMap<>();

  /** What all builds of a project name. */
  VersionCatalog(List<BuildModel> builds) {
    builds.forEach(build -> build.plugins().forEach(this::plugin));
    builds.forEach(build -> build.boms().forEach(this::library));
    builds.forEach(build -> build.dependencies().forEach(this::library));
    Map<String, List<String>> aliases = new LinkedHashMap<>();
    entries.forEach(
        each -> aliases.computeIfAbsent(each.family(), key -> new ArrayList<>()).add(each.alias()));
    aliases.forEach((family, names) -> keys.put(family, common(names)));
  }

  private void plugin(Plugin plugin) {
    if (plugin.version() != null
        && entries.stream().noneMatch(each -> each.id().equals(plugin.id()))) {
      String alias = plugin.alias() == null ? plugin.id() : String.valueOf(plugin.alias());
      entries.add(
          new Entry(alias, plugin.id(), String.valueOf(plugin.version()), true, plugin.cause()));
    }
  }

  private void library(Dependency library) {
    // One artifact may be there for several jobs, or with several files.
    library
        .version()
        .filter(any -> entries.stream().noneMatch(each -> each.id().equals(library.key())))
        .ifPresent(
            version ->
                entries.add(
                    new Entry(library.artifact(), library.key(), version, false, library.cause())));
  }

  /** What several names begin with, in whole words; the first of them if that is nothing. */
  private static String common(List<String> names) {
    List<String> words = Arrays.asList(names.get(0).split("-", -1));
    for (int length = words.size(); length > 0; length--) {
      String start = String.join("-", words.subList(0, length));
      if (names.stream().allMatch(name -> name.equals(start) || name.startsWith(start + "-"))) {
        return start;
      }
    }
    return names.get(0);
  }

  /** The expression by which a script uses a library. */
  String library(String artifact) {
    return "libs." + artifact.replace('-', '.').replace('_', '.');
  }

  /** The expression by which a script uses a plugin. */
  String plugin(String alias) {
    return "libs.plugins." + alias.replace('-', '.');
  }

  TracedText text() {
    TracedText out = new TracedText();
    out.line("[versions]", FORM);
    keys.forEach(
        (family, key) -> {
          List<Entry> of = entries.stream().filter(e -> e.family().equals(family)).toList();
          out.line(key + " = \"" + of.get(0).version() + "\"", of.get(0).cause());
        });
    List<Entry> libraries = entries.stream().filter(each -> !each.plugin()).toList();
    if (!libraries.isEmpty()) {
      out.line("", FORM);
      out.line("[libraries]", FORM);
      libraries.forEach(each -> out.line(line(each, "module"), each.cause()));
    }
    List<Entry> plugins = entries.stream().filter(Entry::plugin).toList();
    if (!plugins.isEmpty()) {
      out.line("", FORM);
      out.line("[plugins]", FORM);
      plugins.forEach(each -> out.line(line(each, "id"), each.cause()));
    }
    return out;
  }

  private String line(Entry entry, String kind) {
    return "%s = { %s = \"%s\", version.ref = \"%s\" }"
        .formatted(entry.alias(), kind, entry.id(), keys.get(entry.family()));
  }
}
