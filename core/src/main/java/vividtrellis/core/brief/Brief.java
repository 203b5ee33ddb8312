package vividtrellis.core.brief;

import com.google.common.collect.ImmutableMap;
import com.google.common.collect.Maps;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import vividtrellis.core.document.Node;

/**
 * The document that holds everything picked for one project. Immutable.
 *
 * @param texts the single-valued picks that are there, each as it was written
 * @param starters ids in the order given
 * @param extras ids in the order given
 * @param variants the differences kept under names, as they were written; empty if there are none
 */
public record Brief(
    Map<Key, String> texts, List<String> starters, List<String> extras, Node.Fields variants) {

  /** Copies its parts. */
  public Brief {
    // A map of one is no enum map to the library, which would copy it anew for every changed brief.
    texts =
        texts instanceof ImmutableMap && texts.size() == 1 ? texts : Maps.immutableEnumMap(texts);
    starters = List.copyOf(starters);
    extras = List.copyOf(extras);
  }

  /** A brief in which nothing is picked. */
  public static Brief empty() {
    return new Brief(Map.of(), List.of(), List.of(), Node.fields());
  }

  /** The pick under a key, if there is one. */
  public Optional<String> get(Key key) {
    return Optional.ofNullable(texts.get(key));
  }

  /**
   * The pick under a key of a brief that is known to have it.
   *
   * @throws IllegalStateException when it is not there: the brief was not completed
   */
  public String require(Key key) {
    return get(key)
        .orElseThrow(() -> new IllegalStateException(key.pointer() + " is not filled in"));
  }

  /** A copy with another value under a key. */
  public Brief with(Key key, String value) {
    Map<Key, String> changed = new EnumMap<>(Key.class);
    changed.putAll(texts);
    changed.put(key, value);
    return new Brief(changed, starters, extras, variants);
  }

  /** A copy with other starters. */
  public Brief withStarters(List<String> changed) {
    return new Brief(texts, changed, extras, variants);
  }

  /** A copy with other extras. */
  public Brief withExtras(List<String> changed) {
    return new Brief(texts, starters, changed, variants);
  }

  /** A copy with other variants. */
  public Brief withVariants(Node.Fields changed) {
    return new Brief(texts, starters, extras, changed);
  }
}
