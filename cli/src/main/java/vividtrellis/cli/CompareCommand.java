package vividtrellis.cli;

import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import vividtrellis.cli.api.ApiClient;
import vividtrellis.cli.files.ProjectFiles;
import vividtrellis.cli.terminal.Failure;
import vividtrellis.cli.terminal.Screen;
import vividtrellis.cli.view.BlockedReport;
import vividtrellis.core.compare.Comparison;
import vividtrellis.core.compare.Comparison.Change;
import vividtrellis.core.compare.Comparison.FileChange;
import vividtrellis.core.document.Documents;
import vividtrellis.core.document.Documents.Notation;
import vividtrellis.core.document.Node;
import vividtrellis.core.document.Position;
import vividtrellis.core.pack.Receipt;

/** Shows what differs between two projects. */
@Command(
    name = "compare",
    mixinStandardHelpOptions = true,
    description = {
      "Shows what differs between two projects, file by file.",
      "Each side is a brief file, - for standard input, or a directory."
    },
    footer = {
      "",
      "  vivid compare before.yaml after.yaml",
      "  vivid compare berth-booking.yaml ./berth-booking --list"
    })
final class CompareCommand implements Callable<Integer> {

  @Mixin private Common common;

  @Parameters(index = "0", paramLabel = "LEFT", description = "What it was.")
  private String left = "";

  @Parameters(index = "1", paramLabel = "RIGHT", description = "What it is to be.")
  private String right = "";

  @Option(names = "--list", description = "Show which files differ, without their lines.")
  private boolean list;

  @Spec private CommandSpec spec;

  @Override
  public Integer call() {
    if (left.equals("-") && right.equals("-")) {
      throw new Failure(
          Failure.USAGE, "Standard input can be one side only.", null, "name a file for the other");
    }
    ApiClient service = common.service();
    Screen screen = new Screen(spec.commandLine().getOut());
    Map<String, String> before = new TreeMap<>();
    Map<String, String> after = new TreeMap<>();
    if (!fill(before, left, service, screen) || !fill(after, right, service, screen)) {
      return Failure.BLOCKED;
    }
    List<FileChange> changes = Comparison.of(before, after);
    if (common.json()) {
      json(changes, spec.commandLine().getOut());
    } else {
      show(changes, screen);
    }
    return 0;
  }

  /** Gives whether there are files; if not, it is told why. */
  private boolean fill(Map<String, String> files, String side, ApiClient service, Screen screen) {
    if (!side.equals("-") && Files.isDirectory(Path.of(side))) {
      files.putAll(ProjectFiles.below(Path.of(side)));
      return true;
    }
    ApiClient.Answer answer = service.post("/outlines", BriefInput.read(side));
    if (answer.status() == 422) {
      if (common.json()) {
        spec.commandLine().getOut().println(answer.text());
      } else {
        screen.line(screen.strong(Screen.plain(side)));
        BlockedReport.tell(screen, answer.problem());
      }
      return false;
    }
    answer.outline().files().forEach(file -> files.put(file.path(), file.content()));
    return true;
  }

  private static void json(List<FileChange> changes, PrintWriter out) {
    List<Node> files =
        changes.stream()
            .map(
                each -> {
                  Map<String, Node> file = new LinkedHashMap<>();
                  file.put("path", Node.text(each.path()));
                  file.put("change", Node.text(each.change().name().toLowerCase(Locale.ROOT)));
                  file.put("diff", Node.text(each.diff()));
                  return (Node) new Node.Fields(file, Position.NONE);
                })
            .toList();
    out.println(
        Documents.write(
            Node.fields().with("files", new Node.Items(files, Position.NONE)), Notation.JSON));
  }

  private void show(List<FileChange> changes, Screen screen) {
    // The receipt only repeats what the other files show, at length, so it comes last.
    List<FileChange> different =
        changes.stream()
            .filter(each -> each.change() != Change.SAME)
            .sorted(Comparator.comparing(each -> each.path().equals(Receipt.PATH)))
            .toList();
    if (different.isEmpty()) {
      screen.line(screen.possible() + " " + screen.strong("Nothing differs."));
      return;
    }
    screen.line(
        screen.strong(
                different.size() + (different.size() == 1 ? " file differs" : " files differ"))
            + screen.soft(" of " + changes.size()));
    for (FileChange each : different) {
      screen.line("  " + Screen.pad(word(each.change()), 10) + Screen.plain(each.path()));
    }
    if (!list) {
      for (FileChange each : different) {
        screen.line("");
        each.diff().lines().forEach(screen::diff);
      }
    }
  }

  private static String word(Change change) {
    return switch (change) {
      case ADDED -> "added";
      case REMOVED -> "removed";
      case CHANGED -> "changed";
      case SAME -> "same";
    };
  }
}
