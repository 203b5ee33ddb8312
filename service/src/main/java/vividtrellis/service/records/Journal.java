package vividtrellis.service.records;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.ObjectMapper;

/**
 * A small bounded file of entries that wait for the database, one JSON document a line. Survives a
 * restart; a line cut off by a crash is skipped with a word in the log. Safe for many threads.
 */
final class Journal {

  private static final Logger LOG = LoggerFactory.getLogger(Journal.class);

  private final Path file;
  private final int most;
  private final ObjectMapper json;
  private int waiting;

  Journal(Path file, int most, ObjectMapper json) {
    this.file = file;
    this.most = most;
    this.json = json;
    this.waiting = read().size();
  }

  /**
   * Adds an entry.
   *
   * @return whether there was room for it
   */
  synchronized boolean add(JournalEntry entry) {
    if (waiting >= most) {
      return false;
    }
    try {
      Files.createDirectories(file.toAbsolutePath().getParent());
      Files.writeString(
          file,
          json.writeValueAsString(entry) + "\n",
          StandardOpenOption.CREATE,
          StandardOpenOption.APPEND);
      waiting++;
      return true;
    } catch (IOException e) {
      LOG.error("the journal {} cannot be written", file, e);
      return false;
    }
  }

  /** How many entries wait. */
  synchronized int waiting() {
    return waiting;
  }

  /** What waits, oldest first. */
  synchronized List<JournalEntry> read() {
    if (!Files.exists(file)) {
      return List.of();
    }
    List<JournalEntry> entries = new ArrayList<>();
    try {
      for (String line : Files.readAllLines(file, StandardCharsets.UTF_8)) {
        try {
          entries.add(json.readValue(line, JournalEntry.class));
        } catch (JacksonException e) {
          LOG.warn("a line of the journal {} cannot be read and is skipped", file);
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return entries;
  }

  /** Takes out the oldest entries, once they are safe elsewhere. */
  synchronized void remove(int count) {
    List<JournalEntry> left = new ArrayList<>(read());
    left.subList(0, Math.min(count, left.size())).clear();
    StringBuilder text = new StringBuilder();
    left.forEach(entry -> text.append(json.writeValueAsString(entry)).append('\n'));
    try {
      Path next = file.resolveSibling(file.getFileName() + ".next");
      Files.writeString(next, text);
      Files.move(next, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
      waiting = left.size();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
