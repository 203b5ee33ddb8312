package vividtrellis.cli.api;

import java.util.List;
import java.util.Optional;

/** The grid of framework lines by Java levels. */
public record LatticeAnswer(List<Column> columns, List<Row> rows, List<Cell> cells) {

  /**
   * A framework at one of its lines.
   *
   * @param line empty for a framework without any
   */
  public record Column(String framework, String label, String line) {}

  /** A Java level. */
  public record Row(String jvm, boolean longTerm) {}

  /**
   * A joint.
   *
   * @param because why it cannot be had, or the caution; empty for neither
   */
  public record Cell(
      String framework,
      String line,
      String jvm,
      String state,
      boolean picked,
      String because,
      Price gain,
      Price lose) {
    public boolean isImpossible() {
      return state.equals("impossible");
    }

    public boolean isCaution() {
      return state.equals("caution");
    }
  }

  /** What a move there gains, or loses. */
  public record Price(List<String> starters, List<String> lines) {}

  static LatticeAnswer of(Json json) {
    return new LatticeAnswer(
        json.list("columns").stream()
            .map(each -> new Column(each.text("framework"), each.text("label"), each.text("line")))
            .toList(),
        json.list("rows").stream()
            .map(each -> new Row(each.text("jvm"), each.text("standing").equals("long-term")))
            .toList(),
        json.list("cells").stream().map(LatticeAnswer::cell).toList());
  }

  private static Cell cell(Json json) {
    return new Cell(
        json.text("framework"),
        json.text("line"),
        json.text("jvm"),
        json.text("state"),
        json.is("picked"),
        json.text("because"),
        price(json.at("gain")),
        price(json.at("lose")));
  }

  private static Price price(Json json) {
    return new Price(json.texts("starters"), json.texts("lines"));
  }

  /** The joint of a column and a level. */
  public Optional<Cell> cell(Column column, Row row) {
    return cells.stream()
        .filter(each -> each.framework().equals(column.framework()))
        .filter(each -> each.line().equals(column.line()) && each.jvm().equals(row.jvm()))
        .findFirst();
  }
}
