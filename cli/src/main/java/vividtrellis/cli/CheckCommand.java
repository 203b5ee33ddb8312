package vividtrellis.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;
import vividtrellis.cli.api.ApiClient;
import vividtrellis.cli.api.CheckAnswer;
import vividtrellis.cli.api.SentBrief;
import vividtrellis.cli.terminal.Failure;
import vividtrellis.cli.terminal.Screen;
import vividtrellis.cli.view.MachineView;
import vividtrellis.cli.view.VerdictView;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Briefs;
import vividtrellis.core.document.Documents.Notation;

/** Tells whether picks fit. */
@Command(
    name = "check",
    mixinStandardHelpOptions = true,
    description = "Tells whether picks fit, why not, and what helps.",
    footer = {
      "",
      "  vivid check berth-booking.yaml",
      "  vivid check berth-booking.yaml --apply 1",
      "  vivid check name=fare-ledger language=java@17 +sql-orm --here"
    })
final class CheckCommand implements Callable<Integer> {

  @Mixin private Common common;
  @Mixin private BriefInput input;

  @Option(
      names = "--apply",
      paramLabel = "NUMBER",
      description = {
        "Take a way out, by the number that the check shows.",
        "Writes the new brief over the file, or prints it if there is no file."
      })
  private @Nullable Integer way;

  @Option(
      names = "--here",
      description = "Tell which JDKs of this machine suit, and which is used.")
  private boolean here;

  @Spec private CommandSpec spec;

  @Override
  public Integer call() throws IOException {
    ApiClient service = common.service();
    if (way != null && input.file().isPresent() && input.hasVariants()) {
      throw new Failure(
          Failure.USAGE,
          "A way out of a variant has no place in the file of them all.",
          "--apply",
          "write the variant to a file of its own: vivid brief FILE --variant NAME --to OTHER");
    }
    SentBrief document = input.document(service);
    String query = way == null ? "" : "?apply=" + way;
    ApiClient.Answer answer = service.post("/checks" + query, document);
    CheckAnswer verdict = answer.check();
    boolean fits = verdict.fits();
    PrintWriter out = spec.commandLine().getOut();
    if (way != null) {
      apply(verdict.applied().orElseThrow(ApiClient.Answer::unreadable), document, out);
    }
    if (common.json()) {
      out.println(answer.text());
    } else if (way == null || input.file().isPresent()) {
      Screen screen = new Screen(out);
      VerdictView view = new VerdictView(screen);
      view.show(verdict);
      if (way == null && view.ways() > 0) {
        screen.line("");
        screen.line("Take a way out:  the same command with --apply NUMBER");
      }
      if (here && fits) {
        // Asked of the project as it would be made, with what was filled in as its picks.
        SentBrief whole = SentBrief.of("the filled-in brief", verdict.brief());
        new MachineView(verdict, service.post("/checks", whole).check()).show(screen);
      } else if (here) {
        screen.line("");
        screen.line("Which JDK suits is told once the picks fit.");
      }
    }
    return fits ? 0 : Failure.BLOCKED;
  }

  private void apply(CheckAnswer.Applied applied, SentBrief document, PrintWriter out)
      throws IOException {
    Brief brief = applied.brief();
    if (input.file().isEmpty()) {
      if (!common.json()) {
        out.print(Briefs.write(brief, Notation.YAML));
      }
      return;
    }
    Path file = input.file().get();
    String text = Briefs.write(brief, document.notation());
    try {
      Path half = Files.createTempFile(file.toAbsolutePath().getParent(), ".brief", null);
      Files.writeString(half, text);
      Files.move(half, file, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
    } catch (IOException e) {
      throw new Failure(
          Failure.CANNOT_WRITE,
          "The new brief cannot be written: " + Failure.reason(e),
          file.toString(),
          "name a file that can be written");
    }
    if (!common.json()) {
      out.println(applied.title() + ": written to " + file);
      out.println();
    }
  }
}
