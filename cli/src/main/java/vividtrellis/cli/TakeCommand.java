package vividtrellis.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;
import vividtrellis.cli.Downloads.Download;
import vividtrellis.cli.api.ApiClient;
import vividtrellis.cli.api.Exchange;
import vividtrellis.cli.api.SentBrief;
import vividtrellis.cli.files.ArchiveFile;
import vividtrellis.cli.files.Clash;
import vividtrellis.cli.files.Directory;
import vividtrellis.cli.files.FirstCommit;
import vividtrellis.cli.terminal.Failure;
import vividtrellis.cli.terminal.Screen;
import vividtrellis.cli.terminal.Terminal;
import vividtrellis.cli.view.AskedClash;
import vividtrellis.cli.view.BlockedReport;
import vividtrellis.cli.view.TakeView;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Variants;
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

  @Option(
      names = "--most",
      paramLabel = "MB",
      description = "The largest archive that is taken, packed and unpacked (64).")
  private int most = (int) (Exchange.MOST >> 20);

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
    if (most < 1 || most > 1024) {
      throw new Failure(Failure.USAGE, "There is no such size: " + most, "--most", "1 to 1024");
    }
    ApiClient service = common.service();
    TakeView view = new TakeView(spec.commandLine().getOut(), common.json());
    try (Downloads downloads = new Downloads(service, (long) most << 20)) {
      boolean taken =
          all
              ? takeAll(downloads, input.withVariants(), policy, view)
              : takeOne(downloads, input.document(service), policy, view);
      return taken ? 0 : Failure.BLOCKED;
    }
  }

  private boolean takeOne(Downloads downloads, SentBrief brief, Clash.Policy policy, TakeView view)
      throws IOException {
    Download download = fetch(downloads, brief, "");
    if (download.isBlocked()) {
      return false;
    }
    if (into != null) {
      Directory directory = new Directory(ArchiveFile.path(into));
      List<Directory.Step> steps = plan(directory, download, policy);
      if (!look) {
        directory.write(steps);
      }
      tell(directory, steps, view);
    } else if ("-".equals(archive) && !look) {
      Files.copy(download.file(), System.out);
      System.out.flush();
      return true;
    } else {
      ArchiveFile file = archiveFile(String.valueOf(archive), download);
      if (!look) {
        ArchiveFile.write(List.of(file));
      }
      view.tell(file.path(), file.size(), look);
    }
    view.end();
    return true;
  }

  private static ArchiveFile archiveFile(String name, Download download) throws IOException {
    return new ArchiveFile(name, Files.readAllBytes(download.file()));
  }

  /** Gives whether all variants could be made. */
  private boolean takeAll(Downloads downloads, Brief whole, Clash.Policy policy, TakeView view)
      throws IOException {
    Map<String, Download> archives = new LinkedHashMap<>();
    for (String name : Variants.names(whole)) {
      Download download = fetch(downloads, variant(whole, name), name);
      if (download.isBlocked()) {
        return false;
      }
      archives.put(name, download);
    }
    if (archives.isEmpty()) {
      throw new Failure(Failure.USAGE, "This brief has no variants.", null, "leave --all out");
    }
    if (into != null) {
      writeAll(into, whole, archives, policy, view);
    } else {
      Map<String, ArchiveFile> files = new LinkedHashMap<>();
      for (Map.Entry<String, Download> each : archives.entrySet()) {
        files.put(each.getKey(), archiveFile(named(each.getKey()), each.getValue()));
      }
      if (!look) {
        ArchiveFile.write(files.values());
      }
      files.forEach((name, file) -> about(whole, name, view).tell(file.path(), file.size(), look));
    }
    view.end();
    return true;
  }

  /** All variants into directories of their own, or none. */
  private void writeAll(
      String into, Brief whole, Map<String, Download> archives, Clash.Policy policy, TakeView view)
      throws IOException {
    Directory directory = new Directory(ArchiveFile.path(into));
    Map<Directory, List<Directory.Step>> planned = new LinkedHashMap<>();
    for (Map.Entry<String, Download> each : archives.entrySet()) {
      Directory folder = directory.in(each.getKey());
      planned.put(folder, plan(folder, each.getValue(), policy));
    }
    if (!look) {
      directory.write(planned);
    }
    for (Map.Entry<Directory, List<Directory.Step>> each : planned.entrySet()) {
      String name = String.valueOf(each.getKey().root().getFileName());
      tell(each.getKey(), each.getValue(), about(whole, name, view));
    }
  }

  /** Begins to tell of a variant: how it differs. */
  private TakeView about(Brief whole, String name, TakeView view) {
    view.about(name, Variants.differences(whole, Variants.of(whole, name)));
    return view;
  }

  private static SentBrief variant(Brief whole, String name) {
    if (!name.matches("[A-Za-z0-9][A-Za-z0-9._-]{0,63}")) {
      throw new Failure(
          Failure.USAGE,
          "The variant's name cannot be that of a directory: " + name,
          "/variants",
          "use letters, digits, dots and dashes");
    }
    try {
      return SentBrief.of(name, Variants.of(whole, name));
    } catch (UnreadableDocument e) {
      throw Failure.unreadable(e);
    }
  }

  /** tide-board-NAME.tar.gz for tide-board.tar.gz. */
  private String named(String name) {
    return String.valueOf(archive).replaceFirst("(?=\\.(zip|tar\\.gz)$)", "-" + name);
  }

  /** The archive of a brief; if it is blocked, it was told why. */
  private Download fetch(Downloads downloads, SentBrief brief, String variant) {
    Format format = into == null ? ArchiveFile.format(String.valueOf(archive)) : Format.TAR_GZ;
    Download download = downloads.fetch(brief, format);
    if (!download.isBlocked()) {
      return download;
    }
    if (common.json()) {
      spec.commandLine().getOut().println(download.answer().text());
    } else {
      Screen screen = new Screen(spec.commandLine().getErr());
      if (!variant.isEmpty()) {
        screen.line(screen.strong(variant));
      }
      BlockedReport.tell(screen, download.answer().problem());
    }
    return download;
  }

  private List<Directory.Step> plan(Directory directory, Download download, Clash.Policy policy)
      throws IOException {
    if (git) {
      FirstCommit.mayBeMadeIn(directory.root());
    }
    return directory.plan(download.files(), policy);
  }

  /** Tells what was written, once it is committed where that was wished. */
  private void tell(Directory directory, List<Directory.Step> steps, TakeView view)
      throws IOException {
    if (git && !look) {
      FirstCommit.make(
          directory.root(),
          steps.stream()
              .filter(step -> step.fate() != Directory.Fate.KEPT)
              .map(Directory.Step::written)
              .toList());
    }
    view.tell(directory.root(), steps, look);
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
}
