package vividtrellis.core.brief;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.document.Node;
import vividtrellis.core.document.UnreadableDocument.Fault;
import vividtrellis.core.entity.Entity;
import vividtrellis.core.entity.EntityClashes;
import vividtrellis.core.entity.EntityReader;

/**
 * The entity of a brief as it stands in a document: a mapping of its name and what it holds. A
 * brief keeps it in one word, as on a command line; a word that is no entity is written as it is.
 */
final class EntityForm {

  private static final String NAME = "name";
  private static final String HOLDS = "holds";
  private static final String POINTER = "#" + Key.ENTITY.pointer();

  private EntityForm() {}

  static Node node(String word) {
    Entity entity = EntityReader.read(word, EntityClashes.NONE).entity();
    if (entity == null) {
      return Node.text(word);
    }
    Node.Fields holds = Node.fields();
    for (Map.Entry<String, String> each : entity.holds().entrySet()) {
      holds = holds.with(each.getKey(), Node.text(each.getValue()));
    }
    return Node.fields().with(NAME, Node.text(entity.name())).with(HOLDS, holds);
  }

  /** The word for a mapping, or nothing where faults were added. */
  static Optional<String> word(Node.Fields node, List<Fault> faults) {
    int before = faults.size();
    Map<String, String> holds = new LinkedHashMap<>();
    String name = "";
    for (Map.Entry<String, Node> each : node.values().entrySet()) {
      String key = each.getKey();
      if (key.equals(NAME)) {
        name = text(POINTER + "/" + NAME, each.getValue(), faults);
      } else if (key.equals(HOLDS) && each.getValue() instanceof Node.Fields fields) {
        fields
            .values()
            .forEach(
                (field, form) -> {
                  String pointer = POINTER + "/" + HOLDS + "/" + Shown.pointer(field);
                  holds.put(field, text(pointer, form, faults));
                  if (!field.matches("[^\\s,:]+")) {
                    faults.add(
                        new Fault(
                            pointer,
                            "The name of a field is one word without blanks, colons and commas.",
                            null));
                  }
                });
      } else {
        faults.add(misplaced(key, each.getValue()));
      }
    }
    return faults.size() == before ? Optional.of(Entity.word(name, holds)) : Optional.empty();
  }

  private static Fault misplaced(String key, Node found) {
    String pointer = POINTER + "/" + Shown.pointer(key);
    if (key.equals(HOLDS)) {
      String what = "'holds' maps each field to what it is, found " + found.describe() + ".";
      return new Fault(pointer, what, null);
    }
    return new Fault(
        pointer,
        "There is no key '" + Shown.of(key) + "' in 'entity'.",
        Nearest.of(key, List.of(NAME, HOLDS)).orElse(null));
  }

  private static String text(String pointer, @Nullable Node node, List<Fault> faults) {
    if (node instanceof Node.Scalar scalar
        && scalar.text() != null
        && !scalar.text().contains(",")) {
      return scalar.text();
    }
    String found = node == null ? "nothing" : node.describe();
    String said = node instanceof Node.Scalar ? "a text with a comma, or none" : found;
    faults.add(new Fault(pointer, "This is one text without a comma, found " + said + ".", null));
    return "";
  }
}
