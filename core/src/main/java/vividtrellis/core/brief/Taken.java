package vividtrellis.core.brief;

import java.util.Set;
import java.util.stream.Collectors;

/**
 * What a project's names must keep clear of because of its framework and its languages.
 *
 * @param types simple names that the framework keeps for itself, and of classes that are written
 * @param words of its languages, beside those of Java, that no package can be called
 * @param packages of the framework, which no code of a project belongs into
 * @param fills what the framework has a build replace in a text, such as "@word@", where "word"
 *     stands for any
 * @param code what the code that is written knows by a name
 */
public record Taken(
    Set<String> types, Set<String> words, Set<String> packages, Set<String> fills, Code code) {

  /** Nothing but what Java takes. */
  public static final Taken NONE =
      new Taken(Set.of(), Set.of(), Set.of(), Set.of(), new Code(Set.of(), Set.of(), Set.of(), ""));

  /**
   * What the code that is written knows by a name.
   *
   * @param seen simple names of types that it imports
   * @param variables that it declares
   * @param forms of the classes about an entity, with {@link #ENTITY} in the entity's place
   * @param usual entity where none is named; empty for none
   */
  public record Code(Set<String> seen, Set<String> variables, Set<String> forms, String usual) {
    /** Stands in a form for the entity. */
    public static final String ENTITY = "*";

    /** Copies its sets. */
    public Code {
      seen = Set.copyOf(seen);
      variables = Set.copyOf(variables);
      forms = Set.copyOf(forms);
    }
  }

  /** Copies its sets. */
  public Taken {
    types = Set.copyOf(types);
    words = Set.copyOf(words);
    packages = Set.copyOf(packages);
    fills = Set.copyOf(fills);
  }

  /** Simple names of types that the code imports. */
  Set<String> seen() {
    return code.seen();
  }

  /** The classes about an entity, and what they are called without {@code Test}. */
  Set<String> typesOf(String entity) {
    return code.forms().stream()
        .map(form -> form.replace(Code.ENTITY, entity))
        .collect(Collectors.toUnmodifiableSet());
  }
}
