package vividtrellis.downloads;

import java.io.File;
import java.io.IOException;
import java.util.stream.Stream;
import picocli.CommandLine;
import picocli.CommandLine.Model.CommandSpec;
import picocli.codegen.docgen.manpage.ManPageGenerator;
import vividtrellis.cli.Vivid;

/** Writes the pages of the manual, one for the command and one for each of its commands. */
final class Manual {

  private Manual() {}

  /**
   * Writes them as AsciiDoc.
   *
   * @param args the folder that they go into, and the version of the command
   * @throws IOException when it cannot be written to
   */
  public static void main(String[] args) throws IOException {
    CommandLine vivid = Vivid.line();
    CommandSpec[] pages =
        Stream.concat(Stream.of(vivid), vivid.getSubcommands().values().stream())
            .map(CommandLine::getCommandSpec)
            .toArray(CommandSpec[]::new);
    for (CommandSpec page : pages) {
      page.versionProvider(null).version("vivid " + args[1]);
      // What stands below the help has no heading there; the generator leaves out what has none.
      page.usageMessage().footerHeading(page.parent() == null ? "Use%n" : "Examples%n");
      page.usageMessage().exitCodeListHeading("Exit status%n");
    }
    int code =
        ManPageGenerator.generateManPage(new File(args[0]), null, new boolean[0], true, pages);
    if (code != 0) {
      throw new IOException("the manual could not be written to " + args[0]);
    }
  }
}
