package vividtrellis.cli;

import java.io.PrintWriter;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;
import vividtrellis.cli.api.ApiClient;
import vividtrellis.cli.api.OutlineAnswer;
import vividtrellis.cli.terminal.Failure;
import vividtrellis.cli.terminal.Screen;
import vividtrellis.cli.view.BlockedReport;
import vividtrellis.cli.view.TraceView;

/** Shows what picks would give, without writing anything. */
@Command(
    name = "outline",
    mixinStandardHelpOptions = true,
    description = {
      "Shows the files that picks would give, without writing any.",
      "A second name is a file of the project, whose content is printed;",
      "with --trace each line has the reason for it at its left."
    },
    footer = {
      "",
      "  vivid outline berth-booking.yaml",
      "  vivid outline berth-booking.yaml pom.xml --trace",
      "  vivid outline name=tide-board +http-api +health-metrics"
    })
final class OutlineCommand implements Callable<Integer> {

  @Mixin private Common common;
  @Mixin private BriefInput input;

  @Option(names = "--trace", description = "Say of each line of the file which picks put it there.")
  private boolean trace;

  @Spec private CommandSpec spec;

  @Override
  public Integer call() {
    ApiClient service = common.service();
    ApiClient.Answer answer = service.post("/outlines", input.takingMore().document(service));
    PrintWriter out = spec.commandLine().getOut();
    if (common.json()) {
      out.println(answer.text());
      return answer.status() == 422 ? Failure.BLOCKED : 0;
    }
    Screen screen = new Screen(out);
    if (answer.status() == 422) {
      return BlockedReport.tell(screen, answer.problem());
    }
    OutlineAnswer outline = answer.outline();
    if (!input.rest().isEmpty()) {
      OutlineAnswer.File file = file(outline, input.rest().get(0));
      if (trace) {
        TraceView.show(screen, file.content(), file.traces());
      } else {
        out.print(file.content());
      }
      return 0;
    }
    if (trace) {
      throw new Failure(
          Failure.USAGE,
          "Of which file?",
          null,
          "name one after the picks, as in: vivid outline berth-booking.yaml pom.xml --trace");
    }
    list(screen, outline);
    return 0;
  }

  private static OutlineAnswer.File file(OutlineAnswer outline, String path) {
    return outline
        .file(path)
        .orElseThrow(
            () ->
                new Failure(
                    Failure.USAGE,
                    "The project has no file " + path + ".",
                    null,
                    "leave the name out to see the list of files"));
  }

  /** For people grouped by folder; in a file one whole path a line. */
  private static void list(Screen screen, OutlineAnswer outline) {
    List<OutlineAnswer.File> files = outline.files();
    long total = files.stream().mapToLong(OutlineAnswer.File::size).sum();
    screen.line(
        screen.strong(outline.root())
            + "  "
            + screen.soft(files.size() + " files, " + total + " bytes"));
    boolean grouped = screen.isTerminal();
    int widest = files.stream().mapToInt(f -> shown(f, grouped).length()).max().orElse(0);
    String folder = "";
    for (OutlineAnswer.File file : files) {
      String path = file.path();
      String in = path.substring(0, path.lastIndexOf('/') + 1);
      if (grouped && !in.equals(folder)) {
        screen.line("  " + screen.soft(in));
        folder = in;
      }
      String size = Long.toString(file.size());
      screen.row(
          "  "
              + Screen.pad(Screen.plain(shown(file, grouped)), widest + 2)
              + " ".repeat(Math.max(0, 6 - size.length()))
              + size
              + "  "
              + Screen.pad(file.role(), 8),
          file.purpose());
    }
  }

  private static String shown(OutlineAnswer.File file, boolean grouped) {
    String path = file.path();
    int end = path.lastIndexOf('/');
    return grouped && end > 0 ? "  " + path.substring(end + 1) : path;
  }
}
