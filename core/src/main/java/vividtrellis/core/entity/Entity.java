package vividtrellis.core.entity;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What a walk through is about.
 *
 * @param name in the singular, {@code Berth}
 * @param fields in the order in which they are shown; at least one
 */
public record Entity(String name, List<Field> fields) {

  /** Copies its list. */
  public Entity {
    fields = List.copyOf(fields);
  }

  /** In one word, as on a command line; {@link EntityReader} reads it back. */
  public String word() {
    return EntityReader.word(name, holds());
  }

  /** As in a document: what stands under {@code holds}. */
  public Map<String, String> holds() {
    Map<String, String> holds = new LinkedHashMap<>();
    fields.forEach(field -> holds.put(field.name(), field.form()));
    return holds;
  }
}
