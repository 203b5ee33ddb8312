package vividtrellis.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;
import vividtrellis.core.pack.Archive.Format;

/** Takes a project home. */
@Command(
    name = "take",
    mixinStandardHelpOptions = true,
    sortOptions = false,
    description = "Takes the project home: into a directory, or as an archive.",
    footer = {
      "",
      "  vivid take berth-booking.yaml --into berth-booking --git",
      "  vivid take berth-booking.yaml --into . --look",
      "  vivid take name=tide-board +http-api --archive tide-board.tar.gz",
      "",
      "Files that are there already and differ: at a terminal it asks, else it stops and writes",
      "nothing. Lines of an ignore file join those that are there. All is written, or nothing."
    })
final class TakeCommand implements Callable<Integer> {

  @Mixin private Common common;
  @Mixin private BriefInput input;
  @Spec private CommandSpec spec;

  @Option(names = "--into", paramLabel = "DIR", description = "Write the contents into DIR itself.")
  private @Nullable String into;

  @Option(
      names = "--archive",
      paramLabel = "FILE",
      description = "Write the archive, .zip or .tar.gz; - for a zip on standard output.")
  private @Nullable String archive;

  @Option(
      names = "--look",
      description = "Show what would be made and what would become of each file; write nothing.")
  private boolean look;

  @Option(
      names = "--on-clash",
      paramLabel = "WHAT",
      description = {
        "Where a file is there and differs: keep mine, replace it,",
        "put the new one beside it as FILE.beside, or stop."
      })
  private @Nullable String onClash;

  @Option(
      names = "--git",
      description = "With --into: make a repository whose first commit is what was written.")
  private boolean git;

  @Option(names = "--no-questions", description = "Never ask; stop where it would have to.")
  private boolean noQuestions;

  @Override
  public Integer call() throws IOException {
    if ((into == null) == (archive == null)) {
      throw new Failure(
          Failure.USAGE, "Say where to, once.", null, "give --into DIR or --archive FILE");
    }
    Clash.Policy policy = policy();
    if (git && into == null) {
      throw new Failure(
          Failure.USAGE, "--git goes with --into.", null, "give --into DIR, or leave --git out");
    }
    if (git) {
      FirstCommit.mayBeMadeIn(path(String.valueOf(into)));
    }
    Format format = into == null ? format(String.valueOf(archive)) : Format.TAR_GZ;
    Service service = common.service();
    Service.Answer answer =
        service.post("/archives?format=" + format.word(), input.document(service));
    PrintWriter out = spec.commandLine().getOut();
    if (answer.status() == 422) {
      if (common.json()) {
        out.println(answer.text());
        return Failure.BLOCKED;
      }
      return Blocked.tell(new Screen(spec.commandLine().getErr()), answer.json());
    }
    if (into != null) {
      Directory directory = new Directory(path(into));
      List<Directory.Step> steps = directory.plan(answer.bytes(), policy);
      if (!look) {
        directory.write(steps);
      }
      if (git && !look) {
        FirstCommit.make(
            directory.root(),
            steps.stream()
                .filter(step -> step.fate() != Directory.Fate.KEPT)
                .map(Directory.Step::written)
                .toList());
      }
      new TakeView(spec.commandLine().getOut(), common.json()).tell(directory.root(), steps, look);
      return 0;
    }
    if (String.valueOf(archive).equals("-") && !look) {
      System.out.write(answer.bytes());
      System.out.flush();
      return 0;
    }
    Path file = path(String.valueOf(archive));
    if (!look) {
      write(file, answer.bytes());
    }
    new TakeView(out, common.json()).tell(file, answer.bytes().length, look);
    return 0;
  }

  private Clash.Policy policy() {
    if (onClash != null) {
      if (into == null) {
        throw new Failure(
            Failure.USAGE,
            "--on-clash goes with --into.",
            null,
            "give --into DIR, or leave --on-clash out");
      }
      for (Clash each : Clash.values()) {
        if (each.name().equalsIgnoreCase(onClash)) {
          return path -> each;
        }
      }
      throw new Failure(
          Failure.USAGE,
          "There is no way '" + onClash + "' to deal with a clash.",
          "--on-clash",
          "say keep, replace, beside or stop");
    }
    boolean asks =
        !noQuestions && !look && !common.json() && !input.isFromInput() && Terminal.isThere();
    return asks ? new AskedClash(spec.commandLine().getOut()) : path -> Clash.STOP;
  }

  private static Format format(String file) {
    if (file.equals("-")) {
      return Format.ZIP;
    }
    return Format.of(file)
        .orElseThrow(
            () ->
                new Failure(
                    Failure.USAGE,
                    "An archive is a .zip or a .tar.gz, not " + file + ".",
                    "--archive",
                    "give the file one of these endings"));
  }

  private static Path path(String text) {
    try {
      return Path.of(text);
    } catch (InvalidPathException e) {
      throw new Failure(Failure.USAGE, "This is no path: " + text, null, null);
    }
  }

  private static void write(Path file, byte[] bytes) {
    try {
      if (Files.exists(file)) {
        throw new Failure(
            Failure.CANNOT_WRITE,
            "There is a file of that name already.",
            file.toString(),
            "choose another name, or move it away");
      }
      Path folder = file.toAbsolutePath().getParent();
      Path part = Files.createTempFile(folder, ".vivid-", ".part");
      try {
        Files.write(part, bytes);
        Files.move(part, file, StandardCopyOption.ATOMIC_MOVE);
      } finally {
        Files.deleteIfExists(part);
      }
    } catch (IOException e) {
      throw new Failure(
          Failure.CANNOT_WRITE,
          "The archive cannot be written: " + Failure.reason(e),
          file.toString(),
          "choose a directory that is there and can be written to");
    }
  }
}
