package vividtrellis.acceptance;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import java.util.Properties;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import vividtrellis.core.version.Version;
import vividtrellis.core.version.VersionRange;

/**
 * The warnings of a started project that neither its files nor its settings can avoid: what a
 * library says, which one, in which versions, and why it stays. Any other is a fault of the
 * project.
 */
final class KeptWarnings {

  /** Of a log in lines, of one in JSON, and of the machine itself. */
  private static final Pattern WARNING =
      Pattern.compile(
          "^[-0-9T:.,+Z ]+ (WARN|ERROR) +(\\d+ ---|\\S+ - |\\[)|^ERROR:"
              + " |\"level\":\"(WARN|ERROR)\"|^WARNING: |^OpenJDK .* warning: ");

  private static final Pattern LIBRARY =
      Pattern.compile("(?:BOOT|WEB)-INF/lib(?:-provided)?/(.+?)-([0-9][^/]*)\\.jar");

  private static final Pattern MERGED =
      Pattern.compile("META-INF/maven/[^/]+/([^/]+)/pom.properties");

  private record Kept(List<String> texts, String library, VersionRange versions) {
    boolean isSaidIn(String line, Set<String> libraries) {
      return texts.stream().anyMatch(line::contains)
          && libraries.stream()
              .filter(each -> each.startsWith(library + ":"))
              .anyMatch(each -> versions.holds(new Version(each.substring(library.length() + 1))));
    }
  }

  private static final List<Kept> ALL = read();

  private KeptWarnings() {}

  /** The first warning that is not among them; empty if there is none. */
  static String fault(String log, Path packaged) throws IOException {
    Set<String> libraries = libraries(packaged);
    return log.lines()
        .filter(line -> WARNING.matcher(line).find())
        .filter(line -> ALL.stream().noneMatch(kept -> kept.isSaidIn(line, libraries)))
        .findFirst()
        .map(line -> "it warns: " + line)
        .orElse("");
  }

  /** Those that lie in it, and those whose classes do. */
  private static Set<String> libraries(Path packaged) throws IOException {
    Set<String> libraries = new TreeSet<>();
    try (ZipFile file = new ZipFile(packaged.toFile())) {
      for (ZipEntry entry : Collections.list(file.entries())) {
        Matcher library = LIBRARY.matcher(entry.getName());
        Matcher merged = MERGED.matcher(entry.getName());
        if (library.matches()) {
          libraries.add(library.group(1) + ":" + library.group(2));
        } else if (merged.matches()) {
          Properties said = new Properties();
          said.load(file.getInputStream(entry));
          libraries.add(merged.group(1) + ":" + said.getProperty("version"));
        }
      }
    }
    return libraries;
  }

  private static List<Kept> read() {
    List<Kept> all = new ArrayList<>();
    try (InputStream in = KeptWarnings.class.getResourceAsStream("kept-warnings.json")) {
      for (JsonNode each : new ObjectMapper().readTree(Objects.requireNonNull(in))) {
        List<String> texts = new ArrayList<>();
        each.required("texts").forEach(text -> texts.add(text.asText()));
        all.add(
            new Kept(
                texts,
                each.required("library").asText(),
                VersionRange.parse(each.required("versions").asText())));
      }
      return all;
    } catch (IOException e) {
      throw new AssertionError(e);
    }
  }
}
