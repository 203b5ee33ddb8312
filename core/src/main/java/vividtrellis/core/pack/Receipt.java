package vividtrellis.core.pack;

import com.google.common.base.CharMatcher;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Briefs;
import vividtrellis.core.brief.Trace;
import vividtrellis.core.document.Documents;
import vividtrellis.core.document.Documents.Notation;
import vividtrellis.core.document.Node;
import vividtrellis.core.document.Position;
import vividtrellis.core.document.UnreadableDocument;
import vividtrellis.core.render.FileSet;
import vividtrellis.core.render.FileSet.GeneratedFile;

/**
 * What a project was made from: enough to make the same bytes again, and to say of every line why
 * it is there.
 *
 * <p>It is a JSON document in the project. Causes are listed once; the lines of a file are told as
 * runs, {@code COUNTxCAUSE}: {@code "3x0 12x4"} is three lines of cause 0, then twelve of cause 4.
 *
 * @param brief completed
 * @param edition of the catalog
 * @param reach by which versions were filled in; empty where none was known, or all were picked
 * @param version of the service
 * @param files all others of the project
 */
public record Receipt(
    Brief brief, String edition, String reach, String version, List<Entry> files) {

  /** Where it lies below the project's root. */
  public static final String PATH = ".vivid/receipt.json";

  /** The most characters that are read of one. */
  public static final int LARGEST = 2_000_000;

  private static final String FORMAT = "1";

  /** Copies its list. */
  public Receipt {
    files = List.copyOf(files);
  }

  /**
   * A file as it was written.
   *
   * @param digest SHA-256 of its bytes, in hex
   */
  public record Entry(String path, String mode, String role, String digest, List<Trace> reasons) {}

  /** Why lines are there, whichever they are. */
  private record Reason(List<String> picks, String because) {}

  /** Numbers reasons in the order in which they come by. */
  private static final class Causes {
    private final Map<Reason, Integer> numbers = new LinkedHashMap<>();

    /** By its very words the last reason that had them: most traces of a text share theirs. */
    private final IdentityHashMap<String, Numbered> last = new IdentityHashMap<>();

    private record Numbered(List<String> picks, int number) {}

    // Where words and picks are the very same objects, they need not be compared.
    @SuppressWarnings("ReferenceEquality")
    int number(Trace trace) {
      Numbered before = last.get(trace.because());
      if (before != null && before.picks() == trace.picks()) {
        return before.number();
      }
      Reason reason = new Reason(trace.picks(), trace.because());
      int number = numbers.computeIfAbsent(reason, each -> numbers.size());
      last.put(trace.because(), new Numbered(trace.picks(), number));
      return number;
    }

    Set<Reason> all() {
      return numbers.keySet();
    }
  }

  /** The files of a project with the receipt among them. */
  public static FileSet added(
      FileSet files, Brief brief, String edition, String reach, String version) {
    List<Entry> entries =
        files.files().stream()
            .map(
                file ->
                    new Entry(
                        file.path(), file.mode(), file.role(), digest(file.text()), file.traces()))
            .toList();
    String text = new Receipt(brief, edition, reach, version, entries).json();
    Trace own =
        new Trace(
            1,
            CharMatcher.is('\n').countIn(text),
            List.of(),
            "What the service keeps of its own work");
    return files.with(
        new GeneratedFile(
            PATH,
            text,
            "644",
            "What this project was made from, and why each line is there",
            "ours",
            List.of(own)));
  }

  /** SHA-256 of a text in UTF-8, in hex. */
  public static String digest(String text) {
    return Digests.sha256(text.getBytes(StandardCharsets.UTF_8));
  }

  /** What it says of a file; empty if that file was not written with it. */
  public Optional<Entry> file(String path) {
    return files.stream().filter(each -> each.path().equals(path)).findFirst();
  }

  private String json() {
    Causes causes = new Causes();
    List<Node> entries = new ArrayList<>();
    for (Entry file : files) {
      StringBuilder runs = new StringBuilder();
      for (Trace trace : file.reasons()) {
        runs.append(runs.isEmpty() ? "" : " ")
            .append(trace.to() - trace.from() + 1)
            .append('x')
            .append(causes.number(trace));
      }
      entries.add(
          fields(
              "path", Node.text(file.path()),
              "mode", Node.text(file.mode()),
              "role", Node.text(file.role()),
              "sha256", Node.text(file.digest()),
              "lines", Node.text(runs.toString())));
    }
    List<Node> reasons = new ArrayList<>();
    causes
        .all()
        .forEach(
            cause ->
                reasons.add(
                    fields(
                        "picks",
                        Node.texts(cause.picks()),
                        "because",
                        Node.text(cause.because()))));
    Node.Fields origin = fields("receipt", Node.text(FORMAT), "edition", Node.text(edition));
    return Documents.write(
        (reach.isEmpty() ? origin : origin.with("reach", Node.text(reach)))
            .with("version", Node.text(version))
            .with("brief", Briefs.tree(brief))
            .with("causes", new Node.Items(reasons, Position.NONE))
            .with("files", new Node.Items(entries, Position.NONE)),
        Notation.JSON);
  }

  private static Node.Fields fields(Object... pairs) {
    Map<String, Node> values = new LinkedHashMap<>();
    for (int i = 0; i < pairs.length; i += 2) {
      values.put((String) pairs[i], (Node) pairs[i + 1]);
    }
    return new Node.Fields(values, Position.NONE);
  }

  /**
   * Reads a receipt.
   *
   * @throws UnreadableDocument when it is none
   */
  public static Receipt read(String text) {
    if (text.length() > LARGEST) {
      throw unreadable("it is larger than any that was written");
    }
    if (!(Documents.readTrusted(text, Notation.JSON) instanceof Node.Fields top)) {
      throw unreadable("it is no mapping");
    }
    if (!FORMAT.equals(text(top, "receipt"))) {
      throw unreadable(
          "its format is " + text(top, "receipt") + ", and " + FORMAT + " is read here");
    }
    List<Reason> causes = new ArrayList<>();
    for (Node each : items(top, "causes")) {
      Node.Fields cause = mapping(each);
      List<String> picks = items(cause, "picks").stream().map(pick -> text(pick, "picks")).toList();
      causes.add(new Reason(picks, text(cause, "because")));
    }
    List<Entry> files = new ArrayList<>();
    for (Node each : items(top, "files")) {
      Node.Fields file = mapping(each);
      files.add(
          new Entry(
              text(file, "path"),
              text(file, "mode"),
              text(file, "role"),
              text(file, "sha256"),
              runs(text(file, "lines"), causes)));
    }
    return new Receipt(
        Briefs.of(top.get("brief").orElseThrow(() -> unreadable("it has no brief"))),
        text(top, "edition"),
        top.get("reach").map(reach -> text(reach, "reach")).orElse(""),
        text(top, "version"),
        files);
  }

  private static List<Trace> runs(String text, List<Reason> causes) {
    List<Trace> reasons = new ArrayList<>();
    int line = 0;
    for (String run : text.isEmpty() ? List.<String>of() : List.of(text.split(" ", -1))) {
      if (!run.matches("[1-9][0-9]{0,6}x[0-9]{1,6}")) {
        throw unreadable("'" + run + "' is no run of lines");
      }
      int at = run.indexOf('x');
      int count = Integer.parseInt(run.substring(0, at));
      int number = Integer.parseInt(run.substring(at + 1));
      if (number >= causes.size()) {
        throw unreadable("there is no cause " + number);
      }
      Reason cause = causes.get(number);
      reasons.add(new Trace(line + 1, line + count, cause.picks(), cause.because()));
      line += count;
    }
    return reasons;
  }

  private static Node.Fields mapping(Node node) {
    if (node instanceof Node.Fields fields) {
      return fields;
    }
    throw unreadable("a mapping was expected, found " + node.describe());
  }

  private static List<Node> items(Node.Fields fields, String key) {
    if (fields.get(key).orElse(null) instanceof Node.Items items) {
      return items.values();
    }
    throw unreadable("'" + key + "' is no list");
  }

  private static String text(Node.Fields fields, String key) {
    return text(fields.get(key).orElseThrow(() -> unreadable("'" + key + "' is missing")), key);
  }

  private static String text(Node node, String key) {
    if (node instanceof Node.Scalar scalar && scalar.text() != null) {
      return scalar.text();
    }
    throw unreadable("'" + key + "' is no text");
  }

  private static UnreadableDocument unreadable(String why) {
    return UnreadableDocument.whole(
        "This is no receipt that can be read: " + why + ".",
        "Take the project again, or bring the file back from version control.");
  }
}
