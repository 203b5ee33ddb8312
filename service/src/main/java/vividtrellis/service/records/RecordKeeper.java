package vividtrellis.service.records;

import io.micrometer.core.instrument.Counter;
import io.micrometer.core.instrument.Gauge;
import io.micrometer.core.instrument.MeterRegistry;
import jakarta.persistence.EntityManager;
import jakarta.persistence.PersistenceException;
import java.io.IOException;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicLong;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.dao.DataAccessException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.TransactionOperations;
import tools.jackson.databind.ObjectMapper;
import vividtrellis.service.MadeArchive;
import vividtrellis.service.ProjectService;

/**
 * Keeps a record of every archive. Each is written into the journal before the archive is handed
 * out, and entered into the database in batches soon after, each once; while the database is away
 * they wait. Never fails a request: what can be kept nowhere is counted and told.
 */
@Component
public class RecordKeeper {

  private static final Logger LOG = LoggerFactory.getLogger(RecordKeeper.class);
  private static final int MOST_WAITING = 50_000;
  private static final Duration BETWEEN_WARNINGS = Duration.ofMinutes(1);

  private final EntityManager entities;
  private final TransactionOperations transactions;
  private final Clock clock;
  private final String version;
  private final Journal journal;
  private final Duration retry;
  private final AtomicLong unrecorded = new AtomicLong();
  private final Counter entered;
  private volatile Instant warned = Instant.EPOCH;
  private volatile Instant notBefore = Instant.EPOCH;
  private volatile boolean away;

  RecordKeeper(
      EntityManager entities,
      TransactionOperations transactions,
      Clock clock,
      ProjectService projects,
      ObjectMapper json,
      MeterRegistry meters,
      @Value("${vivid.state}") Path state,
      @Value("${vivid.records.retry}") Duration retry) {
    this.entities = entities;
    this.transactions = transactions;
    this.clock = clock;
    this.version = projects.version();
    this.journal = new Journal(state.resolve("journal"), MOST_WAITING, json);
    this.retry = retry;
    this.entered = Counter.builder("vivid.records.entered").register(meters);
    Gauge.builder("vivid.records.waiting", journal, Journal::waiting).register(meters);
    Gauge.builder("vivid.records.damaged", journal, Journal::damaged).register(meters);
    Gauge.builder("vivid.records.unrecorded", unrecorded, AtomicLong::get).register(meters);
  }

  /**
   * How the records are.
   *
   * @param databaseAway whether the last try to enter some found no database
   * @param waiting records that are not in the database yet
   * @param unrecorded archives since the start that were handed out and could be kept nowhere
   * @param damaged lines that were set aside, since ever
   */
  public record State(boolean databaseAway, int waiting, long unrecorded, int damaged) {}

  /** Keeps the record of an archive that is handed out now. */
  public void keep(MadeArchive made) {
    JournalEntry entry =
        new JournalEntry(
            UUID.randomUUID(),
            clock.instant().truncatedTo(ChronoUnit.MICROS),
            made.project(),
            made.brief(),
            made.edition(),
            version,
            made.archive().format().word(),
            made.archive().digest());
    if (!journal.add(entry) && !enteredAtOnce(entry)) {
      long count = unrecorded.incrementAndGet();
      Instant now = clock.instant();
      if (warned.plus(BETWEEN_WARNINGS).isBefore(now)) {
        warned = now;
        LOG.error(
            "the journal is full or cannot be written, and the database is not there either:"
                + " {} archives were handed out without a record since the start",
            count);
      }
    }
  }

  /** Where the journal takes nothing, one after the other: that slows down who asks for more. */
  private synchronized boolean enteredAtOnce(JournalEntry entry) {
    return !away && enter(List.of(entry)) == Outcome.DONE;
  }

  /** Enters what waits, if the database is there. Called many times a second. */
  @Scheduled(fixedDelayString = "${vivid.records.pace}")
  void catchUp() {
    if ((journal.waiting() == 0 && !away) || clock.instant().isBefore(notBefore)) {
      return;
    }
    try {
      Optional<Journal.Part> part = journal.oldest();
      if (part.isEmpty()) {
        enter(List.of());
      }
      while (part.isPresent() && isEntered(part.get().entries())) {
        journal.drop(part.get());
        part = journal.oldest();
      }
    } catch (IOException e) {
      LOG.error("the journal cannot be read or written ({})", e.getClass().getSimpleName());
      notBefore = clock.instant().plus(retry);
    }
  }

  /** How the records are. */
  public State state() {
    return new State(away, journal.waiting(), unrecorded.get(), journal.damaged());
  }

  /** What the database refuses for what it says is set aside, and holds up no other. */
  private boolean isEntered(List<JournalEntry> entries) throws IOException {
    Outcome outcome = enter(entries);
    if (outcome != Outcome.REFUSED) {
      return outcome == Outcome.DONE;
    }
    for (JournalEntry entry : entries) {
      outcome = enter(List.of(entry));
      if (outcome == Outcome.AWAY) {
        return false;
      }
      if (outcome == Outcome.REFUSED) {
        journal.setAside(entry);
      }
    }
    return true;
  }

  private enum Outcome {
    DONE,
    /** Nothing is entered, and the same again would be refused again. */
    REFUSED,
    /** Nothing is entered; the database cannot be reached, or cannot write now. */
    AWAY
  }

  private Outcome enter(List<JournalEntry> entries) {
    try {
      transactions.executeWithoutResult(
          status -> {
            Set<UUID> there = there(entries);
            for (JournalEntry entry : entries) {
              if (there.add(entry.id())) {
                entities.persist(new ArchiveRecord(entry));
              }
            }
            entities.flush();
            entities.clear();
          });
      if (away) {
        LOG.info("the database is there again; what waited is entered");
      }
      away = false;
      entered.increment(entries.size());
      return Outcome.DONE;
    } catch (DataAccessException | TransactionException | PersistenceException e) {
      if (isRefusal(e)) {
        return Outcome.REFUSED;
      }
      if (!away) {
        LOG.warn("the database is away; records wait in the journal ({})", e.getMessage());
      }
      away = true;
      notBefore = clock.instant().plus(retry);
      return Outcome.AWAY;
    }
  }

  private Set<UUID> there(List<JournalEntry> entries) {
    // A database that is away is asked even when nothing waits: this tells whether it is back.
    List<UUID> ids = new ArrayList<>(entries.stream().map(JournalEntry::id).toList());
    return new HashSet<>(
        entities
            .createQuery("select r.id from ArchiveRecord r where r.id in :ids", UUID.class)
            .setParameter("ids", ids)
            .getResultList());
  }

  /** Classes 22 and 23 of SQLSTATE: what was sent is wrong, whoever sends it whenever. */
  private static boolean isRefusal(Throwable fault) {
    for (Throwable each = fault; each != null; each = each.getCause()) {
      String state = each instanceof SQLException sql ? sql.getSQLState() : null;
      if (state != null && (state.startsWith("22") || state.startsWith("23"))) {
        return true;
      }
    }
    return false;
  }
}
