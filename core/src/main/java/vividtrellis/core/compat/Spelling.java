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
final class Spelling {

  private final Board board;

  Spelling(Board board) {
    this.board = board;
  }

  /** The words that can be picked on an axis, each with what it fixes. */
  Map<String, Map<Axis, BitSet>> wordsOf(Axis axis) {
    Map<String, Map<Axis, BitSet>> words = new LinkedHashMap<>();
    for (Value value : board.values(axis)) {
      words.putIfAbsent(
          value.id(), Map.of(axis, board.where(axis, v -> v.id().equals(value.id()))));
      boolean levelled =
          (axis == Axis.LANGUAGE || axis == Axis.ALONGSIDE)
              && Edition.find(board.edition().languages(), value.id())
                  .map(Language::isLevelled)
                  .orElse(false);
      if (levelled) {
        for (Value level : board.values(Axis.JVM)) {
          words.put(
              VersionedId.word(value.id(), level.id()),
              Map.of(
                  axis,
                  board.where(axis, v -> v.id().equals(value.id())),
                  Axis.JVM,
                  board.where(Axis.JVM, level::equals)));
        }
      }
      if (axis == Axis.FRAMEWORK) {
        board
            .line(value)
            .ifPresent(
                line ->
                    words.putIfAbsent(
                        VersionedId.word(value.id(), line.line()),
                        Map.of(
                            axis,
                            board.where(
                                axis, v -> board.line(v).filter(line::equals).isPresent()))));
      }
      words.putIfAbsent(value.word(), Map.of(axis, board.where(axis, value::equals)));
    }
    return words;
  }

  /** The words of an axis, and the ways of saying the same: a version by its first two numbers. */
  Map<String, Map<Axis, BitSet>> spellingsOf(Axis axis) {
    Map<String, Map<Axis, BitSet>> all = new LinkedHashMap<>(wordsOf(axis));
    for (Value value : board.values(axis)) {
      Version version = value.version();
      if (version != null && axis != Axis.FRAMEWORK) {
        String line = version.line();
        all.putIfAbsent(
            VersionedId.word(value.id(), line),
            Map.of(
                axis,
                board.where(
                    axis, v -> v.id().equals(value.id()) && v.required().line().equals(line))));
      }
    }
    return all;
  }
}
