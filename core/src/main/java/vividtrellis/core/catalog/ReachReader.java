package vividtrellis.core.catalog;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import vividtrellis.core.catalog.InvalidEdition.Fault;
import vividtrellis.core.catalog.Reach.Hole;
import vividtrellis.core.document.Documents;
import vividtrellis.core.document.Documents.Notation;
import vividtrellis.core.document.UnreadableDocument;

/** Reads what {@code vivid audit --reach} wrote. */
public final class ReachReader {

  /** Name of the file beside {@code edition.yaml}. */
  public static final String FILE = "reach.yaml";

  private ReachReader() {}

  /**
   * Reads it.
   *
   * @param name of the file, for faults
   * @throws InvalidEdition when it is none
   */
  public static Reach read(String name, String text) {
    List<Fault> faults = new ArrayList<>();
    Section top;
    try {
      top = new Section(name, Documents.readTrusted(text, Notation.YAML), faults);
    } catch (UnreadableDocument e) {
      throw new InvalidEdition(List.of(new Fault(name, 0, String.valueOf(e.getMessage()))));
    }
    if (!"1".equals(top.text("reach"))) {
      top.fault("this is no reach that can be read; 'vivid audit --reach' makes one");
    }
    top.optional("edition");
    top.optional("looked-at");
    String day = top.text("read-on");
    List<Hole> holes =
        top.sections(
            "holes",
            each ->
                new Hole(
                    each.text("root"),
                    each.text("of"),
                    each.optional("language"),
                    each.parsed("lacks", Function.identity()),
                    each.optional("under")));
    Map<String, Set<String>> whole = new LinkedHashMap<>();
    top.texts("whole").forEach((root, of) -> whole.put(root, Set.of(of.split(" ", -1))));
    top.nothingElse();
    if (!faults.isEmpty()) {
      throw new InvalidEdition(faults);
    }
    return new Reach(digest(text), day, holes, whole);
  }

  private static String digest(String text) {
    try {
      MessageDigest digest = MessageDigest.getInstance("SHA-256");
      return HexFormat.of().formatHex(digest.digest(text.getBytes(StandardCharsets.UTF_8)));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("every Java platform has SHA-256", e);
    }
  }
}
