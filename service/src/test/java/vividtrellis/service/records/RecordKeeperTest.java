package vividtrellis.service.records;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.doReturn;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import io.micrometer.core.instrument.simple.SimpleMeterRegistry;
import jakarta.persistence.EntityManager;
import jakarta.persistence.PersistenceException;
import jakarta.persistence.TypedQuery;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.transaction.support.TransactionOperations;
import tools.jackson.databind.json.JsonMapper;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.pack.Archive;
import vividtrellis.service.MadeArchive;
import vividtrellis.service.ProjectService;
import vividtrellis.service.ReadyArchives;
import vividtrellis.service.TestProjectService;

class RecordKeeperTest {

  private static final ProjectService WORKSHOP = TestProjectService.at(Clock.systemUTC());
  private static final MadeArchive MADE =
      new ReadyArchives(WORKSHOP, 1 << 20)
          .make("", Brief.empty().with(Key.NAME, "tide-board"), Archive.Format.ZIP);

  @TempDir Path state;
  private final EntityManager entities = mock();
  private final TypedQuery<UUID> there = mock();
  private final JsonMapper json = JsonMapper.builder().build();
  private final List<Object> entered = new ArrayList<>();

  @BeforeEach
  void databaseIsThere() {
    when(entities.createQuery(anyString(), eq(UUID.class))).thenReturn(there);
    when(there.setParameter(anyString(), any())).thenReturn(there);
    when(there.getResultList()).thenReturn(List.of());
    doAnswer(call -> entered.add(call.getArgument(0))).when(entities).persist(any());
  }

  private RecordKeeper keeper() {
    return new RecordKeeper(
        entities,
        TransactionOperations.withoutTransaction(),
        Clock.systemUTC(),
        WORKSHOP,
        json,
        new SimpleMeterRegistry(),
        state,
        Duration.ZERO);
  }

  private void databaseIsAway() {
    when(there.getResultList()).thenThrow(new PersistenceException("gone"));
  }

  private Path journal(String file) {
    return state.resolve("journal").resolve(file);
  }

  private static JournalEntry entry(String project) {
    return new JournalEntry(UUID.randomUUID(), Instant.EPOCH, project, "{}", "e", "v", "zip", "d");
  }

  @Test
  void twoServicesDoNotShareOneJournal() throws Exception {
    Path other =
        Files.writeString(
            state.resolve("Other.java"),
            """
            public class Other {
              public static void main(String[] args) throws Exception {
                var lock = java.nio.channels.FileChannel.open(java.nio.file.Path.of(args[0]),
                    java.nio.file.StandardOpenOption.WRITE, java.nio.file.StandardOpenOption.CREATE);
                System.out.println(lock.tryLock() != null);
                System.in.read();
              }
            }
            """);
    String java = Path.of(System.getProperty("java.home"), "bin", "java").toString();
    Process holder =
        new ProcessBuilder(java, other.toString(), state.resolve("journal.lock").toString())
            .redirectErrorStream(true)
            .start();
    try {
      assertThat(holder.inputReader().readLine()).isEqualTo("true");
      assertThatThrownBy(this::keeper).hasMessageContaining("VIVID_STATE");
    } finally {
      holder.destroyForcibly().waitFor();
    }
    keeper().keep(MADE);
    assertThat(journal("archives.jsonl")).exists();
  }

  @Test
  void whileTheDatabaseIsAwayRecordsWaitAndAreEnteredOnceWhenItIsBack() throws IOException {
    databaseIsAway();
    RecordKeeper keeper = keeper();
    keeper.keep(MADE);
    keeper.catchUp();
    keeper.keep(MADE);
    assertThat(keeper.state()).isEqualTo(new RecordKeeper.State(true, 2, 0, 0));

    doReturn(List.of()).when(there).getResultList();
    RecordKeeper restarted = keeper();
    assertThat(restarted.state().waiting()).isEqualTo(2);
    restarted.catchUp();
    restarted.catchUp();

    assertThat(entered).hasSize(2);
    assertThat(restarted.state()).isEqualTo(new RecordKeeper.State(false, 0, 0, 0));
    assertThat(journal("")).isEmptyDirectory();
    assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(journal(""))))
        .isEqualTo("rwx------");
  }

  @Test
  void aRecordThatIsEnteredAlreadyIsNotEnteredAgain() throws IOException {
    JournalEntry before = entry("tide-board");
    Files.createDirectories(journal(""));
    Files.writeString(journal("archives.jsonl"), json.writeValueAsString(before) + "\n");
    when(there.getResultList()).thenReturn(List.of(before.id()));

    RecordKeeper keeper = keeper();
    keeper.catchUp();

    verify(entities, never()).persist(any());
    assertThat(keeper.state().waiting()).isZero();
  }

  @Test
  void damagedLinesAreSetAsideAndTheRestIsEntered() throws IOException {
    Files.createDirectories(journal(""));
    Path file = journal("archives.jsonl");
    String good = json.writeValueAsString(entry("fare-ledger"));
    Files.writeString(file, good + "\n{\"id\": \"cut o\n{}\nnull\n");
    Files.write(file, new byte[] {'{', (byte) 0xff, 0, '\n'}, StandardOpenOption.APPEND);
    Files.writeString(
        file, json.writeValueAsString(entry("x")).substring(9), StandardOpenOption.APPEND);

    RecordKeeper keeper = keeper();
    keeper.keep(MADE);
    keeper.catchUp();

    assertThat(entered).as("the good line, and the one after half a line").hasSize(2);
    assertThat(keeper.state()).isEqualTo(new RecordKeeper.State(false, 0, 0, 5));
    String aside = Files.readString(journal("damaged.jsonl"), StandardCharsets.ISO_8859_1);
    assertThat(aside).contains("cut o\n", "{\u00ff\u0000\n");
    assertThat(keeper().state().damaged()).isEqualTo(5);
  }

  @Test
  void whatTheDatabaseRefusesIsSetAsideAndHoldsUpNoOther() {
    RecordKeeper keeper = keeper();
    keeper.keep(MADE);
    keeper.keep(MADE);
    keeper.keep(MADE);
    var refused = new PersistenceException(new SQLException("no such character", "22021"));
    // The batch, then the second of the three by itself.
    doThrow(refused).doNothing().doThrow(refused).doNothing().when(entities).flush();

    keeper.catchUp();

    assertThat(keeper.state()).isEqualTo(new RecordKeeper.State(false, 0, 0, 1));
  }

  @Test
  void onAFullDiskTheDatabaseTakesTheRecordElseItIsCounted() throws IOException {
    RecordKeeper keeper = keeper();
    Files.createSymbolicLink(journal("archives.jsonl"), Path.of("/dev/full"));

    keeper.keep(MADE);
    assertThat(entered).hasSize(1);
    assertThat(keeper.state()).isEqualTo(new RecordKeeper.State(false, 0, 0, 0));

    databaseIsAway();
    keeper.keep(MADE);
    keeper.keep(MADE);
    assertThat(keeper.state()).isEqualTo(new RecordKeeper.State(true, 0, 2, 0));
  }

  @Test
  void theJournalIsBoundedAndReadInParts() throws IOException {
    Journal journal = new Journal(journal(""), 1_500, json);
    for (int i = 0; i < 1_500; i++) {
      assertThat(journal.add(entry("tide-board"))).isTrue();
    }
    assertThat(journal.add(entry("tide-board"))).isFalse();

    Journal.Part part = journal.oldest().orElseThrow();
    assertThat(part.entries()).hasSize(1_000);
    journal.drop(part);
    assertThat(journal.waiting()).isEqualTo(500);
    assertThat(journal.add(entry("tide-board"))).isTrue();
    assertThat(journal.oldest().orElseThrow().entries()).hasSize(501);
  }
}
