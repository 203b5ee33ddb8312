package vividtrellis.core.render;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import vividtrellis.core.plan.BuildModel.Dependency;
import vividtrellis.core.plan.BuildModel.Property;

/** Finds versions that several artifacts of one group have, so that each is written once. */
final class SharedVersions {

  private SharedVersions() {}

  /** {@code group:artifact} to the property that holds its version, where it shares it. */
  static Map<String, Property> of(List<Dependency> dependencies) {
    Map<String, List<Dependency>> alike = new LinkedHashMap<>();
    for (Dependency each : dependencies) {
      // One that is a property already is written once as it is.
      each.version()
          .filter(version -> !version.startsWith("${"))
          .ifPresent(
              version ->
                  alike
                      .computeIfAbsent(each.group() + "@" + version, key -> new ArrayList<>())
                      .add(each));
    }
    Map<String, Property> shared = new LinkedHashMap<>();
    for (List<Dependency> same : alike.values()) {
      if (same.size() > 1) {
        Dependency first = same.get(0);
        Property property =
            new Property(
                first.artifact() + ".version", first.version().orElseThrow(), first.cause());
        same.forEach(each -> shared.put(each.key(), property));
      }
    }
    return shared;
  }

  /** Each property once. */
  static List<Property> named(Map<String, Property> shared) {
    return shared.values().stream().distinct().toList();
  }
}
