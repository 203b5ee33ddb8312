package vividtrellis.core;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.EditionLoader;

/** A small made-up edition, so that core is tested without the shipped one. */
public final class TestEdition {

  private TestEdition() {}

  public static Edition load() {
    return EditionLoader.load(TestEdition::file);
  }

  public static Optional<String> file(String name) {
    try (InputStream in = TestEdition.class.getResourceAsStream("/edition/" + name)) {
      return in == null
          ? Optional.empty()
          : Optional.of(new String(in.readAllBytes(), StandardCharsets.UTF_8));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
