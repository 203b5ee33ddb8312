package vividtrellis.core.brief;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.document.Node;
import vividtrellis.core.document.Position;
import vividtrellis.core.document.UnreadableDocument;
import vividtrellis.core.document.UnreadableDocument.Fault;

/**
 * The variants of a brief: under each name the differences from the brief itself, as a JSON Merge
 * Patch (RFC 7396): a key replaces that of the brief, {@code null} takes it away, a list replaces
 * the whole list.
 *
 * <pre>
 * variants:
 *   reactive: { starters: [http-reactive, sql-reactive, postgresql], default: yes }
 *   old-server: { framework: frame@3.5, packaging: war, project: { name: berth-booking-old } }
 * </pre>
 *
 * <p>{@code default: yes} marks the one that is meant where none is named. Without that mark it is
 * the brief itself.
 */
public final class Variants {

  private static final String DEFAULT = "default";
  private static final int MOST = 20;

  private Variants() {}

  /** Their names, in the order written. */
  public static List<String> names(Brief brief) {
    return List.copyOf(brief.variants().values().keySet());
  }

  /**
   * The brief that is meant where no variant is named.
   *
   * @throws UnreadableDocument when its differences cannot be read, or two are marked
   */
  public static Brief meant(Brief brief) {
    List<String> marked =
        names(brief).stream()
            .filter(name -> isMarked(brief.variants().values().get(name)))
            .toList();
    if (marked.size() > 1 || names(brief).size() > MOST) {
      throw new UnreadableDocument(
          List.of(
              new Fault(
                  "#/variants",
                  marked.size() > 1
                      ? "Only one variant can be the default; marked are %s."
                          .formatted(String.join(", ", marked))
                      : "There are %d variants; %d is the most that is read."
                          .formatted(names(brief).size(), MOST),
                  null)));
    }
    return marked.isEmpty() ? brief : of(brief, marked.get(0));
  }

  private static boolean isMarked(@Nullable Node variant) {
    return variant instanceof Node.Fields fields
        && fields
            .get(DEFAULT)
            .filter(
                mark ->
                    mark instanceof Node.Scalar scalar
                        && ("yes".equals(scalar.text()) || "true".equals(scalar.text())))
            .isPresent();
  }

  /**
   * A variant as a brief of its own.
   *
   * @throws UnreadableDocument when there is none of that name, or with its differences it is no
   *     brief
   */
  public static Brief of(Brief brief, String name) {
    Node variant = brief.variants().values().get(name);
    if (variant == null) {
      List<String> names = names(brief);
      throw new UnreadableDocument(
          List.of(
              new Fault(
                  "#/variants",
                  names.isEmpty()
                      ? "This brief has no variants."
                      : "There is no variant '%s'; there are %s."
                          .formatted(Shown.of(name), String.join(", ", names)),
                  Nearest.of(name, names).orElse(null))));
    }
    String at = "#/variants/" + name.replace("~", "~0").replace("/", "~1");
    if (!(variant instanceof Node.Fields patch)) {
      throw new UnreadableDocument(
          List.of(
              new Fault(
                  at, "A variant is a mapping, found %s.".formatted(variant.describe()), null)));
    }
    Brief bare = new Brief(brief.texts(), brief.starters(), brief.extras(), Node.fields());
    try {
      return Briefs.of(merged(Briefs.tree(bare), without(patch)));
    } catch (UnreadableDocument e) {
      List<Fault> faults = new ArrayList<>();
      e.faults()
          .forEach(
              f ->
                  faults.add(new Fault(at + f.pointer().substring(1), f.detail(), f.suggestion())));
      throw new UnreadableDocument(faults);
    }
  }

  private static Node.Fields without(Node.Fields patch) {
    Map<String, Node> left = new LinkedHashMap<>(patch.values());
    left.remove(DEFAULT);
    return new Node.Fields(left, patch.at());
  }

  private static Node merged(Node.Fields target, Node.Fields patch) {
    Map<String, Node> merged = new LinkedHashMap<>(target.values());
    patch
        .values()
        .forEach(
            (key, value) -> {
              if (value instanceof Node.Scalar scalar && scalar.text() == null) {
                merged.remove(key);
              } else if (value instanceof Node.Fields inner) {
                Node there = merged.get(key);
                merged.put(
                    key, merged(there instanceof Node.Fields known ? known : Node.fields(), inner));
              } else {
                merged.put(key, value);
              }
            });
    return new Node.Fields(merged, Position.NONE);
  }

  /** What of a brief differs from another one, as command line words; with a minus what is gone. */
  public static List<String> differences(Brief from, Brief to) {
    List<String> differences = new ArrayList<>();
    for (Key key : Key.values()) {
      Optional<String> now = to.get(key);
      if (!now.equals(from.get(key))) {
        differences.add(now.map(value -> key.word() + "=" + value).orElse("-" + key.word()));
      }
    }
    listed(from.starters(), to.starters(), differences);
    listed(from.extras(), to.extras(), differences);
    return differences;
  }

  private static void listed(List<String> from, List<String> to, List<String> differences) {
    to.stream().filter(id -> !from.contains(id)).forEach(id -> differences.add("+" + id));
    from.stream().filter(id -> !to.contains(id)).forEach(id -> differences.add("-" + id));
  }
}
