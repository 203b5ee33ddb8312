package vividtrellis.core.catalog;

import java.util.Map;

/**
 * What a rule or a finding says. Programs go by the code and its arguments, people by the text.
 *
 * @param code stable; of a rule that is written in an edition, its id
 * @param args what the sentence speaks of, by the names that it has for them
 * @param text the sentence, for people
 */
public record Saying(String code, Map<String, String> args, String text) {

  /** Copies its arguments. */
  public Saying {
    args = Map.copyOf(args);
  }
}
