package vividtrellis.core.pack;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import org.apache.commons.compress.archivers.tar.TarArchiveEntry;
import org.apache.commons.compress.archivers.tar.TarArchiveOutputStream;
import org.apache.commons.compress.archivers.zip.ZipArchiveEntry;
import org.apache.commons.compress.archivers.zip.ZipArchiveOutputStream;
import vividtrellis.core.pack.Archive.Format;
import vividtrellis.core.render.FileSet;
import vividtrellis.core.render.FileSet.GeneratedFile;

/**
 * The door of this room: files give an archive with one top directory. The same files and time give
 * the same bytes everywhere: nothing is compressed, since compressors differ between machines (see
 * docs/decisions/0003).
 */
public final class Archives {

  /** The time of all entries, unless told otherwise. */
  public static final Instant DEFAULT_TIME = Instant.parse("2020-01-01T00:00:00Z");

  /** What an archive takes for an entry beside its content, in bytes; most take less. */
  private static final int ROOM_OF_ENTRY = 1024;

  private Archives() {}

  /**
   * Packs files.
   *
   * @param time of every entry; a zip keeps it as it reads in UTC, to two seconds, and not before
   *     1980
   */
  public static Archive pack(FileSet files, Format format, Instant time) {
    try {
      byte[] bytes = format == Format.ZIP ? zip(files, time) : StoredGzip.wrap(tar(files, time));
      String name = files.root() + "." + format.word();
      return new Archive(name, format, bytes, Digests.sha256(bytes));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Room that is enough for most archives, so that what is written is not copied on and on. */
  private static int room(FileSet files) {
    return files.files().stream().mapToInt(file -> file.text().length() + ROOM_OF_ENTRY).sum();
  }

  private static byte[] zip(FileSet files, Instant time) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream(room(files));
    long when = inOwnZone(time);
    try (ZipArchiveOutputStream out = new ZipArchiveOutputStream(bytes)) {
      out.setUseLanguageEncodingFlag(true);
      out.setCreateUnicodeExtraFields(ZipArchiveOutputStream.UnicodeExtraFieldPolicy.NEVER);
      for (GeneratedFile file : files.files()) {
        byte[] content = file.text().getBytes(StandardCharsets.UTF_8);
        ZipArchiveEntry entry = new ZipArchiveEntry(files.root() + "/" + file.path());
        entry.setMethod(ZipEntry.STORED);
        entry.setSize(content.length);
        entry.setCrc(crc(content));
        entry.setUnixMode(0100000 | Integer.parseInt(file.mode(), 8));
        entry.setTime(when);
        out.putArchiveEntry(entry);
        out.write(content);
        out.closeArchiveEntry();
      }
    }
    return bytes.toByteArray();
  }

  /** A zip keeps local time; this undoes the zone of the machine, so that UTC is what is kept. */
  private static long inOwnZone(Instant time) {
    LocalDateTime utc = LocalDateTime.ofInstant(time, ZoneOffset.UTC);
    LocalDateTime earliest = LocalDateTime.of(1980, 1, 1, 0, 0);
    return (utc.isBefore(earliest) ? earliest : utc)
        .atZone(ZoneId.systemDefault())
        .toInstant()
        .toEpochMilli();
  }

  private static byte[] tar(FileSet files, Instant time) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream(room(files));
    try (TarArchiveOutputStream out = new TarArchiveOutputStream(bytes, "UTF-8")) {
      out.setLongFileMode(TarArchiveOutputStream.LONGFILE_POSIX);
      for (GeneratedFile file : files.files()) {
        byte[] content = file.text().getBytes(StandardCharsets.UTF_8);
        TarArchiveEntry entry = new TarArchiveEntry(files.root() + "/" + file.path());
        entry.setSize(content.length);
        entry.setMode(0100000 | Integer.parseInt(file.mode(), 8));
        entry.setModTime(time.toEpochMilli());
        entry.setIds(0, 0);
        entry.setNames("", "");
        out.putArchiveEntry(entry);
        out.write(content);
        out.closeArchiveEntry();
      }
    }
    return bytes.toByteArray();
  }

  private static long crc(byte[] content) {
    CRC32 crc = new CRC32();
    crc.update(content);
    return crc.getValue();
  }
}
