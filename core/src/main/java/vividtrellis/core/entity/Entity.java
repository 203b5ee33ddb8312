package vividtrellis.core.entity;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

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
    return word(name, holds());
  }

  /** The one word of what a document says in two parts; whether it can be read is not looked at. */
  public static String word(String name, Map<String, String> holds) {
    return name
        + ": "
        + holds.entrySet().stream()
            .map(each -> each.getKey() + " " + each.getValue())
            .collect(Collectors.joining(", "));
  }

  /** As in a document: what stands under {@code holds}. */
  public Map<String, String> holds() {
    Map<String, String> holds = new LinkedHashMap<>();
    fields.forEach(field -> holds.put(field.name(), field.form()));
    return holds;
  }
}
