package vividtrellis.service.records;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.ObjectMapper;

/**
 * Entries on their way to the database, one JSON document a line: a queue that outlives the
 * service. What is added lies in the file before {@link #add} returns; what is read is a part of
 * its own, so that adding goes on meanwhile. Lines that cannot be read are set aside into a file of
 * their own. Safe for many threads that add and one that reads.
 */
final class Journal {

  private static final Logger LOG = LoggerFactory.getLogger(Journal.class);
  private static final String CURRENT = "archives.jsonl";
  private static final String PART = "archives-";
  private static final String DAMAGED = "damaged.jsonl";
  private static final byte[] END = {'\n'};

  /** Entries of a part: what is read, and entered into the database, at once. */
  private static final int PER_PART = 1_000;

  private final Path folder;
  private final int most;
  private final ObjectMapper json;

  /** Held as long as the process lives. */
  private final FileChannel lock;

  private @Nullable FileChannel current;
  private int inCurrent;
  private int waiting;
  private int damaged;
  private long parts;

  /**
   * A part of the journal that nothing is added to any more.
   *
   * @param entries oldest first
   */
  record Part(Path file, List<JournalEntry> entries) {}

  /**
   * Opens the journal of a folder, with what an earlier run left in it.
   *
   * @param most the most entries that wait
   * @throws IllegalStateException when another service has it open: each would drop what the other
   *     one adds
   */
  Journal(Path folder, int most, ObjectMapper json) {
    this.folder = folder;
    this.most = most;
    this.json = json;
    try {
      OwnFiles.makeFolder(folder);
      lock = OwnFiles.append(folder.resolveSibling("journal.lock"));
      if (isHeldByAnother(lock)) {
        throw new IllegalStateException(
            "another service keeps its records in %s; name another folder in VIVID_STATE"
                .formatted(folder));
      }
      damaged = lines(folder.resolve(DAMAGED)).size();
      for (Path file : files()) {
        waiting += lines(file).size();
        parts = Math.max(parts, number(file));
      }
      // It may end in half a line, and what is added after that would be spoilt with it.
      if (Files.exists(folder.resolve(CURRENT))) {
        endPart();
      }
    } catch (IOException e) {
      throw new UncheckedIOException("the journal cannot be opened", e);
    }
  }

  private static boolean isHeldByAnother(FileChannel lock) throws IOException {
    try {
      return lock.tryLock() == null;
    } catch (OverlappingFileLockException e) {
      // An earlier one of this very process, which does nothing more.
      return false;
    }
  }

  /**
   * Adds an entry.
   *
   * @return whether it is kept; if not, the journal is full or cannot be written
   */
  synchronized boolean add(JournalEntry entry) {
    if (waiting >= most) {
      return false;
    }
    byte[] line = line(entry);
    FileChannel out = current;
    long before = -1;
    try {
      if (out != null && inCurrent >= PER_PART) {
        endPart();
        out = null;
      }
      if (out == null) {
        out = OwnFiles.append(folder.resolve(CURRENT));
        current = out;
      }
      before = out.size();
      write(out, line);
      inCurrent++;
      waiting++;
      return true;
    } catch (IOException e) {
      takeBack(out, before);
      return false;
    }
  }

  private byte[] line(JournalEntry entry) {
    return (json.writeValueAsString(entry) + "\n").getBytes(StandardCharsets.UTF_8);
  }

  private static void write(FileChannel out, byte[] bytes) throws IOException {
    ByteBuffer rest = ByteBuffer.wrap(bytes);
    while (rest.hasRemaining()) {
      out.write(rest);
    }
  }

  /** Half a line would spoil the one that comes after it. */
  private void takeBack(@Nullable FileChannel out, long size) {
    try {
      if (out != null && size >= 0) {
        out.truncate(size);
      }
    } catch (IOException e) {
      LOG.error("the end of the journal cannot be taken back; that line will be set aside");
    }
  }

  /** How many entries wait. */
  synchronized int waiting() {
    return waiting;
  }

  /** How many lines were set aside, since ever. */
  synchronized int damaged() {
    return damaged;
  }

  /**
   * The oldest part of what waits; from now on, adding begins a new one if it was the only one.
   *
   * @throws IOException when the folder cannot be read or written
   */
  synchronized Optional<Part> oldest() throws IOException {
    List<Path> files = files();
    if (files.isEmpty()) {
      return Optional.empty();
    }
    Path oldest = files.get(0);
    return Optional.of(part(number(oldest) > 0 ? oldest : endPart()));
  }

  private Path endPart() throws IOException {
    if (current != null) {
      current.close();
      current = null;
    }
    inCurrent = 0;
    parts++;
    Path ended = folder.resolve("%s%012d.jsonl".formatted(PART, parts));
    return Files.move(folder.resolve(CURRENT), ended);
  }

  private Part part(Path file) throws IOException {
    List<JournalEntry> entries = new ArrayList<>();
    List<byte[]> unreadable = new ArrayList<>();
    for (byte[] line : lines(file)) {
      try {
        entries.add(JournalEntry.whole(json.readValue(line, JournalEntry.class)));
      } catch (JacksonException | IllegalArgumentException e) {
        unreadable.add(line);
      }
    }
    if (!unreadable.isEmpty()) {
      setAside(unreadable);
      waiting -= unreadable.size();
      rewrite(file, entries);
    }
    return new Part(file, entries);
  }

  /** Without its damaged lines, so that they are set aside once. */
  private void rewrite(Path file, List<JournalEntry> entries) throws IOException {
    Path next = folder.resolve("next.tmp");
    Files.deleteIfExists(next);
    try (FileChannel out = OwnFiles.append(next)) {
      for (JournalEntry entry : entries) {
        write(out, line(entry));
      }
    }
    Files.move(next, file, StandardCopyOption.ATOMIC_MOVE);
  }

  /** Sets an entry aside that no database takes. */
  synchronized void setAside(JournalEntry entry) throws IOException {
    setAside(List.of(json.writeValueAsString(entry).getBytes(StandardCharsets.UTF_8)));
  }

  private void setAside(List<byte[]> lines) throws IOException {
    Path aside = folder.resolve(DAMAGED);
    try (FileChannel out = OwnFiles.append(aside)) {
      for (byte[] line : lines) {
        write(out, line);
        write(out, END);
      }
    }
    damaged += lines.size();
    LOG.warn("{} damaged lines of the journal are set aside in {}", lines.size(), DAMAGED);
  }

  /** Drops a part, once its entries are safe elsewhere. */
  synchronized void drop(Part part) throws IOException {
    Files.deleteIfExists(part.file());
    waiting -= part.entries().size();
  }

  /** Parts in the order in which they were begun; the one that is added to comes last. */
  private List<Path> files() throws IOException {
    try (Stream<Path> all = Files.list(folder)) {
      return all.filter(
              file -> {
                String name = String.valueOf(file.getFileName());
                return name.equals(CURRENT) || (name.startsWith(PART) && number(file) > 0);
              })
          .sorted()
          .toList();
    }
  }

  private static long number(Path file) {
    String name = String.valueOf(file.getFileName());
    String digits = name.replaceAll("[^0-9]", "");
    return name.startsWith(PART) && !digits.isEmpty() && digits.length() < 19
        ? Long.parseLong(digits)
        : 0;
  }

  private static List<byte[]> lines(Path file) throws IOException {
    List<byte[]> lines = new ArrayList<>();
    if (!Files.exists(file)) {
      return lines;
    }
    byte[] all = Files.readAllBytes(file);
    int start = 0;
    for (int i = 0; i <= all.length; i++) {
      if (i == all.length || all[i] == '\n') {
        if (i > start) {
          lines.add(Arrays.copyOfRange(all, start, i));
        }
        start = i + 1;
      }
    }
    return lines;
  }
}
