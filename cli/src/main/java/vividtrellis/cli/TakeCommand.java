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
import vividtrellis.core.document.Documents;
import vividtrellis.core.document.Documents.Notation;
import vividtrellis.core.document.Node;
import vividtrellis.core.document.Position;
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
      "  vivid take name=tide-board +http-api --archive tide-board.tar.gz",
      "",
      "Nothing that is there already is overwritten."
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
      names = "--git",
      description = "With --into: make a repository whose first commit is what was written.")
  private boolean git;

  @Override
  public Integer call() throws IOException {
    if ((into == null) == (archive == null)) {
      throw new Failure(
          Failure.USAGE, "Say where to, once.", null, "give --into DIR or --archive FILE");
    }
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
      Directory.Written written = new Directory(path(into)).write(answer.bytes());
      if (git) {
        FirstCommit.make(written.root(), written.files());
      }
      tell(out, written.root().toString(), written.files());
    } else if (String.valueOf(archive).equals("-")) {
      System.out.write(answer.bytes());
      System.out.flush();
    } else {
      Path file = path(String.valueOf(archive));
      write(file, answer.bytes());
      tell(out, file.toString(), List.of(file.getFileName().toString()));
    }
    return 0;
  }

  private void tell(PrintWriter out, String where, List<String> files) {
    if (common.json()) {
      Node.Fields said =
          new Node.Fields(java.util.Map.of(), Position.NONE)
              .with("written", Node.text(where))
              .with("files", Node.texts(files));
      out.print(Documents.write(said, Notation.JSON));
      return;
    }
    Screen screen = new Screen(out);
    if (into == null) {
      screen.line(screen.possible() + " The archive is in " + screen.strong(where) + ".");
      return;
    }
    screen.line(
        screen.possible() + " " + files.size() + " files are in " + screen.strong(where) + ".");
    String build = files.contains("gradlew") ? "./gradlew build" : "./mvnw verify";
    screen.line("  Next:  cd " + quoted(where) + " && " + build);
  }

  private static String quoted(String path) {
    return path.matches("[A-Za-z0-9_./-]+") ? path : "'" + path.replace("'", "'\\''") + "'";
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
