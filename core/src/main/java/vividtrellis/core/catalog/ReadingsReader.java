package vividtrellis.core.catalog;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import vividtrellis.core.catalog.InvalidEdition.Fault;
import vividtrellis.core.catalog.Options.Readings;
import vividtrellis.core.catalog.Options.Reads;
import vividtrellis.core.document.Node;
import vividtrellis.core.version.Version;
import vividtrellis.core.version.VersionedId;

/** Reads what an audit read of each version: {@code frame@4.1.2: { reader: 27, … }}. */
final class ReadingsReader {

  /** Name of the file beside {@code edition.yaml}. */
  static final String FILE = "evidence.yaml";

  private final Map<String, Map<Version, Readings>> byOption;

  private ReadingsReader(Map<String, Map<Version, Readings>> byOption) {
    this.byOption = byOption;
  }

  /** Reads the file; what else is in it is for people. */
  static ReadingsReader read(Node file, List<Fault> faults) {
    Map<String, Map<Version, Readings>> all = new LinkedHashMap<>();
    Section top = new Section(FILE, file, faults);
    for (Map.Entry<String, Node> each : top.mapping("versions").values().entrySet()) {
      VersionedId place = VersionedId.read(each.getKey());
      if (place.id().isEmpty() || place.comparable().isEmpty()) {
        top.fault(each.getValue().at(), "'" + each.getKey() + "' is no id@version");
        continue;
      }
      all.computeIfAbsent(place.id(), id -> new LinkedHashMap<>())
          .put(new Version(place.version()), readings(new Section(FILE, each.getValue(), faults)));
    }
    return new ReadingsReader(all);
  }

  private static Readings readings(Section section) {
    Map<Reads, Integer> levels = new EnumMap<>(Reads.class);
    for (Reads reads : Reads.values()) {
      String level = section.optional(reads.word());
      if (level != null && level.matches("[1-9][0-9]{0,2}")) {
        levels.put(reads, Integer.parseInt(level));
      } else if (level != null) {
        section.fault(section.at(reads.word()), "'" + reads.word() + "' is a Java level");
      }
    }
    Map<String, Version> manages = new LinkedHashMap<>();
    section
        .texts("manages")
        .forEach(
            (language, version) -> {
              if (Version.isVersion(version)) {
                manages.put(language, new Version(version));
              } else {
                section.fault(section.at("manages"), "'" + version + "' is no version");
              }
            });
    Map<String, Set<String>> brings = new LinkedHashMap<>();
    section
        .texts("brings")
        .forEach((stack, starters) -> brings.put(stack, Set.of(starters.split(" ", -1))));
    section.nothingElse();
    return new Readings(Map.copyOf(levels), Map.copyOf(manages), Map.copyOf(brings));
  }

  /** What was read of the versions of an option; empty if nothing was. */
  Map<Version, Readings> of(String id) {
    return byOption.getOrDefault(id, Map.of());
  }
}
