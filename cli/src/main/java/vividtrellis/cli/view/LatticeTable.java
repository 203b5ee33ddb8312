package vividtrellis.cli.view;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import vividtrellis.cli.api.LatticeAnswer;
import vividtrellis.cli.api.LatticeAnswer.Cell;
import vividtrellis.cli.api.LatticeAnswer.Column;
import vividtrellis.cli.api.LatticeAnswer.Row;
import vividtrellis.cli.terminal.Screen;

/** The joints of a lattice under their lines; what is wider than the screen is several tables. */
public final class LatticeTable {

  private static final int BESIDE = 10;
  private static final int NARROWEST = 6;

  private final Screen screen;
  private final LatticeAnswer lattice;

  public LatticeTable(Screen screen, LatticeAnswer lattice) {
    this.screen = screen;
    this.lattice = lattice;
  }

  /** One framework, with its lines side by side. */
  private record Group(String label, List<Column> columns) {

    /** How wide each line is; the last takes what a long name needs besides. */
    List<Integer> widths() {
      List<Integer> widths = new ArrayList<>();
      int left = label.length() + 2;
      for (Column column : columns) {
        int width = Math.max(NARROWEST, line(column).length() + 2);
        boolean last = widths.size() == columns.size() - 1;
        widths.add(last ? Math.max(width, left) : width);
        left -= width;
      }
      return widths;
    }

    int width() {
      return widths().stream().mapToInt(each -> each).sum();
    }

    static String line(Column column) {
      return column.line().isEmpty() ? "-" : column.line();
    }
  }

  /** Draws these columns; at least one. */
  public void draw(List<Column> columns) {
    List<Group> table = new ArrayList<>();
    int taken = BESIDE;
    for (Group group : groups(columns)) {
      if (!table.isEmpty() && taken + group.width() > screen.width()) {
        drawOne(table);
        screen.line("");
        table.clear();
        taken = BESIDE;
      }
      table.add(group);
      taken += group.width();
    }
    drawOne(table);
  }

  private static List<Group> groups(List<Column> columns) {
    List<Group> groups = new ArrayList<>();
    for (Column column : columns) {
      Group last = groups.isEmpty() ? null : groups.get(groups.size() - 1);
      if (last == null || !last.label().equals(column.label())) {
        last = new Group(column.label(), new ArrayList<>());
        groups.add(last);
      }
      last.columns().add(column);
    }
    return groups;
  }

  private void drawOne(List<Group> groups) {
    StringBuilder frameworks = new StringBuilder(" ".repeat(BESIDE));
    groups.forEach(each -> frameworks.append(Screen.pad(each.label(), each.width())));
    screen.line(screen.soft(frameworks.toString().stripTrailing()));
    String lines = row(groups, (column, width) -> Screen.pad(Group.line(column), width));
    screen.line(screen.strong(" ".repeat(BESIDE) + lines));
    for (Row row : lattice.rows()) {
      String name = Screen.pad("Java " + row.jvm(), BESIDE);
      String joints =
          row(
              groups,
              (column, width) ->
                  sign(screen, lattice.cell(column, row).orElseThrow()) + " ".repeat(width - 1));
      screen.line((row.longTerm() ? screen.strong(name) : screen.soft(name)) + joints);
    }
  }

  private static String row(List<Group> groups, BiFunction<Column, Integer, String> what) {
    StringBuilder text = new StringBuilder();
    for (Group group : groups) {
      List<Integer> widths = group.widths();
      for (int i = 0; i < widths.size(); i++) {
        text.append(what.apply(group.columns().get(i), widths.get(i)));
      }
    }
    return text.toString().stripTrailing();
  }

  /** What a joint is, as one sign. */
  public static String sign(Screen screen, Cell cell) {
    boolean impossible = cell.isImpossible();
    if (cell.picked()) {
      return impossible ? screen.pickedAtFault() : screen.picked();
    }
    return impossible
        ? screen.impossible()
        : cell.isCaution() ? screen.caution() : screen.possible();
  }
}
