package vividtrellis.catalog.audit;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;
import vividtrellis.catalog.EditionFolder;
import vividtrellis.catalog.ShippedEdition;
import vividtrellis.catalog.audit.Audit.Report;
import vividtrellis.catalog.audit.Row.Outcome;
import vividtrellis.catalog.reach.ReachAudit;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.InvalidEdition;
import vividtrellis.core.catalog.ReachReader;

/**
 * {@code vivid audit}: for those who maintain a catalog. It reads the registry, not the service.
 */
@Command(
    name = "vivid audit",
    mixinStandardHelpOptions = true,
    description = "Holds an edition of the catalog against the real registry.",
    footer = {
      "",
      "  vivid audit",
      "  vivid audit --edition my-edition --write",
      "  vivid audit --propose next-edition",
      "  vivid audit --reach --into reach.yaml --registry ~/.m2/settings.xml"
    })
public final class AuditCommand implements Callable<Integer> {

  private static final int FAULTY = 1;
  private static final int UNREACHABLE = 69;
  private static final int AGAIN = 75;

  @Option(
      names = "--edition",
      paramLabel = "DIR",
      description = "Folder of the edition; the shipped one unless given.")
  private @Nullable Path folder;

  @Option(
      names = "--kept",
      paramLabel = "DIR",
      defaultValue = "${env:XDG_CACHE_HOME:-${sys:user.home}/.cache}/vivid-trellis/audit",
      description = "Where what was fetched is kept (default: ${DEFAULT-VALUE}).")
  private Path kept = Path.of("");

  @Option(
      names = "--registry",
      paramLabel = "ADDRESS|SETTINGS.xml",
      description =
          "Address of a Maven registry, other than the one Maven itself asks; with --reach also a "
              + "settings file of Maven, with its mirrors, accounts and proxies.")
  private @Nullable String address;

  @Option(
      names = "--reach",
      description =
          "Find out what the registry really gives: everything that projects would ask for, with "
              + "all that it brings along. With --write, or into --into, the result is kept.")
  private boolean reach;

  @Option(
      names = "--into",
      paramLabel = "FILE",
      description = "Where to write the reach; the service takes it as VIVID_REACH.")
  private @Nullable Path into;

  @Option(
      names = "--minutes",
      paramLabel = "N",
      defaultValue = "60",
      description =
          "How long to go on with --reach; the next run goes on from there (default: 60).")
  private int minutes = 60;

  @Option(names = "--write", description = "Write evidence.yaml into the folder of the edition.")
  private boolean write;

  @Option(
      names = "--offline",
      description =
          "Only load it: names, references, templates, and whether everything can be had.")
  private boolean offline;

  @Option(names = "--all", description = "Show what holds too.")
  private boolean all;

  @Option(
      names = "--propose",
      paramLabel = "DIR",
      description = "Write the next edition there: newer patches and lines, and what changed.")
  private @Nullable Path proposal;

  @Spec private CommandSpec spec;

  /** Runs the command and ends the process with its exit code. */
  public static void main(String[] args) {
    CommandLine line = new CommandLine(new AuditCommand());
    line.setExecutionExceptionHandler(
        (e, command, parsed) -> {
          command.getErr().println("vivid: " + e.getMessage());
          return e instanceof UncheckedIOException ? UNREACHABLE : 70;
        });
    line.setParameterExceptionHandler(
        (e, given) -> {
          e.getCommandLine().getErr().println("vivid: " + e.getMessage());
          return 64;
        });
    System.exit(line.execute(args));
  }

  @Override
  public Integer call() throws IOException {
    PrintWriter out = spec.commandLine().getOut();
    Optional<EditionFolder> of = Optional.ofNullable(folder).map(EditionFolder::new);
    Function<String, Optional<String>> files =
        name -> of.isPresent() ? of.get().file(name) : ShippedEdition.file(name);
    if (offline) {
      return offline(of, files);
    }
    Edition edition = of.map(EditionFolder::load).orElseGet(ShippedEdition::load);
    String base = address == null ? ShippedEdition.inputs().mavenBase() : address;
    if (reach) {
      return reach(edition, Evidence.digest(files), out);
    }
    if (proposal != null) {
      new Proposal(edition, files, new Registry(base, kept)).write(proposal).forEach(out::println);
      return 0;
    }
    if (write && folder == null) {
      throw new CommandLine.ParameterException(
          spec.commandLine(), "--write needs --edition DIR, the folder to write into");
    }
    Report read = Audit.run(edition, base, kept);
    Report report = write ? read.written() : read;
    show(report, out);
    if (write && folder != null) {
      String day = LocalDate.now(ZoneOffset.UTC).toString();
      Files.writeString(
          folder.resolve(Evidence.FILE), Evidence.text(Evidence.digest(files), report, day));
      out.println("written: " + folder.resolve(Evidence.FILE));
    }
    return report.of(Outcome.FAULT).isEmpty() ? 0 : FAULTY;
  }

  private int reach(Edition edition, String digest, PrintWriter out) throws IOException {
    Path file = into == null && folder != null && write ? folder.resolve(ReachReader.FILE) : into;
    boolean settings = address != null && Files.isRegularFile(Path.of(address));
    String base = address == null || settings ? ShippedEdition.inputs().mavenBase() : address;
    ReachAudit.Report report =
        ReachAudit.run(
            edition,
            base,
            settings ? Optional.of(Path.of(String.valueOf(address))) : Optional.empty(),
            kept.resolve("reach"),
            digest,
            LocalDate.now(ZoneOffset.UTC).toString(),
            Duration.ofMinutes(minutes),
            line -> {
              out.println(line);
              out.flush();
            });
    out.printf(
        "%d roots looked at, %d files asked for, %d roots lack something.%n",
        report.asked(), report.files(), report.holes().size());
    if (!report.whole()) {
      out.printf("Stopped after %d minutes; run it again to go on.%n", minutes);
      return AGAIN;
    }
    if (file != null) {
      Files.writeString(file, report.text());
      out.println("written: " + file);
    }
    return 0;
  }

  /** What can be seen without a registry. */
  private int offline(Optional<EditionFolder> of, Function<String, Optional<String>> files) {
    PrintWriter out = spec.commandLine().getOut();
    try {
      Edition edition = of.map(EditionFolder::load).orElseGet(ShippedEdition::load);
      out.printf(
          "Edition %s is sound: %d starters, %d extras, %d rules, %d templates.%n",
          edition.id(),
          edition.starters().size(),
          edition.extras().size(),
          edition.rules().size(),
          edition.templates().size());
      String digest = Evidence.digest(files);
      if (files.apply(Evidence.FILE).filter(text -> text.contains(digest)).isEmpty()) {
        out.println("Its data changed since the registry was asked: vivid audit --write.");
      }
      return 0;
    } catch (InvalidEdition e) {
      e.faults().forEach(out::println);
      out.printf("%d at fault.%n", e.faults().size());
      return FAULTY;
    }
  }

  private void show(Report report, PrintWriter out) {
    for (Outcome outcome : new Outcome[] {Outcome.FAULT, Outcome.NOT_FETCHABLE_HERE}) {
      for (Row row : report.of(outcome)) {
        show(row, out);
      }
    }
    if (all) {
      report.of(Outcome.HOLDS).forEach(row -> show(row, out));
    }
    out.printf(
        "%d hold, %d cannot be fetched here, %d at fault.%n",
        report.of(Outcome.HOLDS).size(),
        report.of(Outcome.NOT_FETCHABLE_HERE).size(),
        report.of(Outcome.FAULT).size());
  }

  private static void show(Row row, PrintWriter out) {
    out.printf("%-9s %s%n", row.outcome().words(), row);
  }
}
