package vividtrellis.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Briefs;
import vividtrellis.core.brief.Variants;
import vividtrellis.core.document.Documents.Notation;
import vividtrellis.core.document.UnreadableDocument;
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
      names = "--all",
      description = "Of a brief with variants, take each: into DIR/NAME, or as FILE-NAME.")
  private boolean all;

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
    if (all && "-".equals(archive)) {
      throw new Failure(
          Failure.USAGE, "Standard output has room for one archive.", null, "name a FILE");
    }
    Clash.Policy policy = policy();
    if (git && into == null) {
      throw new Failure(
          Failure.USAGE, "--git goes with --into.", null, "give --into DIR, or leave --git out");
    }
    Service service = common.service();
    if (!all) {
      Optional<byte[]> archive = fetch(service, input.document(service), "");
      return archive.isEmpty() ? Failure.BLOCKED : put(archive.get(), into, this.archive, policy);
    }
    Brief whole = input.withVariants();
    Map<String, byte[]> archives = new LinkedHashMap<>();
    for (String name : Variants.names(whole)) {
      Optional<byte[]> fetched = fetch(service, variant(whole, name), name);
      if (fetched.isEmpty()) {
        return Failure.BLOCKED;
      }
      archives.put(name, fetched.get());
    }
    if (archives.isEmpty()) {
      throw new Failure(Failure.USAGE, "This brief has no variants.", null, "leave --all out");
    }
    for (Map.Entry<String, byte[]> each : archives.entrySet()) {
      if (!common.json()) {
        differences(whole, each.getKey());
      }
      put(each.getValue(), inside(into, each.getKey()), named(this.archive, each.getKey()), policy);
    }
    return 0;
  }

  private void differences(Brief whole, String name) {
    List<String> differences = Variants.differences(whole, Variants.of(whole, name));
    Screen screen = new Screen(spec.commandLine().getOut());
    screen.line(
        screen.strong(name)
            + "  "
            + (differences.isEmpty()
                ? "as the brief itself"
                : Screen.plain(String.join(" ", differences))));
  }

  private static BriefInput.Document variant(Brief whole, String name) {
    if (!name.matches("[A-Za-z0-9][A-Za-z0-9._-]{0,63}")) {
      throw new Failure(
          Failure.USAGE,
          "The variant's name cannot be that of a directory: " + name,
          "/variants",
          "use letters, digits, dots and dashes");
    }
    try {
      return new BriefInput.Document(
          name, Briefs.write(Variants.of(whole, name), Notation.JSON), Notation.JSON);
    } catch (UnreadableDocument e) {
      throw Service.unreadable(e);
    }
  }

  private static @Nullable String inside(@Nullable String folder, String name) {
    return folder == null ? null : Path.of(folder, name).toString();
  }

  /** tide-board-NAME.tar.gz for tide-board.tar.gz. */
  private static @Nullable String named(@Nullable String archive, String name) {
    return archive == null ? null : archive.replaceFirst("(?=\\.(zip|tar\\.gz)$)", "-" + name);
  }

  /** The archive of a brief; if there is none, it was told why. */
  private Optional<byte[]> fetch(Service service, BriefInput.Document brief, String variant) {
    Format format = into == null ? format(String.valueOf(archive)) : Format.TAR_GZ;
    Service.Answer answer = service.post("/archives?format=" + format.word(), brief);
    if (answer.status() != 422) {
      return Optional.of(answer.bytes());
    }
    if (common.json()) {
      spec.commandLine().getOut().println(answer.text());
    } else {
      Screen screen = new Screen(spec.commandLine().getErr());
      if (!variant.isEmpty()) {
        screen.line(screen.strong(variant));
      }
      Blocked.tell(screen, answer.json());
    }
    return Optional.empty();
  }

  private int put(
      byte[] bytes, @Nullable String into, @Nullable String archive, Clash.Policy policy)
      throws IOException {
    PrintWriter out = spec.commandLine().getOut();
    if (into != null) {
      Directory directory = new Directory(path(into));
      if (git) {
        FirstCommit.mayBeMadeIn(directory.root());
      }
      List<Directory.Step> steps = directory.plan(bytes, policy);
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
      new TakeView(out, common.json()).tell(directory.root(), steps, look);
      return 0;
    }
    if ("-".equals(archive) && !look) {
      System.out.write(bytes);
      System.out.flush();
      return 0;
    }
    Path file = path(String.valueOf(archive));
    if (!look) {
      write(file, bytes);
    }
    new TakeView(out, common.json()).tell(file, bytes.length, look);
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
