package vividtrellis.core.compat;

import java.util.BitSet;
import java.util.LinkedHashMap;
import java.util.Map;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Options.Language;
import vividtrellis.core.compat.Axis.Value;
import vividtrellis.core.version.Version;
import vividtrellis.core.version.VersionedId;

/** How picks are written: the words of each axis with what they fix. */
final class PickEncoding {

  private final CompiledEdition compiled;

  PickEncoding(CompiledEdition compiled) {
    this.compiled = compiled;
  }

  /** The words that can be picked on an axis, each with what it fixes. */
  Map<String, Map<Axis, BitSet>> wordsOf(Axis axis) {
    Map<String, Map<Axis, BitSet>> words = new LinkedHashMap<>();
    for (Value value : compiled.values(axis)) {
      words.putIfAbsent(
          value.id(), Map.of(axis, compiled.where(axis, v -> v.id().equals(value.id()))));
      boolean levelled =
          (axis == Axis.LANGUAGE || axis == Axis.ALONGSIDE)
              && Edition.find(compiled.edition().languages(), value.id())
                  .map(Language::isLevelled)
                  .orElse(false);
      if (levelled) {
        for (Value level : compiled.values(Axis.JVM)) {
          words.put(
              VersionedId.word(value.id(), level.id()),
              Map.of(
                  axis,
                  compiled.where(axis, v -> v.id().equals(value.id())),
                  Axis.JVM,
                  compiled.where(Axis.JVM, level::equals)));
        }
      }
      if (axis == Axis.FRAMEWORK) {
        compiled
            .line(value)
            .ifPresent(
                line ->
                    words.putIfAbsent(
                        VersionedId.word(value.id(), line.line()),
                        Map.of(
                            axis,
                            compiled.where(
                                axis, v -> compiled.line(v).filter(line::equals).isPresent()))));
      }
      words.putIfAbsent(value.word(), Map.of(axis, compiled.where(axis, value::equals)));
    }
    return words;
  }

  /** The words of an axis, and the ways of saying the same: a version by its first two numbers. */
  Map<String, Map<Axis, BitSet>> spellingsOf(Axis axis) {
    Map<String, Map<Axis, BitSet>> all = new LinkedHashMap<>(wordsOf(axis));
    for (Value value : compiled.values(axis)) {
      Version version = value.version();
      if (version != null && axis != Axis.FRAMEWORK) {
        String line = version.line();
        all.putIfAbsent(
            VersionedId.word(value.id(), line),
            Map.of(
                axis,
                compiled.where(
                    axis, v -> v.id().equals(value.id()) && v.required().line().equals(line))));
      }
    }
    return all;
  }
}
