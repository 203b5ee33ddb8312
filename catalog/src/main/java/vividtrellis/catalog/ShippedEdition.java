package vividtrellis.catalog;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.EditionLoader;
import vividtrellis.core.plan.GenerationInputs;
import vividtrellis.core.version.VersionedId;

/** The edition that comes with this version, and what its projects take from outside. */
public final class ShippedEdition {

  private static final String SUPER_POM = "/org/apache/maven/model/pom-4.0.0.xml";
  private static final Pattern BASE =
      Pattern.compile("<repository>.*?<url>([^<]+)</url>.*?</repository>", Pattern.DOTALL);

  /** As {@code sha256sum} writes it: the digest, two signs, the name of the file. */
  private static final Pattern DISTRIBUTION =
      Pattern.compile("([0-9a-f]{64}) [ *]apache-(maven)-([0-9.]+)-bin\\.zip");

  private ShippedEdition() {}

  /**
   * Loads it.
   *
   * @throws vividtrellis.core.catalog.InvalidEdition when the shipped data is wrong
   */
  public static Edition load() {
    return EditionLoader.load(ShippedEdition::file);
  }

  /** The text of a file of it; empty if there is no such file. */
  public static Optional<String> file(String name) {
    return resource("edition/" + name)
        .or(() -> LicenceTexts.template(name, ShippedEdition::resource));
  }

  /**
   * The base address of the Maven repository is Maven's own word: the super-POM's. The digests were
   * taken of the files themselves, when this was built.
   */
  public static GenerationInputs inputs() {
    Matcher base = BASE.matcher(resource(SUPER_POM).orElse(""));
    if (!base.find()) {
      throw new IllegalStateException("maven-model-builder has no super-POM with a repository");
    }
    Map<String, String> digests =
        resource("distributions/sha256.txt")
            .orElse("")
            .lines()
            .map(DISTRIBUTION::matcher)
            .filter(Matcher::matches)
            .collect(
                Collectors.toMap(
                    line -> VersionedId.word(line.group(2), line.group(3)), line -> line.group(1)));
    return new GenerationInputs(base.group(1).strip().replaceFirst("/+$", ""), digests);
  }

  private static Optional<String> resource(String name) {
    try (InputStream in = ShippedEdition.class.getResourceAsStream(name)) {
      return in == null
          ? Optional.empty()
          : Optional.of(new String(in.readAllBytes(), StandardCharsets.UTF_8));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
