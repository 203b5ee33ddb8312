package vividtrellis.cli.files;

import java.io.IOException;
import java.nio.charset.MalformedInputException;
import java.nio.file.Files;
import java.nio.file.Path;
import vividtrellis.cli.terminal.Failure;
import vividtrellis.core.document.UnreadableDocument;
import vividtrellis.core.pack.Receipt;

/** A project that was made here, by the receipt that lies in it. */
public final class WrittenProject {

  private WrittenProject() {}

  /**
   * Its receipt.
   *
   * @throws Failure when there is none, or it cannot be read
   */
  public static Receipt receipt(Path directory, String command) {
    Path file = directory.resolve(Receipt.PATH);
    if (!Files.isRegularFile(file)) {
      throw new Failure(
          Failure.UNREADABLE,
          "There is no receipt in this directory.",
          file.toString(),
          "name the directory of a project that was made here, as in: " + command);
    }
    try {
      return Receipt.read(text(file));
    } catch (UnreadableDocument e) {
      throw new Failure(
          Failure.UNREADABLE,
          String.valueOf(e.getMessage()),
          file.toString(),
          "take the project again, or bring the receipt back from version control");
    }
  }

  /** A text file of it. */
  public static String text(Path file) {
    try {
      if (Files.size(file) > Receipt.LARGEST) {
        throw new Failure(Failure.UNREADABLE, "The file is too large.", file.toString(), null);
      }
      return Files.readString(file);
    } catch (MalformedInputException e) {
      throw new Failure(Failure.UNREADABLE, "The file is no text any more.", file.toString(), null);
    } catch (IOException e) {
      throw new Failure(
          Failure.UNREADABLE,
          "The file cannot be read: " + Failure.reason(e) + ".",
          file.toString(),
          "bring it back, or name another one");
    }
  }
}
