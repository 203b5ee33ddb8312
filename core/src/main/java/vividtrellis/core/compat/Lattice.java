package vividtrellis.core.compat;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The grid of framework lines by Java levels that are possible with the present picks.
 *
 * @param columns in the order of the catalog
 * @param rows newest level first
 * @param cells row by row
 * @param starters the other face: those that are picked, across the columns
 */
public record Lattice(
    List<Column> columns, List<Row> rows, List<Cell> cells, List<Strip> starters) {

  /** Copies its lists. */
  public Lattice {
    columns = List.copyOf(columns);
    rows = List.copyOf(rows);
    cells = List.copyOf(cells);
    starters = List.copyOf(starters);
  }

  /**
   * A picked starter, across the columns.
   *
   * @param possible by column, whether it can be had there at some level while no other starter is
   *     picked
   */
  public record Strip(String starter, List<Boolean> possible) {
    /** Copies its list. */
    public Strip {
      possible = List.copyOf(possible);
    }
  }

  /**
   * A framework at one of its lines.
   *
   * @param label of the framework, for people
   * @param line empty for a framework without lines
   * @param standing in words
   * @param until the month in which support ends or ended; {@code null} if that is open
   * @param estimated whether the standing was computed from dates of release
   */
  public record Column(
      String framework,
      String label,
      String line,
      String standing,
      @Nullable String until,
      boolean estimated) {}

  /**
   * A Java level.
   *
   * @param standing in words: long-term or not
   */
  public record Row(int jvm, String standing) {}

  /** Whether a joint can be had. */
  public enum State {
    POSSIBLE,
    CAUTION,
    IMPOSSIBLE
  }

  /**
   * A joint.
   *
   * @param picked whether the present picks come to it
   * @param because why not, or the caution; {@code null} when it is simply possible
   * @param gain what could be picked there and cannot here
   * @param lose what can be picked here and could not there; at an impossible joint, what is picked
   *     and could not be kept there
   */
  public record Cell(
      String framework,
      String line,
      int jvm,
      State state,
      boolean picked,
      @Nullable String because,
      Price gain,
      Price lose) {
    /** Whether it can be had, with or without a caution. */
    public boolean isPossible() {
      return state != State.IMPOSSIBLE;
    }
  }

  /**
   * What a move costs or brings.
   *
   * @param starters ids
   * @param lines framework lines, as words of a brief
   */
  public record Price(List<String> starters, List<String> lines) {
    public static final Price NONE = new Price(List.of(), List.of());
  }
}
