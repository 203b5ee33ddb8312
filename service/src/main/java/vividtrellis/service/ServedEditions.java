package vividtrellis.service;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import vividtrellis.catalog.EditionRepository;
import vividtrellis.core.compat.judging.Editions;

/**
 * The editions that are served now: the shipped one and those of a folder, which is looked at again
 * when something in it changes. What has faults then is told in the log, and what was served before
 * goes on being served until they are mended. Safe for many threads.
 */
public final class ServedEditions implements AutoCloseable {

  private static final Logger LOG = LoggerFactory.getLogger(ServedEditions.class);

  private static final Duration BETWEEN_LOOKS = Duration.ofSeconds(1);

  /** Of more files than this, the rest is not looked at. */
  private static final int MOST_FILES = 5000;

  private final Optional<Path> folder;
  private final String reach;
  private final Optional<ExecutorService> looking;
  private volatile Editions editions;
  private List<String> seen;

  /**
   * Loads them.
   *
   * @param folder with an edition, or with a folder for each; empty for the shipped one alone
   * @param reach as {@link EditionRepository#load(Optional, String)} takes it
   */
  public ServedEditions(Optional<Path> folder, String reach) {
    this.folder = folder;
    this.reach = reach;
    this.seen = look();
    EditionRepository repository = EditionRepository.load(folder, reach);
    tell(repository, "is left out");
    LOG.info("serving the editions {}", repository.editions().ids());
    this.editions = repository.editions();
    this.looking =
        folder.map(
            any ->
                Executors.newSingleThreadExecutor(
                    task -> {
                      Thread thread = new Thread(task, "editions");
                      thread.setDaemon(true);
                      return thread;
                    }));
    looking.ifPresent(thread -> thread.execute(this::keepLooking));
  }

  private void keepLooking() {
    try {
      while (true) {
        Thread.sleep(BETWEEN_LOOKS.toMillis());
        again();
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  /** Those that are served now; the same object as long as nothing changed. */
  public Editions now() {
    return editions;
  }

  /** Looks again, and takes what changed if all of it is sound. */
  void again() {
    try {
      List<String> there = look();
      if (there.equals(seen)) {
        return;
      }
      seen = there;
      EditionRepository repository = EditionRepository.load(folder, reach);
      if (repository.broken().isEmpty()) {
        editions = repository.editions();
        LOG.info("serving the editions {}", editions.ids());
      } else {
        tell(repository, "changed and has a fault; it is served as it was");
      }
    } catch (RuntimeException e) {
      // Whatever somebody writes into the folder, the next change is looked at again.
      LOG.error("the editions are served as they were: {}", e.getMessage());
    }
  }

  private static void tell(EditionRepository repository, String what) {
    repository
        .broken()
        .forEach(
            (name, faults) ->
                faults.forEach(fault -> LOG.error("the edition {} {}: {}", name, what, fault)));
  }

  /** What tells one state of the folder from another. */
  private List<String> look() {
    if (folder.isEmpty()) {
      return List.of();
    }
    try (Stream<Path> all = Files.walk(folder.get().toRealPath())) {
      return all.filter(Files::isRegularFile).limit(MOST_FILES).map(this::state).sorted().toList();
    } catch (IOException | UncheckedIOException e) {
      // A state like others: what loads the editions says what is wrong, and says it once.
      return List.of(String.valueOf(e.getMessage()));
    }
  }

  private String state(Path file) {
    try {
      return file + " " + Files.size(file) + " " + Files.getLastModifiedTime(file);
    } catch (IOException e) {
      // It went while we looked.
      return file + " gone";
    }
  }

  @Override
  public void close() {
    looking.ifPresent(ExecutorService::shutdownNow);
  }
}
