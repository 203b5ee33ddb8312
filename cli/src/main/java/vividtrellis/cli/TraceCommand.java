package vividtrellis.cli;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import vividtrellis.cli.files.WrittenProject;
import vividtrellis.cli.terminal.Failure;
import vividtrellis.cli.terminal.Screen;
import vividtrellis.cli.view.TraceJson;
import vividtrellis.cli.view.TraceView;
import vividtrellis.core.brief.Nearest;
import vividtrellis.core.brief.PickWords;
import vividtrellis.core.brief.Trace;
import vividtrellis.core.pack.Receipt;
import vividtrellis.core.pack.Receipt.Entry;

/**
 * Answers from a project's receipt which pick put a line there. Asks the service only about a file
 * that was changed, and does without it.
 */
@Command(
    name = "trace",
    mixinStandardHelpOptions = true,
    description =
        "Says of a line of a project, or of all lines of a file, which pick put it there.",
    footer = {
      "",
      "  vivid trace berth-booking pom.xml:14",
      "  vivid trace . src/main/resources/application.yaml"
    })
final class TraceCommand implements Callable<Integer> {

  private static final Pattern LINE = Pattern.compile("(.*):([1-9][0-9]{0,6})");

  @Parameters(index = "0", paramLabel = "DIR", description = "The project's directory.")
  private Path directory = Path.of(".");

  @Parameters(index = "1", paramLabel = "FILE[:LINE]", description = "A file in it, and a line.")
  private String place = "";

  @Mixin private Common common;

  @Spec private CommandSpec spec;

  @Override
  public Integer call() {
    Receipt receipt = WrittenProject.receipt(directory, "vivid trace berth-booking pom.xml");
    Matcher line = LINE.matcher(place);
    boolean one = line.matches() && receipt.file(place).isEmpty();
    String path = (one ? line.group(1) : place).replace('\\', '/').replaceFirst("^\\./", "");
    Entry entry = receipt.file(path).orElseThrow(() -> unknown(receipt, path));
    String text = WrittenProject.text(directory.resolve(path));
    boolean changed = !Receipt.digest(text).equals(entry.digest());
    Screen screen = new Screen(spec.commandLine().getOut());
    Optional<List<Trace>> found =
        changed
            ? LineTracker.reasons(common.service(), receipt, entry, text)
            : Optional.of(entry.reasons());
    if (found.isEmpty()) {
      spec.commandLine()
          .getErr()
          .println(
              "vivid: "
                  + Screen.plain(path)
                  + " was changed since it was written; its lines may have moved."
                  + " With the service that wrote it they are found again.");
    }
    List<Trace> reasons = found.orElse(entry.reasons());
    if (one) {
      Trace trace = at(reasons, Integer.parseInt(line.group(2)), path);
      tell(screen, receipt, trace, path, changed, Integer.parseInt(line.group(2)), text);
    } else if (common.json()) {
      screen.line(TraceJson.of(receipt, path, changed, reasons));
    } else {
      TraceView.show(screen, text, reasons);
    }
    return 0;
  }

  private static Failure unknown(Receipt receipt, String path) {
    List<String> known = receipt.files().stream().map(Entry::path).toList();
    String nearest = Nearest.of(path, known).map(near -> "did you mean " + near + "?").orElse(null);
    return new Failure(
        Failure.USAGE,
        "The receipt knows no file " + path + "; it was not written with this project.",
        null,
        nearest == null ? "see the files with: vivid outline, or .vivid/receipt.json" : nearest);
  }

  private static Trace at(List<Trace> reasons, int line, String path) {
    int last = reasons.isEmpty() ? 0 : reasons.get(reasons.size() - 1).to();
    return reasons.stream()
        .filter(trace -> trace.from() <= line && line <= trace.to())
        .findFirst()
        .orElseThrow(
            () ->
                new Failure(
                    Failure.USAGE,
                    "%s has %d lines; there is no line %d.".formatted(path, last, line),
                    null,
                    "name a line from 1 to " + last));
  }

  private void tell(
      Screen screen,
      Receipt receipt,
      Trace trace,
      String path,
      boolean changed,
      int line,
      String text) {
    if (common.json()) {
      screen.line(TraceJson.of(receipt, path, changed, List.of(trace)));
      return;
    }
    @Nullable String there = text.lines().skip(line - 1L).findFirst().orElse(null);
    screen.line(
        screen.strong(path + ":" + line)
            + "  "
            + Screen.plain(there == null ? "" : there.strip().replace("\t", "    ")));
    if (trace.picks().isEmpty()) {
      String who = trace.because().equals(LineTracker.YOURS) ? " you" : " the service itself";
      screen.line("  " + screen.note() + who);
    }
    for (String pick : trace.picks()) {
      screen.line(
          "  "
              + screen.picked()
              + " "
              + Screen.pad(Screen.plain(PickWords.word(receipt.brief(), pick)), 30)
              + " "
              + screen.soft(pick));
    }
    screen.paragraph(2, "because: " + trace.because());
  }
}
