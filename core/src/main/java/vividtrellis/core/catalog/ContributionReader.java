package vividtrellis.core.catalog;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.catalog.Contribution.Artifact;
import vividtrellis.core.catalog.Contribution.FilePart;
import vividtrellis.core.catalog.Contribution.Plugin;
import vividtrellis.core.catalog.Contribution.Scope;
import vividtrellis.core.document.Node;

/** Reads one entry of {@code bindings}. */
final class ContributionReader {

  /** Where an artifact stands among others if it does not say. */
  private static final int MIDDLE = 500;

  private final ConditionReader conditions;

  ContributionReader(ConditionReader conditions) {
    this.conditions = conditions;
  }

  /** The binding, once for each of the alternatives under which it holds; at most one does. */
  List<Contribution> read(Section section) {
    Artifact parent =
        section.sections("parent", this::artifacts).stream()
            .flatMap(List::stream)
            .findFirst()
            .orElse(null);
    Contribution always =
        new Contribution(
            List.of(),
            section.optional("module"),
            "yes".equals(section.optional("addition")),
            section.optional("documentation"),
            parent,
            section.texts("properties"),
            flat(section.sections("boms", this::artifacts)),
            flat(section.sections("artifacts", this::artifacts)),
            without(section),
            section.texts("sources"),
            section.sections("plugins", ContributionReader::plugin),
            flat(section.sections("fetches", this::artifacts)),
            section.sections("script", ContributionReader::script),
            configurations(section),
            settings(section),
            section.mapping("services"),
            flat(section.sections("files", this::files)),
            section.texts("variables"),
            section.texts("field-words"));
    return conditions.apart(section, "when").stream().map(always::when).toList();
  }

  private static <T> List<T> flat(List<List<T>> lists) {
    return lists.stream().flatMap(List::stream).toList();
  }

  private static Map<String, List<String>> without(Section section) {
    Map<String, List<String>> without = new LinkedHashMap<>();
    section.sections(
        "without",
        each ->
            without.put(
                String.join(":", coordinates(each, "artifact")),
                each.parsed("from", Function.identity())));
    return without;
  }

  private List<Artifact> artifacts(Section section) {
    String[] coordinates = coordinates(section, "artifact");
    String version = section.optional("version");
    String classifier = section.optional("classifier");
    String type = section.optional("type");
    boolean together = section.has("companion");
    String companion = together ? String.join(":", coordinates(section, "companion")) : null;
    Scope scope = scope(section, section.optional("scope"));
    int place = place(section, MIDDLE);
    return conditions.apart(section, "when").stream()
        .map(
            when ->
                new Artifact(
                    coordinates[0],
                    coordinates[1],
                    version,
                    classifier,
                    type,
                    companion,
                    scope,
                    place,
                    when))
        .toList();
  }

  private static Plugin plugin(Section section) {
    return new Plugin(
        String.join(":", coordinates(section, "plugin")),
        section.optional("version"),
        null,
        section.optional("with-file"),
        section.mapping("body"),
        section.optional("because"));
  }

  private static Plugin script(Section section) {
    String id = section.optional("plugin");
    return new Plugin(
        id == null ? "" : id,
        section.optional("version"),
        section.optional("alias"),
        null,
        section.mapping("body"),
        section.optional("because"));
  }

  private List<FilePart> files(Section section) {
    String mode = section.optional("mode");
    String role = section.optional("role");
    if (role != null && !List.of("yours", "rarely", "ours").contains(role)) {
      section.fault(section.at("role"), "'role' is yours, rarely or ours");
    }
    String path = section.text("path");
    String template = section.text("template");
    String purpose = section.optional("purpose");
    boolean verbatim = "yes".equals(section.optional("verbatim"));
    String format = section.optional("format");
    int place = place(section, 0);
    String traced = section.optional("traced-to");
    return conditions.apart(section, "when").stream()
        .map(
            when ->
                new FilePart(
                    path,
                    template,
                    mode == null ? "644" : mode,
                    role,
                    purpose,
                    when,
                    verbatim,
                    format,
                    place,
                    traced))
        .toList();
  }

  private static int place(Section section, int usual) {
    String place = section.optional("place");
    if (place != null && !place.matches("[0-9]{1,3}")) {
      section.fault(section.at("place"), "'place' is a number from 0 to 999");
      return 0;
    }
    return place == null ? usual : Integer.parseInt(place);
  }

  private static Map<String, Map<String, String>> settings(Section section) {
    Map<String, Map<String, String>> settings = new LinkedHashMap<>();
    Node.Fields profiles = section.mapping("settings");
    profiles
        .values()
        .forEach(
            (profile, node) -> {
              if (node instanceof Node.Fields values) {
                settings.put(profile, section.texts("settings." + profile, values));
              } else {
                section.fault(node.at(), "a profile of settings must be a mapping");
              }
            });
    return settings;
  }

  private static Scope scope(Section section, @Nullable String scope) {
    for (Scope each : Scope.values()) {
      if (scope == null || each.word().equals(scope)) {
        return each;
      }
    }
    section.fault(
        section.at("scope"),
        "'scope' is one of " + Arrays.stream(Scope.values()).map(Scope::word).toList());
    return Scope.COMPILE;
  }

  /** What a script of a build calls a scope, where its own plugins have a name for it. */
  private static Map<Scope, String> configurations(Section section) {
    Map<Scope, String> names = new EnumMap<>(Scope.class);
    section
        .texts("configurations")
        .forEach((scope, name) -> names.put(scope(section, scope), name));
    return names;
  }

  private static String[] coordinates(Section section, String key) {
    String[] parts = section.text(key).split(":", -1);
    if (parts.length != 2 || parts[0].isEmpty() || parts[1].isEmpty()) {
      section.fault(section.at(key), "'" + key + "' must be group:artifact");
      return new String[] {"", ""};
    }
    return parts;
  }
}
