package vividtrellis.service.records;

import jakarta.persistence.EntityManager;
import jakarta.persistence.PersistenceException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.dao.DataAccessException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.TransactionOperations;
import tools.jackson.databind.ObjectMapper;
import vividtrellis.core.brief.Briefs;
import vividtrellis.core.brief.Key;
import vividtrellis.core.compat.Verdict;
import vividtrellis.core.document.Documents.Notation;
import vividtrellis.core.pack.Archive;
import vividtrellis.service.Workshop;

/**
 * Keeps a record of every archive. Never fails a request: while the database is away, records wait
 * in the journal and are entered, each once, when it is back.
 */
@Component
public class RecordKeeper {

  private static final Logger LOG = LoggerFactory.getLogger(RecordKeeper.class);
  private static final int MOST_WAITING = 10_000;

  private final EntityManager entities;
  private final TransactionOperations transactions;
  private final Clock clock;
  private final String version;
  private final Journal journal;
  private volatile boolean away;

  RecordKeeper(
      EntityManager entities,
      TransactionOperations transactions,
      Clock clock,
      Workshop workshop,
      ObjectMapper json,
      @Value("${vivid.state}") Path state) {
    this.entities = entities;
    this.transactions = transactions;
    this.clock = clock;
    this.version = workshop.version();
    this.journal = new Journal(state.resolve("journal/archives.jsonl"), MOST_WAITING, json);
  }

  /** How the records are. */
  public enum State {
    /** Entered at once. */
    DIRECT,
    /** The database is away; records wait. */
    WAITING
  }

  /** Keeps the record of an archive that was made from what a verdict completed. */
  public void keep(Verdict verdict, Archive archive) {
    JournalEntry entry =
        new JournalEntry(
            UUID.randomUUID(),
            clock.instant().truncatedTo(ChronoUnit.MICROS),
            verdict.brief().require(Key.NAME),
            Briefs.write(verdict.brief(), Notation.JSON),
            verdict.edition(),
            version,
            archive.format().word(),
            archive.digest());
    if (!away && enter(List.of(entry))) {
      return;
    }
    if (!journal.add(entry)) {
      LOG.error("the journal has no room; the record of {} is lost", entry.project());
    }
  }

  /** Enters what waits, if the database is back. Called every few seconds. */
  @Scheduled(fixedDelayString = "${vivid.records.retry}")
  void catchUp() {
    List<JournalEntry> waiting = journal.waiting() == 0 ? List.of() : journal.read();
    if (waiting.isEmpty() && !away) {
      return;
    }
    if (enter(waiting)) {
      if (!waiting.isEmpty()) {
        journal.remove(waiting.size());
        LOG.info("{} records that waited for the database are entered", waiting.size());
      }
      away = false;
    }
  }

  /** Whether records are entered at once. */
  public State state() {
    return away ? State.WAITING : State.DIRECT;
  }

  /** How many records wait for the database. */
  public int waiting() {
    return journal.waiting();
  }

  private boolean enter(List<JournalEntry> entries) {
    try {
      transactions.executeWithoutResult(
          status -> {
            for (JournalEntry entry : entries) {
              if (entities.find(ArchiveRecord.class, entry.id()) == null) {
                entities.persist(new ArchiveRecord(entry));
              }
            }
            entities.flush();
          });
      return true;
    } catch (DataAccessException | TransactionException | PersistenceException e) {
      if (!away) {
        LOG.warn("the database is away; records wait in the journal ({})", e.getMessage());
      }
      away = true;
      return false;
    }
  }
}
