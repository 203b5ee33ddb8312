package vividtrellis.catalog;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.EditionLoader;
import vividtrellis.core.catalog.InvalidEdition;
import vividtrellis.core.catalog.InvalidEdition.Fault;
import vividtrellis.core.compat.judging.Verdicts;

/**
 * A folder with an edition: the same for who serves it, audits it or tries it out.
 *
 * @param path of the folder
 */
public record EditionFolder(Path path) {

  /** Makes the path absolute. */
  public EditionFolder {
    path = path.toAbsolutePath().normalize();
  }

  /** Texts of licences, the scripts that fetch Maven, and tables that libraries want. */
  private static final List<String> OF_LIBRARIES =
      List.of("templates/licences/", "templates/maven/", "templates/tables/");

  /**
   * Loads the edition, and looks whether everything in it can be had.
   *
   * @throws InvalidEdition with every fault
   * @throws UncheckedIOException when a file cannot be read
   */
  public Edition load() {
    Edition edition = EditionLoader.load(this::file);
    List<String> contradictions = Verdicts.contradictions(edition);
    if (!contradictions.isEmpty()) {
      throw new InvalidEdition(
          contradictions.stream().map(each -> new Fault("edition.yaml", 0, each)).toList());
    }
    return edition;
  }

  /**
   * The text of a file; empty where there is none. Names come from data, so none may lead out of
   * the folder. What comes out of libraries is that of the shipped edition where the folder has
   * none.
   */
  public Optional<String> file(String name) {
    Path file = path.resolve(name).normalize();
    try {
      if (file.startsWith(path) && Files.isRegularFile(file)) {
        return Optional.of(Files.readString(file));
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return OF_LIBRARIES.stream().anyMatch(name::startsWith)
        ? ShippedEdition.file(name)
        : Optional.empty();
  }
}
