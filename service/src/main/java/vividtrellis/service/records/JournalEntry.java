package vividtrellis.service.records;

import java.time.Instant;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What is recorded of an archive, as a value.
 *
 * @param id made here, so that entering it twice is seen
 * @param brief completed, as JSON
 * @param digest SHA-256 of the archive, in hex
 */
record JournalEntry(
    UUID id,
    Instant madeAt,
    String project,
    String brief,
    String edition,
    String serviceVersion,
    String format,
    String digest) {

  /**
   * An entry that was read, if nothing of it is missing: half a line can be whole JSON.
   *
   * @throws IllegalArgumentException if something is
   */
  static JournalEntry whole(@Nullable JournalEntry read) {
    if (read == null
        || Stream.of(
                read.id,
                read.madeAt,
                read.project,
                read.brief,
                read.edition,
                read.serviceVersion,
                read.format,
                read.digest)
            .anyMatch(Objects::isNull)) {
      throw new IllegalArgumentException("a part of the entry is missing");
    }
    return read;
  }
}
