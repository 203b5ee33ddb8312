package vividtrellis.service.records;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.reset;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import jakarta.persistence.EntityManager;
import jakarta.persistence.PersistenceException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Clock;
import java.time.Instant;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.transaction.support.TransactionOperations;
import tools.jackson.databind.json.JsonMapper;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.compat.Verdict;
import vividtrellis.core.pack.Archive;
import vividtrellis.service.TestWorkshop;
import vividtrellis.service.Workshop;

class RecordKeeperTest {

  @TempDir Path state;
  private final EntityManager entities = mock();
  private final JsonMapper json = JsonMapper.builder().build();
  private final Workshop workshop = TestWorkshop.at(Clock.systemUTC());
  private final Verdict verdict = workshop.check(Brief.empty().with(Key.NAME, "tide-board"));
  private final Archive archive = workshop.archive(verdict, Archive.Format.ZIP);

  private RecordKeeper keeper() {
    return new RecordKeeper(
        entities,
        TransactionOperations.withoutTransaction(),
        Clock.systemUTC(),
        workshop,
        json,
        state);
  }

  @Test
  void whileTheDatabaseIsAwayRecordsWaitAndAreEnteredOnceWhenItIsBack() {
    RecordKeeper keeper = keeper();
    doThrow(new PersistenceException("gone")).when(entities).flush();
    keeper.keep(verdict, archive);
    keeper.keep(verdict, archive);

    assertThat(keeper.state()).isEqualTo(RecordKeeper.State.WAITING);
    assertThat(keeper.waiting()).isEqualTo(2);
    verify(entities, times(1)).flush();

    reset(entities);
    RecordKeeper restarted = keeper();
    assertThat(restarted.waiting()).isEqualTo(2);
    restarted.catchUp();
    verify(entities, times(2)).persist(any(ArchiveRecord.class));
    assertThat(restarted.waiting()).isZero();
    assertThat(restarted.state()).isEqualTo(RecordKeeper.State.DIRECT);
    restarted.catchUp();
    verify(entities, times(2)).persist(any());
  }

  @Test
  void aRecordThatIsEnteredAlreadyIsNotEnteredAgain() {
    RecordKeeper keeper = keeper();
    doThrow(new PersistenceException("gone")).when(entities).flush();
    keeper.keep(verdict, archive);
    reset(entities);
    when(entities.find(any(), any(UUID.class))).thenReturn(mock(ArchiveRecord.class));

    keeper.catchUp();

    verify(entities, never()).persist(any());
    assertThat(keeper.waiting()).isZero();
  }

  @Test
  void theJournalIsBoundedAndSkipsALineThatWasCutOff() throws IOException {
    Path file = state.resolve("journal.jsonl");
    Journal journal = new Journal(file, 2, json);
    JournalEntry entry =
        new JournalEntry(
            UUID.randomUUID(), Instant.EPOCH, "tide-board", "{}", "e", "v", "zip", "d");

    assertThat(journal.add(entry)).isTrue();
    Files.writeString(file, "{\"id\": \"cut o\n", StandardOpenOption.APPEND);
    assertThat(new Journal(file, 2, json).read()).containsExactly(entry);
    assertThat(journal.add(entry)).isTrue();
    assertThat(journal.add(entry)).isFalse();
    journal.remove(1);
    assertThat(journal.waiting()).isEqualTo(1);
  }
}
