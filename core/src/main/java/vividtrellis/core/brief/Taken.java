package vividtrellis.core.brief;

import java.util.Set;

/**
 * What a project's names must keep clear of because of its framework and its languages.
 *
 * @param types simple names that the framework keeps for itself
 * @param words of its languages, beside those of Java, that no package can be called
 * @param packages of the framework, which no code of a project belongs into
 * @param fills what the framework has a build replace in a text, such as "@word@", where "word"
 *     stands for any
 */
public record Taken(Set<String> types, Set<String> words, Set<String> packages, Set<String> fills) {

  /** Nothing but what Java takes. */
  public static final Taken NONE = new Taken(Set.of(), Set.of(), Set.of(), Set.of());

  /** Copies its sets. */
  public Taken {
    types = Set.copyOf(types);
    words = Set.copyOf(words);
    packages = Set.copyOf(packages);
    fills = Set.copyOf(fills);
  }
}
