package vividtrellis.core.compat.encoding;

import java.util.BitSet;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Options.Framework;
import vividtrellis.core.catalog.Options.Language;
import vividtrellis.core.catalog.Options.Line;
import vividtrellis.core.catalog.Options.Option;
import vividtrellis.core.compat.Axis;
import vividtrellis.core.compat.Axis.Value;
import vividtrellis.core.version.Version;

/** The values of all axes in an edition, by number. Immutable. */
final class AxisValues {

  private final Edition edition;
  private final Map<Axis, List<Value>> values = new EnumMap<>(Axis.class);
  private final Map<Value, Line> lines = new HashMap<>();

  AxisValues(Edition edition) {
    this.edition = edition;
    for (Axis axis : Axis.values()) {
      values.put(axis, List.copyOf(axis.values(edition)));
    }
    for (Value value : of(Axis.FRAMEWORK)) {
      Version version = value.version();
      if (version != null) {
        Framework framework = edition.framework(value.id()).orElseThrow();
        framework.lineOf(version).ifPresent(line -> lines.put(value, line));
      }
    }
  }

  /** Those of an axis, most preferred first. */
  List<Value> of(Axis axis) {
    return values.getOrDefault(axis, List.of());
  }

  /** How many each axis has, in the order of the axes. */
  List<Integer> sizes() {
    return List.of(Axis.values()).stream().map(axis -> of(axis).size()).toList();
  }

  /** The values of an axis that meet a condition. */
  BitSet where(Axis axis, Predicate<Value> condition) {
    List<Value> all = of(axis);
    BitSet set = new BitSet(all.size());
    for (int i = 0; i < all.size(); i++) {
      set.set(i, condition.test(all.get(i)));
    }
    return set;
  }

  /** The line that a framework value belongs to. */
  Optional<Line> line(Value framework) {
    return Optional.ofNullable(lines.get(framework));
  }

  /** Whether the version of a language is the Java level. */
  boolean isLevelled(@Nullable String language) {
    return language != null
        && Edition.find(edition.languages(), language).map(Language::isLevelled).orElse(false);
  }

  /** The options that an axis takes its values from; none for levels, which are no options. */
  List<? extends Option> options(Axis axis) {
    return edition.options(axis.variable());
  }
}
