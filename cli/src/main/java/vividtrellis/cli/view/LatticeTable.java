package vividtrellis.cli.view;

import java.util.ArrayList;
import java.util.List;
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

    int width() {
      int lines = columns.stream().mapToInt(Group::width).sum();
      return Math.max(lines, label.length() + 2);
    }

    static int width(Column column) {
      return Math.max(NARROWEST, line(column).length() + 2);
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
    StringBuilder lines = new StringBuilder(" ".repeat(BESIDE));
    for (Group group : groups) {
      frameworks.append(Screen.pad(group.label(), group.width()));
      int end = lines.length() + group.width();
      group
          .columns()
          .forEach(each -> lines.append(Screen.pad(Group.line(each), Group.width(each))));
      lines.append(" ".repeat(end - lines.length()));
    }
    screen.line(screen.soft(frameworks.toString().stripTrailing()));
    screen.line(screen.strong(lines.toString().stripTrailing()));
    lattice.rows().forEach(row -> draw(row, groups));
  }

  private void draw(Row row, List<Group> groups) {
    StringBuilder text = new StringBuilder();
    int blanks = 0;
    for (Group group : groups) {
      int left = group.width();
      for (Column column : group.columns()) {
        Cell cell = lattice.cell(column, row).orElseThrow();
        text.append(" ".repeat(blanks)).append(sign(screen, cell));
        blanks = Group.width(column) - 1;
        left -= Group.width(column);
      }
      blanks += left;
    }
    String name = Screen.pad("Java " + row.jvm(), BESIDE);
    screen.line((row.longTerm() ? screen.strong(name) : screen.soft(name)) + text);
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
