package vividtrellis.service.records;

import java.time.Instant;
import java.util.UUID;

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
    String digest) {}
