package vividtrellis.cli;

import java.io.IOException;
import java.nio.file.DirectoryNotEmptyException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import vividtrellis.cli.files.Directory;
import vividtrellis.cli.files.FileTransaction;
import vividtrellis.cli.files.WrittenProject;
import vividtrellis.cli.terminal.Failure;
import vividtrellis.cli.terminal.Printing;
import vividtrellis.cli.terminal.Screen;
import vividtrellis.cli.terminal.Shell;
import vividtrellis.core.document.Documents;
import vividtrellis.core.document.Documents.Notation;
import vividtrellis.core.document.Node;
import vividtrellis.core.pack.Receipt;

/** Takes back what was written and is still as it was written. Asks no service. */
@Command(
    name = "withdraw",
    mixinStandardHelpOptions = true,
    sortOptions = false,
    description = {
      "Takes back a project that was written into a directory.",
      "Only files that are still as they were written go; everything else stays."
    },
    footer = {"", "  vivid withdraw berth-booking --look", "  vivid withdraw berth-booking"})
final class WithdrawCommand implements Callable<Integer> {

  @Parameters(index = "0", paramLabel = "DIR", description = "The project's directory.")
  private Path directory = Path.of(".");

  @Option(names = "--look", description = "Tell what would go and what would stay; take nothing.")
  private boolean look;

  @Mixin private Printing printing;

  @Spec private CommandSpec spec;

  @Override
  public Integer call() {
    Path root = directory.toAbsolutePath().normalize();
    Receipt receipt = WrittenProject.receipt(root, "vivid withdraw berth-booking");
    List<String> go = new ArrayList<>();
    List<String> changed = new ArrayList<>();
    List<String> gone = new ArrayList<>();
    for (Receipt.Entry entry : receipt.files()) {
      Path file = file(root, entry.path());
      boolean there = Files.exists(file, LinkOption.NOFOLLOW_LINKS);
      (!there ? gone : isAsWritten(file, entry) ? go : changed).add(entry.path());
      // Where a file of that name was there before, the project's was put next to it.
      String beside = entry.path() + Directory.BESIDE;
      if (isAsWritten(file(root, beside), entry)) {
        go.add(beside);
      }
    }
    go.add(Receipt.PATH);
    List<String> others = look ? List.of() : take(root, go);
    tell(root, go, changed, gone, others);
    return 0;
  }

  private static Path file(Path root, String path) {
    try {
      return Directory.inside(root, path);
    } catch (IOException e) {
      throw new Failure(
          Failure.UNREADABLE,
          "The receipt names a file that is not in the directory: " + path,
          root.resolve(Receipt.PATH).toString(),
          "nothing was taken; bring the receipt back from version control");
    }
  }

  private static boolean isAsWritten(Path file, Receipt.Entry entry) {
    try {
      return Files.isRegularFile(file, LinkOption.NOFOLLOW_LINKS)
          && Files.size(file) <= Receipt.LARGEST
          && Receipt.digest(Files.readString(file)).equals(entry.digest());
    } catch (IOException e) {
      // What is no text any more, or cannot be read, is not as it was written.
      return false;
    }
  }

  /** Takes files, and then directories that are empty; gives what else lies in the root. */
  private List<String> take(Path root, List<String> files) {
    try (FileTransaction writing = new FileTransaction(root)) {
      for (String each : files) {
        writing.moveAway(file(root, each));
      }
      writing.done();
    } catch (IOException e) {
      throw new Failure(
          Failure.CANNOT_WRITE,
          "The files cannot be taken away: " + Failure.reason(e),
          root.toString(),
          "nothing was taken; see that the directory can be written to");
    }
    files.forEach(each -> prune(file(root, each).getParent(), root));
    try (Stream<Path> left = Files.list(root)) {
      return left.map(path -> String.valueOf(path.getFileName())).sorted().toList();
    } catch (IOException e) {
      return List.of();
    }
  }

  /** Deletes a directory that is empty now, and those around it, but never the root. */
  private static void prune(Path folder, Path root) {
    for (Path each = folder; each != null && !each.equals(root); each = each.getParent()) {
      try {
        Files.deleteIfExists(each);
      } catch (DirectoryNotEmptyException e) {
        return;
      } catch (IOException e) {
        // It stays, as empty as it is.
        return;
      }
    }
  }

  private void tell(
      Path root, List<String> go, List<String> changed, List<String> gone, List<String> others) {
    Screen screen = new Screen(spec.commandLine().getOut());
    if (printing.json()) {
      spec.commandLine()
          .getOut()
          .print(
              Documents.write(
                  Node.fields()
                      .with("directory", Node.text(root.toString()))
                      .with("looked", Node.text(look ? "yes" : "no"))
                      .with("withdrawn", Node.texts(go))
                      .with("changed", Node.texts(changed))
                      .with("missing", Node.texts(gone)),
                  Notation.JSON));
      return;
    }
    screen.line(
        screen.possible()
            + " "
            + count(go.size())
            + (look ? " would go from " : " went from ")
            + screen.strong(Shell.place(root))
            + ".");
    list(screen, look ? "would go" : "went", go);
    list(screen, "changed since, stays", changed);
    list(screen, "not there any more", gone);
    if (!others.isEmpty()) {
      screen.paragraph(2, "In it still: " + String.join(", ", others));
    }
    if (look) {
      screen.line("  Next:  the same without --look");
    }
  }

  private static String count(int files) {
    return files == 1 ? "1 file" : files + " files";
  }

  private static void list(Screen screen, String what, List<String> files) {
    for (String each : files) {
      screen.line("  " + Screen.pad(what, 22) + Screen.plain(each));
    }
  }
}
