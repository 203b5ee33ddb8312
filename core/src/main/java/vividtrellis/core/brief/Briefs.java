package vividtrellis.core.brief;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.document.Documents;
import vividtrellis.core.document.Documents.Notation;
import vividtrellis.core.document.Node;
import vividtrellis.core.document.Position;
import vividtrellis.core.document.UnreadableDocument;
import vividtrellis.core.document.UnreadableDocument.Fault;

/** The door between a brief and its documents. */
public final class Briefs {

  /** The version of the brief's format that is read and written. */
  public static final String FORMAT = "1";

  private static final int MOST_IN_A_LIST = 200;
  private static final List<String> BLOCKS = List.of("project", "settings");
  private static final List<String> LISTS = List.of("starters", "extras");

  private Briefs() {}

  /**
   * Reads a brief.
   *
   * @throws UnreadableDocument with every fault when the document cannot be read as a brief
   */
  public static Brief read(String text, Notation notation) {
    return of(Documents.read(text, notation));
  }

  /**
   * Takes a tree as a brief.
   *
   * @throws UnreadableDocument with every fault when it is none
   */
  public static Brief of(Node document) {
    return new Reader().read(document);
  }

  /** The tree of a brief: keys in a fixed order, nothing that is empty. */
  public static Node.Fields tree(Brief brief) {
    Map<String, Node> top = new LinkedHashMap<>();
    top.put("brief", Node.text(FORMAT));
    for (Key key : Key.values()) {
      if (key == Key.PORT && !brief.starters().isEmpty()) {
        top.put("starters", Node.texts(brief.starters()));
      }
      if (key == Key.SAMPLE && !brief.extras().isEmpty()) {
        top.put("extras", Node.texts(brief.extras()));
      }
      brief
          .get(key)
          .ifPresent(
              value -> {
                if (key == Key.ENTITY) {
                  top.put(key.word(), EntityForm.node(value));
                } else if (key.block().isEmpty()) {
                  top.put(key.word(), Node.text(value));
                } else {
                  Node.Fields block = (Node.Fields) top.getOrDefault(key.block(), Node.fields());
                  top.put(key.block(), block.with(key.word(), Node.text(value)));
                }
              });
    }
    if (!brief.variants().values().isEmpty()) {
      top.put("variants", brief.variants());
    }
    return new Node.Fields(top, Position.NONE);
  }

  /** Writes a brief. */
  public static String write(Brief brief, Notation notation) {
    return Documents.write(tree(brief), notation);
  }

  /** Collects faults while a tree is taken apart. */
  private static final class Reader {

    private final List<Fault> faults = new ArrayList<>();
    private final Map<Key, String> texts = new EnumMap<>(Key.class);

    Brief read(Node document) {
      if (!(document instanceof Node.Fields top)) {
        throw UnreadableDocument.whole(
            "A brief is a mapping of keys to picks; this document is %s."
                .formatted(document.describe()),
            "Begin with: project: { name: my-service }");
      }
      List<String> known = new ArrayList<>(List.of("brief"));
      known.addAll(BLOCKS);
      known.addAll(LISTS);
      known.add("variants");
      Arrays.stream(Key.values())
          .filter(k -> k.block().isEmpty())
          .forEach(k -> known.add(k.word()));
      keys(top, "", known);
      format(top.values().get("brief"));
      block(top, "");
      for (String block : BLOCKS) {
        Node node = top.values().get(block);
        if (node instanceof Node.Fields fields) {
          keys(
              fields,
              block,
              Arrays.stream(Key.values())
                  .filter(k -> k.block().equals(block))
                  .map(Key::word)
                  .toList());
          block(fields, block);
        } else if (!isNothing(node)) {
          fault("#/" + block, "'%s' is a mapping, found %s.", block, node);
        }
      }
      List<String> starters = list(top, "starters");
      List<String> extras = list(top, "extras");
      Node variants = top.values().get("variants");
      if (!isNothing(variants) && !(variants instanceof Node.Fields)) {
        fault("#/variants", "'%s' is a mapping, found %s.", "variants", variants);
      }
      if (!faults.isEmpty()) {
        throw new UnreadableDocument(faults);
      }
      return new Brief(
          texts, starters, extras, variants instanceof Node.Fields kept ? kept : Node.fields());
    }

    private void format(@Nullable Node node) {
      boolean known =
          isNothing(node) || (node instanceof Node.Scalar scalar && FORMAT.equals(scalar.text()));
      if (!known) {
        faults.add(
            new Fault("#/brief", "This format of a brief is not known here; 1 is read.", FORMAT));
      }
    }

    private void keys(Node.Fields fields, String block, List<String> known) {
      for (Map.Entry<String, Node> each : fields.values().entrySet()) {
        String key = each.getKey();
        if (!known.contains(key)) {
          String nearest = Nearest.of(key, known).orElse(null);
          String pointer = "#/" + (block.isEmpty() ? "" : block + "/") + Shown.pointer(key);
          faults.add(
              new Fault(
                  pointer,
                  "There is no key '%s' in %s%s."
                      .formatted(
                          Shown.of(key),
                          block.isEmpty() ? "a brief" : "'" + block + "'",
                          each.getValue().at().line() == 0
                              ? ""
                              : " (line " + each.getValue().at().line() + ")"),
                  nearest));
        }
      }
    }

    private void block(Node.Fields fields, String block) {
      for (Key key : Key.values()) {
        if (!key.block().equals(block)) {
          continue;
        }
        Node node = fields.values().get(key.word());
        if (node instanceof Node.Scalar scalar && scalar.text() != null) {
          if (!scalar.text().isBlank()) {
            texts.put(key, scalar.text());
          }
        } else if (key == Key.ENTITY && node instanceof Node.Fields entity) {
          EntityForm.word(entity, faults).ifPresent(word -> texts.put(key, word));
        } else if (!isNothing(node)) {
          fault("#" + key.pointer(), "'%s' is one value, found %s.", key.word(), node);
        }
      }
    }

    private List<String> list(Node.Fields top, String key) {
      Node node = top.values().get(key);
      if (isNothing(node)) {
        return List.of();
      }
      if (!(node instanceof Node.Items items)) {
        fault("#/" + key, "'%s' is a list of ids, found %s.", key, node);
        return List.of();
      }
      if (items.values().size() > MOST_IN_A_LIST) {
        faults.add(
            new Fault(
                "#/" + key,
                "'%s' has %d entries; %d is the most that is read."
                    .formatted(key, items.values().size(), MOST_IN_A_LIST),
                null));
        return List.of();
      }
      List<String> values = new ArrayList<>();
      for (int i = 0; i < items.values().size(); i++) {
        if (items.values().get(i) instanceof Node.Scalar scalar && scalar.text() != null) {
          values.add(scalar.text());
        } else {
          fault("#/" + key + "/" + i, "'%s' holds ids, found %s.", key, items.values().get(i));
        }
      }
      return values;
    }

    private void fault(String pointer, String detail, String key, @Nullable Node found) {
      String what = found == null ? "nothing" : found.describe();
      faults.add(new Fault(pointer, detail.formatted(key, what), null));
    }

    private static boolean isNothing(@Nullable Node node) {
      return node == null || (node instanceof Node.Scalar scalar && scalar.text() == null);
    }
  }
}
