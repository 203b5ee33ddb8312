package vividtrellis.cli;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import vividtrellis.cli.terminal.Failure;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.brief.Nearest;
import vividtrellis.core.document.Documents;
import vividtrellis.core.document.Documents.Notation;
import vividtrellis.core.document.Node;
import vividtrellis.core.document.UnreadableDocument;

/**
 * A person's own defaults: {@code vivid-trellis/config.yaml} in the configuration folder of the XDG
 * base directories. They begin a brief that is made of words or answers; a brief file stands for
 * itself, so that it gives everybody the same.
 *
 * @param file where it lies, or would
 * @param texts server, group, build and language, as far as they are set
 * @param extras ids
 */
record Config(Path file, Map<String, String> texts, List<String> extras) {

  static final String SERVER = "server";
  static final String EXTRAS = "extras";
  static final List<String> TEXTS = List.of(SERVER, "group", "build", "language");
  private static final int LARGEST = 64 * 1024;

  /** What is set; nothing where there is no file. */
  static Config read() {
    Path file = place();
    try {
      byte[] bytes = Files.readAllBytes(file);
      if (bytes.length > LARGEST) {
        throw new Failure(Failure.UNREADABLE, "It is too large.", file.toString(), null);
      }
      return of(file, Documents.read(new String(bytes, StandardCharsets.UTF_8), Notation.YAML));
    } catch (NoSuchFileException e) {
      return new Config(file, Map.of(), List.of());
    } catch (IOException e) {
      throw new Failure(
          Failure.UNREADABLE,
          "Your defaults cannot be read: " + Failure.reason(e),
          file.toString(),
          "mend the file, or move it away");
    } catch (UnreadableDocument e) {
      throw wrong(file, String.valueOf(e.getMessage()));
    }
  }

  private static Path place() {
    String folder = System.getenv("XDG_CONFIG_HOME");
    Path base =
        folder == null || folder.isBlank()
            ? Path.of(System.getProperty("user.home"), ".config")
            : Path.of(folder);
    return base.resolve("vivid-trellis").resolve("config.yaml");
  }

  private static Config of(Path file, Node document) {
    if (!(document instanceof Node.Fields fields)) {
      throw wrong(file, "Defaults are a mapping of keys to values.");
    }
    Map<String, String> texts = new LinkedHashMap<>();
    List<String> extras = new ArrayList<>();
    fields
        .values()
        .forEach(
            (key, value) -> {
              if (TEXTS.contains(key) && value instanceof Node.Scalar text && text.text() != null) {
                texts.put(key, text.text());
              } else if (key.equals(EXTRAS) && value instanceof Node.Items items) {
                items
                    .values()
                    .forEach(
                        each ->
                            extras.add(
                                each instanceof Node.Scalar text && text.text() != null
                                    ? text.text()
                                    : ""));
              } else {
                throw wrong(file, fault(key));
              }
            });
    return new Config(file, texts, extras);
  }

  private static String fault(String key) {
    List<String> known = new ArrayList<>(TEXTS);
    known.add(EXTRAS);
    return known.contains(key)
        ? "'" + key + "' is " + (key.equals(EXTRAS) ? "a list of ids." : "one value.")
        : "There is no default '"
            + key
            + "'"
            + Nearest.of(key, known).map(near -> "; the nearest is '" + near + "'.").orElse(".");
  }

  private static Failure wrong(Path file, String what) {
    return new Failure(
        Failure.UNREADABLE,
        what,
        file.toString(),
        "known are server, group, build, language, extras");
  }

  Optional<String> text(String key) {
    return Optional.ofNullable(texts.get(key));
  }

  /** The brief that words and answers go on from. */
  Brief begun() {
    Brief brief = Brief.empty();
    for (Key key : List.of(Key.GROUP, Key.BUILD, Key.LANGUAGE)) {
      Optional<String> value = text(key.word());
      if (value.isPresent()) {
        brief = brief.with(key, value.get());
      }
    }
    return brief.withExtras(extras);
  }
}
