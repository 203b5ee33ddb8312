package vividtrellis.catalog.audit;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Function;
import vividtrellis.catalog.audit.Audit.Report;
import vividtrellis.catalog.audit.Row.Outcome;
import vividtrellis.core.catalog.Options.Readings;
import vividtrellis.core.document.Documents;
import vividtrellis.core.document.Documents.Notation;
import vividtrellis.core.document.Node;

/**
 * What an audit saw, as it is kept beside an edition. Its digest is over the data that was audited,
 * so that data which was changed since can be told without a network.
 */
public final class Evidence {

  /** Name of the file beside {@code edition.yaml}. */
  public static final String FILE = "evidence.yaml";

  private Evidence() {}

  /**
   * The digest of an edition's data: its index and data files, not its templates.
   *
   * @param files name of a file of the edition to its text
   * @return SHA-256 in hex
   */
  public static String digest(Function<String, Optional<String>> files) {
    try {
      MessageDigest digest = MessageDigest.getInstance("SHA-256");
      String index = files.apply("edition.yaml").orElseThrow();
      digest.update(index.getBytes(StandardCharsets.UTF_8));
      Node.Fields read = (Node.Fields) Documents.readTrusted(index, Notation.YAML);
      if (read.get("files").orElseThrow() instanceof Node.Items names) {
        for (Node name : names.values()) {
          String text = files.apply(String.valueOf(((Node.Scalar) name).text())).orElseThrow();
          digest.update(text.getBytes(StandardCharsets.UTF_8));
        }
      }
      return HexFormat.of().formatHex(digest.digest());
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("every Java platform has SHA-256", e);
    }
  }

  /** The file for a report. Rows that hold are counted; all others are written out. */
  public static String text(String digest, Report report, String day) {
    StringBuilder text = new StringBuilder();
    text.append("# Written by 'vivid audit'; not to be changed by hand.\n");
    text.append("digest: ").append(digest).append('\n');
    text.append("read-on: ").append(day).append('\n');
    text.append("holds: ").append(report.of(Outcome.HOLDS).size()).append('\n');
    text.append("versions:\n");
    report.seen().forEach((place, read) -> text.append(versionText(place, read)));
    text.append("artifacts:\n");
    artifacts(report).forEach((key, of) -> text.append("  \"%s\": \"%s\"\n".formatted(key, of)));
    text.append("not-fetchable-here:\n");
    new TreeSet<>(report.of(Outcome.NOT_FETCHABLE_HERE).stream().map(Row::toString).toList())
        .forEach(line -> text.append("  - \"%s\"\n".formatted(line)));
    return text.toString();
  }

  private static String versionText(String place, Readings read) {
    StringBuilder text = new StringBuilder("  \"%s\":\n".formatted(place));
    new TreeMap<>(read.levels())
        .forEach((what, level) -> text.append("    %s: %d\n".formatted(what.word(), level)));
    if (!read.manages().isEmpty()) {
      text.append("    manages:\n");
      new TreeMap<>(read.manages())
          .forEach(
              (language, version) ->
                  text.append("      %s: \"%s\"\n".formatted(language, version)));
    }
    if (!read.brings().isEmpty()) {
      text.append("    brings:\n");
      new TreeMap<>(read.brings())
          .forEach(
              (stack, starters) ->
                  text.append(
                      "      %s: \"%s\"\n"
                          .formatted(stack, String.join(" ", new TreeSet<>(starters)))));
    }
    return text.toString();
  }

  /** Each artifact with the framework versions it was looked at for. */
  private static Map<String, String> artifacts(Report report) {
    Map<String, TreeSet<String>> all = new TreeMap<>();
    for (Row row : report.rows()) {
      if (row.isOfArtifact() && row.outcome() != Outcome.FAULT) {
        all.computeIfAbsent(row.subject(), key -> new TreeSet<>()).add(row.of());
      }
    }
    Map<String, String> texts = new LinkedHashMap<>();
    all.forEach((key, places) -> texts.put(key, String.join(" ", places)));
    return texts;
  }
}
