package vividtrellis.cli.api;

import java.util.ArrayList;
import java.util.List;
import vividtrellis.core.document.Documents;
import vividtrellis.core.document.Documents.Notation;
import vividtrellis.core.document.Node;
import vividtrellis.core.document.Position;

/** A JSON answer, asked for by name. What is not there is empty: a newer service may say less. */
record Json(Node node) {

  static Json read(String text) {
    return new Json(Documents.readTrusted(text, Notation.JSON));
  }

  Json at(String key) {
    Node found =
        node instanceof Node.Fields fields
            ? fields.get(key).orElse(new Node.Scalar(null, Position.NONE))
            : new Node.Scalar(null, Position.NONE);
    return new Json(found);
  }

  String text(String key) {
    return at(key).text();
  }

  String text() {
    return node instanceof Node.Scalar scalar && scalar.text() != null ? scalar.text() : "";
  }

  /** Whether it is there and true. */
  boolean is(String key) {
    return text(key).equals("true");
  }

  /** A whole number; 0 where there is none. */
  long number(String key) {
    String text = text(key);
    return text.matches("[0-9]{1,18}") ? Long.parseLong(text) : 0;
  }

  List<String> texts(String key) {
    return list(key).stream().map(Json::text).toList();
  }

  List<Json> list(String key) {
    List<Json> values = new ArrayList<>();
    if (at(key).node() instanceof Node.Items items) {
      items.values().forEach(value -> values.add(new Json(value)));
    }
    return values;
  }
}
