package vividtrellis.catalog;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.InvalidEdition;
import vividtrellis.core.catalog.Reach;
import vividtrellis.core.catalog.ReachReader;
import vividtrellis.core.compat.judging.Editions;

/**
 * All editions that can be served: the shipped one, and those in the folders below one that the
 * owner of the service names. The one with the highest number is current. An edition with a fault
 * is left out, and so never becomes current.
 *
 * @param editions the sound ones
 * @param broken name of a folder to everything that is wrong in its edition
 */
public record EditionRepository(Editions editions, Map<String, List<String>> broken) {

  /** More folders than this are not looked at. */
  private static final int MOST = 50;

  /**
   * Loads.
   *
   * @param folder that holds an edition, or whose folders hold one each; empty for none
   */
  public static EditionRepository load(Optional<Path> folder) {
    return load(folder, "");
  }

  /**
   * As above, with another reach than the one that lies beside each edition.
   *
   * @param reach a file that {@code vivid audit --reach} wrote; {@code off} for none at all; empty
   *     for what the editions have
   * @throws InvalidEdition when the file holds no reach
   * @throws UncheckedIOException when it cannot be read
   */
  public static EditionRepository load(Optional<Path> folder, String reach) {
    UnaryOperator<Edition> reaching = reaching(reach);
    List<Edition> sound = new ArrayList<>(List.of(reaching.apply(ShippedEdition.load())));
    Map<String, List<String>> broken = new LinkedHashMap<>();
    for (Path each : folder.map(EditionRepository::below).orElse(List.of())) {
      String name = String.valueOf(each.getFileName());
      try {
        Edition edition = new EditionFolder(each).load();
        if (sound.stream().anyMatch(other -> other.id().equals(edition.id()))) {
          broken.put(name, List.of("there is another edition with the number " + edition.id()));
        } else {
          sound.add(reaching.apply(edition));
        }
      } catch (InvalidEdition e) {
        broken.put(name, e.faults().stream().map(String::valueOf).toList());
      } catch (UncheckedIOException e) {
        broken.put(name, List.of("its files cannot be read: " + e.getMessage()));
      }
    }
    sound.sort(Comparator.comparing(Edition::id).reversed());
    return new EditionRepository(new Editions(sound, sound.get(0).id()), broken);
  }

  private static UnaryOperator<Edition> reaching(String reach) {
    if (reach.isEmpty()) {
      return UnaryOperator.identity();
    }
    if (reach.equals("off")) {
      return edition -> edition.reaching(Reach.NONE);
    }
    Reach own;
    try {
      own = ReachReader.read(reach, Files.readString(Path.of(reach)));
    } catch (IOException e) {
      throw new UncheckedIOException("the reach cannot be read: " + reach + "; see VIVID_REACH", e);
    }
    return edition -> edition.reaching(own);
  }

  private static List<Path> below(Path folder) {
    if (Files.isRegularFile(folder.resolve("edition.yaml"))) {
      return List.of(folder);
    }
    try (Stream<Path> all = Files.list(folder)) {
      return all.filter(Files::isDirectory).sorted().limit(MOST).toList();
    } catch (IOException e) {
      throw new UncheckedIOException(
          "the folder of editions cannot be read: " + folder + "; see VIVID_EDITIONS", e);
    }
  }
}
