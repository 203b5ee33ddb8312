package vividtrellis.core.catalog;

import java.util.Arrays;
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

  private ContributionReader() {}

  static Contribution contribution(Section section) {
    Artifact parent =
        section.sections("parent", ContributionReader::artifact).stream().findFirst().orElse(null);
    return new Contribution(
        section.parsed("when", Term::parse),
        parent,
        section.texts("properties"),
        section.sections("boms", ContributionReader::artifact),
        section.sections("artifacts", ContributionReader::artifact),
        without(section),
        section.texts("sources"),
        section.sections("plugins", ContributionReader::plugin),
        section.sections("fetches", ContributionReader::artifact),
        section.sections("script", ContributionReader::script),
        settings(section),
        section.mapping("services"),
        section.sections("files", ContributionReader::file),
        section.texts("variables"));
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

  private static Artifact artifact(Section section) {
    String[] coordinates = coordinates(section, "artifact");
    return new Artifact(
        coordinates[0],
        coordinates[1],
        section.optional("version"),
        scope(section),
        section.parsed("when", Term::parse));
  }

  private static Plugin plugin(Section section) {
    return new Plugin(
        String.join(":", coordinates(section, "plugin")),
        section.optional("version"),
        null,
        section.mapping("body"),
        section.optional("because"));
  }

  private static Plugin script(Section section) {
    String id = section.optional("plugin");
    return new Plugin(
        id == null ? "" : id,
        section.optional("version"),
        section.optional("alias"),
        section.mapping("body"),
        section.optional("because"));
  }

  private static FilePart file(Section section) {
    String mode = section.optional("mode");
    String role = section.optional("role");
    if (role != null && !List.of("yours", "rarely", "ours").contains(role)) {
      section.fault(section.at("role"), "'role' is yours, rarely or ours");
    }
    return new FilePart(
        section.text("path"),
        section.text("template"),
        mode == null ? "644" : mode,
        role,
        section.optional("purpose"),
        section.parsed("when", Term::parse),
        "yes".equals(section.optional("verbatim")),
        place(section),
        section.optional("traced-to"));
  }

  private static int place(Section section) {
    String place = section.optional("place");
    if (place != null && !place.matches("[0-9]{1,3}")) {
      section.fault(section.at("place"), "'place' is a number from 0 to 999");
      return 0;
    }
    return place == null ? 0 : Integer.parseInt(place);
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

  private static Scope scope(Section section) {
    @Nullable String scope = section.optional("scope");
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

  private static String[] coordinates(Section section, String key) {
    String[] parts = section.text(key).split(":", -1);
    if (parts.length != 2 || parts[0].isEmpty() || parts[1].isEmpty()) {
      section.fault(section.at(key), "'" + key + "' must be group:artifact");
      return new String[] {"", ""};
    }
    return parts;
  }
}
