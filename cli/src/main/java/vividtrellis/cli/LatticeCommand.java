package vividtrellis.cli;

import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** Draws what is possible: framework lines by Java levels. */
@Command(
    name = "lattice",
    mixinStandardHelpOptions = true,
    description = "Shows which framework lines go with which Java levels, and what a move costs.",
    footer = {
      "",
      "  vivid lattice berth-booking.yaml",
      "  vivid lattice language=java@17 +http-api +sql-typed --price"
    })
final class LatticeCommand implements Callable<Integer> {

  private static final int NARROWEST = 8;

  @Mixin private Common common;
  @Mixin private BriefInput input;

  @Option(names = "--price", description = "Tell for each joint what one gains and loses there.")
  private boolean price;

  @Option(
      names = "--framework",
      paramLabel = "ID",
      description = "Show only the lines of this framework.")
  private @Nullable String framework;

  @Spec private CommandSpec spec;

  @Override
  public Integer call() {
    ApiClient service = common.service();
    ApiClient.Answer answer = service.post("/lattice", input.document(service));
    PrintWriter out = spec.commandLine().getOut();
    if (common.json()) {
      out.println(answer.text());
      return 0;
    }
    draw(new Screen(out), answer.json());
    return 0;
  }

  /** Those of the framework that is asked for; all if none is. */
  private List<Json> ofFramework(Json lattice, String list) {
    List<Json> all = lattice.list(list);
    String asked = framework;
    if (asked == null) {
      return all;
    }
    List<Json> some = all.stream().filter(each -> each.text("framework").equals(asked)).toList();
    if (some.isEmpty()) {
      throw new Failure(
          Failure.USAGE,
          "There is no framework '%s'.".formatted(asked),
          "--framework",
          "name one of "
              + all.stream()
                  .map(each -> each.text("framework"))
                  .distinct()
                  .collect(Collectors.joining(", ")));
    }
    return some;
  }

  private void draw(Screen screen, Json lattice) {
    List<Json> columns = ofFramework(lattice, "columns");
    List<Json> cells = ofFramework(lattice, "cells");
    String above = "";
    StringBuilder frameworks = new StringBuilder(" ".repeat(12));
    StringBuilder lines = new StringBuilder(" ".repeat(12));
    List<Integer> widths = new ArrayList<>();
    for (Json column : columns) {
      String label = column.text("label").equals(above) ? "" : column.text("label");
      above = column.text("label");
      String line = column.text("line").isEmpty() ? "-" : column.text("line");
      int width = Math.max(NARROWEST, line.length() + 3);
      boolean last = columns.indexOf(column) == columns.size() - 1;
      widths.add(width);
      frameworks.append(last || label.isEmpty() ? label : label + " ");
      if (!last && label.isEmpty()) {
        int missing = 12 + widths.stream().mapToInt(w -> w).sum() - frameworks.length();
        frameworks.append(" ".repeat(Math.max(0, missing)));
      }
      lines.append(Screen.pad(line, width));
    }
    screen.line(screen.soft(frameworks.toString().stripTrailing()));
    screen.line(screen.strong(lines.toString().stripTrailing()));
    for (Json row : lattice.list("rows")) {
      StringBuilder text = new StringBuilder();
      int at = 0;
      for (Json column : columns) {
        Json cell = cell(cells, column, row.text("jvm")).orElseThrow();
        text.append(sign(screen, cell)).append(" ".repeat(widths.get(at++) - 1));
      }
      boolean longTerm = row.text("standing").equals("long-term");
      String name = Screen.pad("Java " + row.text("jvm"), 12);
      screen.line(
          (longTerm ? screen.strong(name) : screen.soft(name)) + text.toString().stripTrailing());
    }
    screen.line("");
    screen.line(
        "%s possible   %s with a caution   %s not possible   %s picked"
            .formatted(screen.possible(), screen.caution(), screen.impossible(), screen.picked()));
    if (price) {
      cells.forEach(cell -> tell(screen, List.of(cell)));
    } else {
      Map<String, List<Json>> reasons = new LinkedHashMap<>();
      for (Json cell : cells) {
        String key = sign(screen, cell) + cell.text("framework") + cell.text("because");
        reasons.computeIfAbsent(key, k -> new ArrayList<>()).add(cell);
      }
      reasons.values().forEach(same -> tell(screen, same));
    }
  }

  private static Optional<Json> cell(List<Json> cells, Json column, String jvm) {
    return cells.stream()
        .filter(cell -> cell.text("framework").equals(column.text("framework")))
        .filter(cell -> cell.text("line").equals(column.text("line")))
        .filter(cell -> cell.text("jvm").equals(jvm))
        .findFirst();
  }

  private static String sign(Screen screen, Json cell) {
    boolean impossible = cell.text("state").equals("impossible");
    if (cell.text("picked").equals("true")) {
      return impossible ? screen.pickedAtFault() : screen.picked();
    }
    return impossible
        ? screen.impossible()
        : cell.text("state").equals("caution") ? screen.caution() : screen.possible();
  }

  /** One reason, with every joint that has it: all of them are of one framework. */
  private void tell(Screen screen, List<Json> same) {
    Json cell = same.get(0);
    List<String> parts = new ArrayList<>();
    if (!cell.text("because").isEmpty()) {
      parts.add(cell.text("because"));
    }
    if (price) {
      names(cell.at("gain")).ifPresent(names -> parts.add("Gains " + names + "."));
      names(cell.at("lose")).ifPresent(names -> parts.add("Loses " + names + "."));
    }
    if (parts.isEmpty()) {
      return;
    }
    Set<String> lines = new LinkedHashSet<>();
    Set<String> levels = new LinkedHashSet<>();
    same.forEach(each -> lines.add(each.text("line")));
    same.forEach(each -> levels.add(each.text("jvm")));
    String line = cell.text("line").isEmpty() ? "" : "@" + String.join(", ", lines);
    screen.line("");
    screen.line(
        sign(screen, cell)
            + " "
            + screen.strong(
                cell.text("framework") + line + " on Java " + String.join(", ", levels)));
    parts.forEach(part -> screen.paragraph(2, part));
  }

  private static Optional<String> names(Json price) {
    List<String> names = new ArrayList<>();
    price.list("lines").forEach(line -> names.add(line.text()));
    price.list("starters").forEach(starter -> names.add(starter.text()));
    return names.isEmpty() ? Optional.empty() : Optional.of(String.join(", ", names));
  }
}
