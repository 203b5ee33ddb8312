package vividtrellis.core.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import vividtrellis.core.document.Node;

/** Fills every text of a tree. */
final class Filling {

  private Filling() {}

  static Node.Fields fill(Node.Fields fields, UnaryOperator<String> fill) {
    Map<String, Node> values = new LinkedHashMap<>();
    fields.values().forEach((key, value) -> values.put(key, any(value, fill)));
    return new Node.Fields(values, fields.at());
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
