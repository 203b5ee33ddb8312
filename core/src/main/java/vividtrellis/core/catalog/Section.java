package vividtrellis.core.catalog;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.catalog.InvalidEdition.Fault;
import vividtrellis.core.document.Node;
import vividtrellis.core.document.Position;

/**
 * One mapping of a catalog file, read key by key. Faults are collected, not thrown, so that an
 * author sees all of them; a value that is missing or wrong is read as an empty one.
 */
final class Section {

  private final String file;
  private final Node.Fields fields;
  private final List<Fault> faults;
  private final Set<String> known = new LinkedHashSet<>();

  Section(String file, Node node, List<Fault> faults) {
    this.file = file;
    this.faults = faults;
    if (node instanceof Node.Fields mapping) {
      this.fields = mapping;
    } else {
      this.fields = Node.fields();
      fault(node.at(), "expected a mapping, found " + node.describe());
    }
  }

  void fault(Position at, String reason) {
    faults.add(new Fault(file, at.line(), reason));
  }

  /** Reports a fault at this mapping as a whole. */
  void fault(String reason) {
    fault(fields.at(), reason);
  }

  /** Where this mapping stands, as a fault without a reason yet. */
  Fault origin() {
    return new Fault(file, fields.at().line(), "");
  }

  /** Names every key that nothing has asked for. To be called last. */
  void nothingElse() {
    fields
        .values()
        .forEach(
            (key, value) -> {
              if (!known.contains(key)) {
                fault(value.at(), "unknown key '" + key + "'; expected one of " + known);
              }
            });
  }

  boolean has(String key) {
    known.add(key);
    return fields.values().containsKey(key);
  }

  Position at(String key) {
    return fields.get(key).map(Node::at).orElse(fields.at());
  }

  String text(String key) {
    String text = optional(key);
    if (text == null) {
      fault("'" + key + "' is missing");
      return "";
    }
    return text;
  }

  @Nullable String optional(String key) {
    known.add(key);
    Node node = fields.values().get(key);
    if (node == null) {
      return null;
    }
    if (node instanceof Node.Scalar scalar && scalar.text() != null) {
      return scalar.text();
    }
    fault(node.at(), "'" + key + "' must be a text, found " + node.describe());
    return null;
  }

  /** A mapping under a key; an empty one if there is none. */
  Section section(String key) {
    return new Section(file, mapping(key), faults);
  }

  /** The names of all keys, in their order. */
  Set<String> keys() {
    return fields.values().keySet();
  }

  /** The mappings of a list, to look into before it is read for good: no fault is told of. */
  List<Section> quietly(String key) {
    return fields.get(key).orElse(null) instanceof Node.Items items
        ? items.values().stream().map(node -> new Section(file, node, new ArrayList<>())).toList()
        : List.of();
  }

  Node.Fields mapping(String key) {
    known.add(key);
    Node node = fields.values().getOrDefault(key, Node.fields());
    if (node instanceof Node.Fields mapping) {
      return mapping;
    }
    fault(node.at(), "'" + key + "' must be a mapping, found " + node.describe());
    return Node.fields();
  }

  List<Node> list(String key) {
    known.add(key);
    Node node = fields.values().get(key);
    if (node == null) {
      return List.of();
    }
    if (node instanceof Node.Items items) {
      return items.values();
    }
    fault(node.at(), "'" + key + "' must be a list, found " + node.describe());
    return List.of();
  }

  <T> List<T> sections(String key, Function<Section, T> read) {
    List<T> results = new ArrayList<>();
    for (Node node : list(key)) {
      Section section = new Section(file, node, faults);
      results.add(read.apply(section));
      section.nothingElse();
    }
    return results;
  }

  /** Texts that each have a small language of their own; a wrong one is reported at its line. */
  <T> List<T> parsed(String key, Function<String, T> parse) {
    List<T> results = new ArrayList<>();
    for (Node node : list(key)) {
      if (node instanceof Node.Scalar scalar && scalar.text() != null) {
        try {
          results.add(parse.apply(scalar.text()));
        } catch (IllegalArgumentException e) {
          fault(node.at(), String.valueOf(e.getMessage()));
        }
      } else {
        fault(node.at(), "'" + key + "' holds texts, found " + node.describe());
      }
    }
    return results;
  }

  Map<String, String> texts(String key) {
    return texts(key, mapping(key));
  }

  Map<String, String> texts(String key, Node.Fields mapping) {
    Map<String, String> results = new LinkedHashMap<>();
    mapping
        .values()
        .forEach(
            (name, node) -> {
              if (node instanceof Node.Scalar scalar && scalar.text() != null) {
                results.put(name, scalar.text());
              } else {
                fault(node.at(), "'" + key + "." + name + "' must be a text");
              }
            });
    return results;
  }
}
