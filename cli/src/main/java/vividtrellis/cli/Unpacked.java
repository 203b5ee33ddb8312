package vividtrellis.cli;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.zip.GZIPInputStream;
import org.apache.commons.compress.archivers.tar.TarArchiveEntry;
import org.apache.commons.compress.archivers.tar.TarArchiveInputStream;

/** The files of an archive, below its one top directory; nothing of them leads out of it. */
final class Unpacked {

  private Unpacked() {}

  /** A file to write. */
  @SuppressWarnings("ArrayRecordComponent") // nobody compares entries
  record Entry(byte[] content, boolean executable) {}

  /**
   * Reads a {@code tar.gz}.
   *
   * @return path with slashes to file, in the order of the archive
   * @throws IOException when it is no archive, or names a file outside its top directory or one of
   *     version control
   */
  static Map<String, Entry> of(byte[] archive) throws IOException {
    Map<String, Entry> entries = new LinkedHashMap<>();
    try (TarArchiveInputStream in =
        new TarArchiveInputStream(new GZIPInputStream(new ByteArrayInputStream(archive)))) {
      for (TarArchiveEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        String name = entry.getName();
        if (entry.isFile() && name.indexOf('/') > 0) {
          String path = inside(name.substring(name.indexOf('/') + 1));
          entries.put(path, new Entry(in.readAllBytes(), (entry.getMode() & 0100) != 0));
        }
      }
    }
    return entries;
  }

  private static String inside(String path) throws IOException {
    for (String part : path.split("/", -1)) {
      String name = part.toLowerCase(Locale.ROOT);
      if (name.isEmpty() || name.equals(".") || name.contains("..") || name.contains("\\")) {
        throw new IOException("the archive names a file outside the directory");
      }
      if (name.equals(".git")) {
        throw new IOException("the archive names a file of version control");
      }
    }
    return path;
  }
}
