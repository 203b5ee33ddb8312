package vividtrellis.core.document;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** A value of a document: a scalar, a list or a mapping. Immutable; order is kept. */
public sealed interface Node {

  /** Where the value began. */
  Position at();

  /**
   * What the value is called in messages for people.
   *
   * @return "a text", "a list", "a mapping" or "nothing"
   */
  String describe();

  /**
   * One value as text.
   *
   * @param text the text as it was written; {@code null} for an explicit or implied null
   * @param at where it stood
   */
  record Scalar(@Nullable String text, Position at) implements Node {
    @Override
    public String describe() {
      return text == null ? "nothing" : "a text";
    }
  }

  /** A list of values. */
  record Items(List<Node> values, Position at) implements Node {
    public Items {
      values = List.copyOf(values);
    }

    @Override
    public String describe() {
      return "a list";
    }
  }

  /** A mapping from keys to values, in the order in which they were written. */
  record Fields(Map<String, Node> values, Position at) implements Node {
    public Fields {
      values = Collections.unmodifiableMap(new LinkedHashMap<>(values));
    }

    /** The value under a key, if it is there at all. */
    public Optional<Node> get(String key) {
      return Optional.ofNullable(values.get(key));
    }

    /** A copy in which one key has another value; a new key goes to the end. */
    public Fields with(String key, Node value) {
      Map<String, Node> changed = new LinkedHashMap<>(values);
      changed.put(key, value);
      return new Fields(changed, at);
    }

    @Override
    public String describe() {
      return "a mapping";
    }
  }

  /** A scalar that was made, not read. */
  static Scalar text(String text) {
    return new Scalar(text, Position.NONE);
  }

  /** A list of scalars that was made, not read. */
  static Items texts(List<String> texts) {
    List<Node> nodes = new ArrayList<>();
    texts.forEach(each -> nodes.add(text(each)));
    return new Items(nodes, Position.NONE);
  }

  /** An empty mapping that was made, not read. */
  static Fields fields() {
    return new Fields(Map.of(), Position.NONE);
  }
}
