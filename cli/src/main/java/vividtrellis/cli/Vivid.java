package vividtrellis.cli;

import java.io.OutputStreamWriter;
import java.io.PrintWriter;
import java.io.UncheckedIOException;
import java.nio.charset.Charset;
import java.util.List;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.IVersionProvider;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;
import vividtrellis.cli.api.CatalogAnswer;
import vividtrellis.cli.terminal.Failure;
import vividtrellis.core.brief.Nearest;

/** The command {@code vivid}. */
@Command(
    name = "vivid",
    mixinStandardHelpOptions = true,
    versionProvider = Vivid.Version.class,
    sortOptions = false,
    description = "From picks to a project that builds: checked, explained, taken home.",
    footer = {
      "",
      "Picks are words: KEY=VALUE with the keys of a brief, +ID for a starter.",
      "",
      "  vivid check name=berth-booking group=saltmarsh.example +http-api +sql-orm +h2",
      "  vivid take berth-booking.yaml --into berth-booking",
      "",
      "vivid audit, in a checkout of the sources, holds a catalog against the real registry.",
      "",
      "The service is http://127.0.0.1:7411 unless --server or VIVID_SERVER says otherwise."
    },
    exitCodeListHeading = "%nExit codes:%n",
    exitCodeList = {
      " 0:fine",
      " 1:blocked",
      "64:wrong usage",
      "65:a document that cannot be read",
      "69:service not reachable",
      "70:internal fault",
      "73:cannot write, or a clash stopped it",
      "75:try again later",
      "77:not allowed",
      "130:interrupted"
    })
public final class Vivid implements Runnable, AllCommands {

  /** In the order of the help. */
  private static final List<Class<?>> COMMANDS =
      List.of(
          CatalogCommand.class,
          BriefCommand.class,
          CheckCommand.class,
          LatticeCommand.class,
          OutlineCommand.class,
          TakeCommand.class,
          WithdrawCommand.class,
          CompareCommand.class,
          TraceCommand.class,
          LinkCommand.class,
          ConfigCommand.class,
          CompletionCommand.class);

  @Spec private CommandSpec spec;

  /** Runs one command and ends the process with its exit code. */
  public static void main(String[] args) {
    System.exit(run(args));
  }

  static int run(String... args) {
    Charset charset = Charset.forName(System.getProperty("vivid.charset", "UTF-8"));
    PrintWriter out = new PrintWriter(new OutputStreamWriter(System.out, charset), false);
    PrintWriter err = new PrintWriter(new OutputStreamWriter(System.err, charset), true);
    CommandLine line = line(args.length == 0 ? "" : args[0]);
    line.setOut(out);
    line.setErr(err);
    line.setParameterExceptionHandler(Vivid::usage);
    line.setExecutionExceptionHandler(Vivid::failed);
    int code = line.execute(args);
    out.flush();
    return code;
  }

  /** The command with all its commands: what its manual is made from. */
  public static CommandLine line() {
    CommandLine line = new CommandLine(new Vivid());
    COMMANDS.forEach(line::addSubcommand);
    return line.addSubcommand(new CommandLine.HelpCommand());
  }

  @Override
  public CommandLine all() {
    return line();
  }

  /** With one command alone if it is named: to read all of them takes longer than most do. */
  private static CommandLine line(String name) {
    for (Class<?> command : COMMANDS) {
      if (command.getAnnotation(Command.class).name().equals(name)) {
        return new CommandLine(new Vivid()).addSubcommand(command);
      }
    }
    return line();
  }

  @Override
  public void run() {
    throw new CommandLine.ParameterException(
        spec.commandLine(),
        "Say what to do: catalog, brief, check, lattice, outline, take, withdraw, compare, trace,"
            + " link, config, completion or audit.");
  }

  private static int usage(CommandLine.ParameterException e, String[] args) {
    String name = e.getCommandLine().getCommandSpec().qualifiedName();
    Failure failure =
        new Failure(
            Failure.USAGE,
            e instanceof CommandLine.UnmatchedArgumentException unmatched && name.equals("vivid")
                ? unknown(unmatched.getUnmatched().get(0))
                : String.valueOf(e.getMessage()),
            null,
            "see '" + name + " --help' for what can be said");
    e.getCommandLine().getErr().println(failure.text());
    return Failure.USAGE;
  }

  private static String unknown(String command) {
    if (command.equals("audit")) {
      return "The audit is for those who maintain a catalog; it is in a checkout of the sources.";
    }
    List<String> known =
        COMMANDS.stream().map(each -> each.getAnnotation(Command.class).name()).toList();
    return "There is no command '"
        + command
        + "'"
        + Nearest.of(command, known).map(near -> "; did you mean " + near + "?").orElse(".");
  }

  private static int failed(Exception e, CommandLine line, CommandLine.ParseResult parsed) {
    PrintWriter err = line.getErr();
    Failure failure =
        e instanceof Failure known
            ? known
            : e instanceof UncheckedIOException
                ? new Failure(Failure.CANNOT_WRITE, String.valueOf(e.getMessage()), null, null)
                : new Failure(
                    Failure.INTERNAL,
                    "This went wrong inside vivid: " + e,
                    null,
                    "say it again with --debug to see where");
    line.getOut().flush();
    err.println(failure.text());
    if (parsed.subcommand().hasMatchedOption("--debug")) {
      e.printStackTrace(err);
    }
    return failure.code();
  }

  /** The client's version, and that of the service with its edition if it answers. */
  static final class Version implements IVersionProvider {
    @Override
    public String[] getVersion() {
      String version = Vivid.class.getPackage().getImplementationVersion();
      String client = "vivid " + (version == null ? "from sources" : version);
      try {
        CatalogAnswer catalog = Common.service(null).get("/catalog").catalog();
        return new String[] {
          client, "service " + catalog.service() + ", edition " + catalog.edition()
        };
      } catch (Failure e) {
        return new String[] {client, "service does not answer"};
      }
    }
  }
}
