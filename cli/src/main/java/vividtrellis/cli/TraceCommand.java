package vividtrellis.cli;

import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import vividtrellis.core.brief.Nearest;
import vividtrellis.core.brief.PickWords;
import vividtrellis.core.pack.Receipt;
import vividtrellis.core.pack.Receipt.Entry;
import vividtrellis.core.pack.Receipt.Reason;

/** Answers from a project's receipt which pick put a line there. Asks no service. */
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

  @Mixin private Printing printing;

  @Spec private CommandSpec spec;

  @Override
  public Integer call() {
    Receipt receipt = Made.receipt(directory, "vivid trace berth-booking pom.xml");
    Matcher line = LINE.matcher(place);
    boolean one = line.matches() && receipt.file(place).isEmpty();
    String path = (one ? line.group(1) : place).replace('\\', '/').replaceFirst("^\\./", "");
    Entry entry = receipt.file(path).orElseThrow(() -> unknown(receipt, path));
    String text = Made.text(directory.resolve(path));
    boolean changed = !Receipt.digest(text).equals(entry.digest());
    Screen screen = new Screen(spec.commandLine().getOut());
    if (changed) {
      spec.commandLine()
          .getErr()
          .println(
              "vivid: "
                  + Screen.plain(path)
                  + " was changed since it was written; its lines may have moved.");
    }
    if (one) {
      Reason trace = at(entry, Integer.parseInt(line.group(2)), path);
      tell(screen, receipt, trace, path, Integer.parseInt(line.group(2)), text);
    } else if (printing.json()) {
      screen.line(TraceJson.of(receipt, path, changed, entry.reasons()));
    } else {
      TraceView.show(screen, text, entry.reasons());
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

  private static Reason at(Entry entry, int line, String path) {
    int last = entry.reasons().isEmpty() ? 0 : entry.reasons().get(entry.reasons().size() - 1).to();
    return entry.reasons().stream()
        .filter(trace -> trace.from() <= line && line <= trace.to())
        .findFirst()
        .orElseThrow(
            () ->
                new Failure(
                    Failure.USAGE,
                    "%s was written with %d lines; there is no line %d."
                        .formatted(path, last, line),
                    null,
                    "name a line from 1 to " + last));
  }

  private void tell(
      Screen screen, Receipt receipt, Reason trace, String path, int line, String text) {
    if (printing.json()) {
      screen.line(TraceJson.of(receipt, path, false, List.of(trace)));
      return;
    }
    @Nullable String there = text.lines().skip(line - 1L).findFirst().orElse(null);
    screen.line(
        screen.strong(path + ":" + line)
            + "  "
            + Screen.plain(there == null ? "" : there.strip().replace("\t", "    ")));
    if (trace.picks().isEmpty()) {
      screen.line("  " + screen.note() + " the service itself");
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
