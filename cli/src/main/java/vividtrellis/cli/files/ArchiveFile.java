package vividtrellis.cli.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.Map;
import vividtrellis.cli.files.TarContents.Entry;
import vividtrellis.cli.terminal.Failure;
import vividtrellis.core.pack.Archive.Format;

/** An archive on its way to the disk. */
public final class ArchiveFile {

  private final Path path;
  private final byte[] bytes;

  public ArchiveFile(String file, byte[] bytes) {
    this.path = path(file);
    this.bytes = bytes;
  }

  /** Where it goes, as it was said. */
  public Path path() {
    return path;
  }

  /** In bytes. */
  public int size() {
    return bytes.length;
  }

  /**
   * The form of an archive, by the ending of its file.
   *
   * @param file or {@code -}
   */
  public static Format format(String file) {
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

  public static Path path(String text) {
    try {
      return Path.of(text);
    } catch (InvalidPathException e) {
      throw new Failure(Failure.USAGE, "This is no path: " + text, null, null);
    }
  }

  /**
   * Writes files of one directory: all or none.
   *
   * @param files at least one
   * @throws Failure when one is there already, or cannot be written; none is there then
   */
  public static void write(Collection<ArchiveFile> files) {
    Map<Path, Entry> contents = new LinkedHashMap<>();
    for (ArchiveFile file : files) {
      if (Files.exists(file.path, LinkOption.NOFOLLOW_LINKS)) {
        throw Failure.nameIsTaken(file.path);
      }
      contents.put(file.path.toAbsolutePath().normalize(), new Entry(file.bytes, false));
    }
    Path first = files.iterator().next().path;
    Path folder = first.toAbsolutePath().normalize().getParent();
    try {
      if (folder == null || !Files.isDirectory(folder)) {
        throw new IOException("there is no such directory");
      }
      try (FileTransaction writing = new FileTransaction(folder)) {
        writing.put(contents);
        writing.done();
      }
    } catch (IOException e) {
      throw Failure.cannotWrite("The archive", first, e);
    }
  }
}
