package vividtrellis.core.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import vividtrellis.core.document.Node;

/** Fills every text of a tree, and joins trees. */
final class Filling {

  private Filling() {}

  static Node.Fields fill(Node.Fields fields, UnaryOperator<String> fill) {
    Map<String, Node> values = new LinkedHashMap<>();
    fields.values().forEach((key, value) -> values.put(key, any(value, fill)));
    return new Node.Fields(values, fields.at());
  }

  /** Both trees in one: mappings key by key, lists one after the other; else the second wins. */
  static Node.Fields joined(Node.Fields first, Node.Fields second) {
    Map<String, Node> values = new LinkedHashMap<>(first.values());
    second.values().forEach((key, value) -> values.merge(key, value, Filling::joinedAny));
    return new Node.Fields(values, first.at());
  }

  private static Node joinedAny(Node first, Node second) {
    if (first instanceof Node.Fields one && second instanceof Node.Fields two) {
      return joined(one, two);
    }
    if (first instanceof Node.Items one && second instanceof Node.Items two) {
      List<Node> values = new ArrayList<>(one.values());
      two.values().stream().filter(each -> !values.contains(each)).forEach(values::add);
      return new Node.Items(values, one.at());
    }
    return second;
  }

  private static Node any(Node node, UnaryOperator<String> fill) {
    if (node instanceof Node.Fields fields) {
      return fill(fields, fill);
    }
    if (node instanceof Node.Items items) {
      List<Node> values = new ArrayList<>();
      items.values().forEach(value -> values.add(any(value, fill)));
      return new Node.Items(values, items.at());
    }
    Node.Scalar scalar = (Node.Scalar) node;
    return scalar.text() == null ? scalar : new Node.Scalar(fill.apply(scalar.text()), scalar.at());
  }
}
