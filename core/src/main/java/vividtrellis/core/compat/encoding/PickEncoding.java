package vividtrellis.core.compat.encoding;

import java.util.BitSet;
import java.util.LinkedHashMap;
import java.util.Map;
import vividtrellis.core.compat.Axis;
import vividtrellis.core.compat.Axis.Value;
import vividtrellis.core.version.Version;
import vividtrellis.core.version.VersionedId;

/** How picks are written: the words of each axis with what they fix. */
final class PickEncoding {

  private final AxisValues values;

  PickEncoding(AxisValues values) {
    this.values = values;
  }

  /** The words that can be picked on an axis, each with what it fixes. */
  Map<String, Map<Axis, BitSet>> wordsOf(Axis axis) {
    Map<String, Map<Axis, BitSet>> words = new LinkedHashMap<>();
    for (Value value : values.of(axis)) {
      words.putIfAbsent(
          value.id(), Map.of(axis, values.where(axis, v -> v.id().equals(value.id()))));
      boolean levelled =
          (axis == Axis.LANGUAGE || axis == Axis.ALONGSIDE) && values.isLevelled(value.id());
      if (levelled) {
        for (Value level : values.of(Axis.JVM)) {
          words.put(
              VersionedId.word(value.id(), level.id()),
              Map.of(
                  axis,
                  values.where(axis, v -> v.id().equals(value.id())),
                  Axis.JVM,
                  values.where(Axis.JVM, level::equals)));
        }
      }
      if (axis == Axis.FRAMEWORK) {
        values
            .line(value)
            .ifPresent(
                line ->
                    words.putIfAbsent(
                        VersionedId.word(value.id(), line.line()),
                        Map.of(
                            axis,
                            values.where(
                                axis, v -> values.line(v).filter(line::equals).isPresent()))));
      }
      words.putIfAbsent(value.word(), Map.of(axis, values.where(axis, value::equals)));
    }
    return words;
  }

  /** The words of an axis, and the ways of saying the same: a version by its first two numbers. */
  Map<String, Map<Axis, BitSet>> spellingsOf(Axis axis) {
    Map<String, Map<Axis, BitSet>> all = new LinkedHashMap<>(wordsOf(axis));
    for (Value value : values.of(axis)) {
      Version version = value.version();
      if (version != null && axis != Axis.FRAMEWORK) {
        String line = version.line();
        all.putIfAbsent(
            VersionedId.word(value.id(), line),
            Map.of(
                axis,
                values.where(
                    axis, v -> v.id().equals(value.id()) && v.required().line().equals(line))));
      }
    }
    return all;
  }
}
