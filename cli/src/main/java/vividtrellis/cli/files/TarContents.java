package vividtrellis.cli.files;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import org.apache.commons.compress.archivers.ArchiveEntry;
import org.apache.commons.compress.archivers.ArchiveInputStream;
import org.apache.commons.compress.archivers.tar.TarArchiveEntry;
import org.apache.commons.compress.archivers.tar.TarArchiveInputStream;
import org.apache.commons.compress.archivers.zip.ZipArchiveEntry;
import org.apache.commons.compress.archivers.zip.ZipArchiveInputStream;
import org.apache.commons.compress.compressors.gzip.GzipCompressorInputStream;
import vividtrellis.cli.terminal.Failure;
import vividtrellis.core.pack.Archive.Format;

/**
 * The files of an archive, below its one top directory. Nothing of them leads out of it, is a file
 * of version control on any system, or is anything but a plain file; and there are only so many, so
 * large.
 */
public final class TarContents {

  private static final int MOST_ENTRIES = 10_000;
  private static final int LONGEST_PATH = 1_000;

  /** Signs that some file systems leave out of names. */
  private static final Pattern UNSEEN =
      Pattern.compile("[\\u200c-\\u200f\\u202a-\\u202e\\u206a-\\u206f\\ufeff]");

  /**
   * How Windows calls {@code .git} where names are short, and where more is written behind them.
   */
  private static final Pattern VERSION_CONTROL = Pattern.compile("(\\.git|git~[0-9]+)([. ]*|:.*)");

  private final long most;
  private final Map<String, Entry> entries = new LinkedHashMap<>();
  private final Set<String> seen = new HashSet<>();
  private long size;

  private TarContents(long most) {
    this.most = most;
  }

  /** A file to write. */
  @SuppressWarnings("ArrayRecordComponent") // nobody compares entries
  public record Entry(byte[] content, boolean executable) {}

  /**
   * Reads an archive.
   *
   * @param most bytes of all its files together
   * @return path with slashes to file, in the order of the archive
   * @throws Failure when it is no archive, or one that must not be taken
   */
  public static Map<String, Entry> of(Path archive, Format format, long most) {
    TarContents unpacked = new TarContents(most);
    try (InputStream in = new BufferedInputStream(Files.newInputStream(archive));
        ArchiveInputStream<? extends ArchiveEntry> files =
            format == Format.ZIP
                ? new ZipArchiveInputStream(in)
                : new TarArchiveInputStream(new GzipCompressorInputStream(in))) {
      unpacked.read(files);
    } catch (IOException | IllegalArgumentException e) {
      throw refused("it cannot be read to its end");
    }
    if (unpacked.entries.isEmpty()) {
      throw refused("there is nothing in it");
    }
    return unpacked.entries;
  }

  private void read(ArchiveInputStream<? extends ArchiveEntry> files) throws IOException {
    int count = 0;
    for (ArchiveEntry entry = files.getNextEntry(); entry != null; entry = files.getNextEntry()) {
      if (++count > MOST_ENTRIES) {
        throw refused("it has more than %d entries".formatted(MOST_ENTRIES));
      }
      String name = entry.getName();
      if (!isPlain(entry)) {
        throw refused("it holds something that is no plain file: " + name);
      }
      if (entry.isDirectory()) {
        continue;
      }
      String path = name.indexOf('/') > 0 ? inside(name.substring(name.indexOf('/') + 1)) : "";
      if (path.isEmpty() || !seen.add(path.toLowerCase(Locale.ROOT))) {
        throw refused("it names a file twice, or one beside its top directory: " + name);
      }
      entries.put(path, new Entry(content(files), isExecutable(entry)));
    }
  }

  private byte[] content(InputStream in) throws IOException {
    byte[] content = in.readNBytes((int) Math.min(Integer.MAX_VALUE - 8, most - size + 1));
    size += content.length;
    if (size > most) {
      throw refused("it unpacks to more than %d MB".formatted(most >> 20));
    }
    return content;
  }

  private static boolean isPlain(ArchiveEntry entry) {
    if (entry instanceof TarArchiveEntry tar) {
      boolean other =
          tar.isSymbolicLink()
              || tar.isLink()
              || tar.isCharacterDevice()
              || tar.isBlockDevice()
              || tar.isFIFO()
              || tar.isSparse();
      return !other && (tar.isDirectory() || tar.isFile());
    }
    return !((ZipArchiveEntry) entry).isUnixSymlink();
  }

  private static boolean isExecutable(ArchiveEntry entry) {
    int mode =
        entry instanceof TarArchiveEntry tar
            ? tar.getMode()
            : ((ZipArchiveEntry) entry).getUnixMode();
    return (mode & 0100) != 0;
  }

  private static String inside(String path) {
    if (path.length() > LONGEST_PATH) {
      throw refused("it names a path of more than %d signs".formatted(LONGEST_PATH));
    }
    for (String part : path.split("/", -1)) {
      String name = UNSEEN.matcher(part).replaceAll("").toLowerCase(Locale.ROOT);
      if (name.isEmpty()
          || name.equals(".")
          || name.contains("..")
          || name.contains("\\")
          || name.chars().anyMatch(Character::isISOControl)) {
        throw refused("it names a file outside the directory");
      }
      if (VERSION_CONTROL.matcher(name).matches()) {
        throw refused("it names a file of version control: " + path);
      }
    }
    return path;
  }

  private static Failure refused(String why) {
    return new Failure(
        Failure.INTERNAL,
        "The archive is not taken: " + why + ".",
        null,
        "nothing was written; ask who runs the service");
  }
}
