package vividtrellis.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;
import vividtrellis.cli.api.ApiClient;
import vividtrellis.cli.api.CheckAnswer;
import vividtrellis.cli.api.SentBrief;
import vividtrellis.cli.interview.Interview;
import vividtrellis.cli.interview.Questionnaire;
import vividtrellis.cli.terminal.Failure;
import vividtrellis.cli.terminal.Prompt;
import vividtrellis.cli.terminal.Screen;
import vividtrellis.cli.terminal.Shell;
import vividtrellis.cli.terminal.Terminal;
import vividtrellis.cli.view.VerdictView;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Briefs;
import vividtrellis.core.brief.Key;
import vividtrellis.core.brief.PickWords;
import vividtrellis.core.document.Documents.Notation;

/** Writes a brief, from words or from answers. */
@Command(
    name = "brief",
    mixinStandardHelpOptions = true,
    sortOptions = false,
    description = {
      "Writes a brief: from words, or step by step from answers at a terminal.",
      "What is not picked stays open, and is filled in whenever the brief is used."
    },
    footer = {
      "",
      "  vivid brief --to berth-booking.yaml",
      "  vivid brief name=tide-board +http-api --to tide-board.yaml",
      "  vivid brief name=tide-board +http-api --whole"
    })
final class BriefCommand implements Callable<Integer> {

  @Mixin private Common common;
  @Mixin private BriefInput input;
  @Spec private CommandSpec spec;

  @Option(
      names = "--to",
      paramLabel = "FILE",
      description = "Write it to a file that is not there yet; .json for JSON, else YAML.")
  private @Nullable String to;

  @Option(names = "--whole", description = "Write what was filled in too, as picks.")
  private boolean whole;

  @Option(names = "--no-questions", description = "Never ask; words and defaults only.")
  private boolean noQuestions;

  @Override
  public Integer call() throws IOException {
    ApiClient service = common.service();
    PrintWriter out = spec.commandLine().getOut();
    boolean asks = !noQuestions && !common.json() && Terminal.isThere() && !input.hasBrief();
    Brief given = !input.isEmpty() ? input.brief(service) : Config.read().begun();
    if (asks) {
      try (Prompt asker = new Prompt()) {
        Screen screen = new Screen(asker.out());
        Interview interview = new Interview(service, asker, screen, given);
        return finish(Questionnaire.run(interview), interview, asker);
      }
    }
    if (given.get(Key.NAME).isEmpty()) {
      throw new Failure(
          Failure.USAGE,
          "These are missing: name.",
          "/project/name",
          "give it as a word, as in: vivid brief name=berth-booking");
    }
    CheckAnswer verdict = judge(service, given);
    if (!verdict.fits()) {
      Screen screen = new Screen(spec.commandLine().getErr());
      new VerdictView(screen).show(verdict);
      return Failure.BLOCKED;
    }
    Brief brief = whole ? verdict.brief() : given;
    if (to == null) {
      out.print(Briefs.write(brief, common.json() ? Notation.JSON : Notation.YAML));
      return 0;
    }
    write(path(to), brief);
    if (common.json()) {
      out.print(Briefs.write(brief, Notation.JSON));
    } else {
      next(new Screen(out), to, brief);
    }
    return 0;
  }

  private static CheckAnswer judge(ApiClient service, Brief brief) {
    return service.post("/checks", SentBrief.of("words", brief)).check();
  }

  /** Shows what came of the answers, and writes it where it is wanted. */
  private int finish(Brief answered, Interview interview, Prompt asker) {
    Screen screen = interview.screen();
    screen.line("");
    new VerdictView(screen).show(interview.verdict());
    boolean fits = interview.verdict().fits();
    Brief brief = whole && fits ? interview.verdict().brief() : answered;
    screen.line("");
    String preset = to == null ? brief.require(Key.NAME) + ".yaml" : to;
    while (true) {
      String answer = asker.ask("Write it to [" + preset + "]: ", List.of());
      String file = answer.isEmpty() ? preset : answer;
      try {
        write(path(file), brief);
        next(screen, file, brief);
        return fits ? 0 : Failure.BLOCKED;
      } catch (Failure e) {
        screen.told(screen.impossible(), String.valueOf(e.getMessage()));
      }
    }
  }

  private static void next(Screen screen, String file, Brief brief) {
    screen.line(screen.possible() + " The brief is in " + screen.strong(file) + ".");
    screen.line(
        "  The same without questions:  vivid brief "
            + PickWords.words(brief).stream().map(Shell::quoted).collect(Collectors.joining(" "))
            + " --to "
            + Shell.quoted(file));
    screen.line(
        "  Next:  vivid take "
            + Shell.quoted(file)
            + " --into "
            + Shell.quoted(brief.get(Key.NAME).orElse("project")));
  }

  private static Path path(String text) {
    try {
      return Path.of(text);
    } catch (InvalidPathException e) {
      throw new Failure(Failure.USAGE, "This is no path: " + text, "--to", null);
    }
  }

  private static void write(Path file, Brief brief) {
    Notation notation = file.toString().endsWith(".json") ? Notation.JSON : Notation.YAML;
    try {
      Files.writeString(file, Briefs.write(brief, notation), StandardOpenOption.CREATE_NEW);
    } catch (java.nio.file.FileAlreadyExistsException e) {
      throw Failure.nameIsTaken(file);
    } catch (IOException e) {
      throw Failure.cannotWrite("The brief", file, e);
    }
  }
}
