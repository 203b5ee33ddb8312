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
import vividtrellis.cli.api.ApiClient;
import vividtrellis.cli.api.LatticeAnswer;
import vividtrellis.cli.api.LatticeAnswer.Cell;
import vividtrellis.cli.api.LatticeAnswer.Column;
import vividtrellis.cli.api.LatticeAnswer.Price;
import vividtrellis.cli.terminal.Failure;
import vividtrellis.cli.terminal.Screen;
import vividtrellis.cli.view.LatticeTable;

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
    draw(new Screen(out), answer.lattice());
    return 0;
  }

  /** Whether it is of the framework that is asked for; all are if none is. */
  private boolean isShown(String of) {
    return framework == null || framework.equals(of);
  }

  private void draw(Screen screen, LatticeAnswer lattice) {
    List<Column> columns =
        lattice.columns().stream().filter(each -> isShown(each.framework())).toList();
    if (columns.isEmpty()) {
      throw new Failure(
          Failure.USAGE,
          "There is no framework '%s'.".formatted(framework),
          "--framework",
          "name one of "
              + lattice.columns().stream()
                  .map(Column::framework)
                  .distinct()
                  .collect(Collectors.joining(", ")));
    }
    List<Cell> cells = lattice.cells().stream().filter(each -> isShown(each.framework())).toList();
    new LatticeTable(screen, lattice).draw(columns);
    screen.line("");
    screen.line(
        "%s possible   %s with a caution   %s not possible   %s picked"
            .formatted(screen.possible(), screen.caution(), screen.impossible(), screen.picked()));
    if (price) {
      cells.forEach(cell -> tell(screen, List.of(cell)));
    } else {
      Map<String, List<Cell>> reasons = new LinkedHashMap<>();
      for (Cell cell : cells) {
        String key = LatticeTable.sign(screen, cell) + cell.framework() + cell.because();
        reasons.computeIfAbsent(key, k -> new ArrayList<>()).add(cell);
      }
      reasons.values().forEach(same -> tell(screen, same));
    }
  }

  /** One reason, with every joint that has it: all of them are of one framework. */
  private void tell(Screen screen, List<Cell> same) {
    Cell cell = same.get(0);
    List<String> parts = new ArrayList<>();
    if (!cell.because().isEmpty()) {
      parts.add(cell.because());
    }
    if (price) {
      names(cell.gain()).ifPresent(names -> parts.add("Gains " + names + "."));
      names(cell.lose()).ifPresent(names -> parts.add("Loses " + names + "."));
    }
    if (parts.isEmpty()) {
      return;
    }
    Set<String> lines = new LinkedHashSet<>();
    Set<String> levels = new LinkedHashSet<>();
    same.forEach(each -> lines.add(each.line()));
    same.forEach(each -> levels.add(each.jvm()));
    String line = cell.line().isEmpty() ? "" : "@" + String.join(", ", lines);
    screen.line("");
    screen.line(
        LatticeTable.sign(screen, cell)
            + " "
            + screen.strong(cell.framework() + line + " on Java " + String.join(", ", levels)));
    parts.forEach(part -> screen.paragraph(2, part));
  }

  private static Optional<String> names(Price price) {
    List<String> names = new ArrayList<>(price.lines());
    names.addAll(price.starters());
    return names.isEmpty() ? Optional.empty() : Optional.of(String.join(", ", names));
  }
}
