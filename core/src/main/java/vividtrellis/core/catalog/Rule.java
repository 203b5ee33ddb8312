package vividtrellis.core.catalog;

import java.util.List;
import java.util.stream.Stream;

/**
 * A compatibility constraint. Whenever all of {@code when} holds, its kind says what else must
 * hold. Every rule carries a sentence for users and what it rests on.
 */
public sealed interface Rule {

  /** Stable id, for findings. */
  String id();

  /** The conditions under which the rule speaks; never empty. */
  List<Term> when();

  /** Why. */
  Saying because();

  /** What it rests on; never empty. */
  List<Evidence> evidence();

  /** Whether a breach stops the project from being made. */
  default boolean blocks() {
    return true;
  }

  /** Of which terms one must hold once all of {@code when} does; empty for those that clash. */
  default List<Term> remaining() {
    return List.of();
  }

  /** All terms that it looks at. */
  default Stream<Term> terms() {
    return Stream.concat(when().stream(), remaining().stream());
  }

  /** One of the terms must hold, else it does not build or start. The first is the best remedy. */
  record Needs(
      String id, List<Term> when, List<Term> oneOf, Saying because, List<Evidence> evidence)
      implements Rule {
    @Override
    public List<Term> remaining() {
      return oneOf;
    }
  }

  /** One of the terms should hold; without it the pick is of little use. */
  record Wants(
      String id, List<Term> when, List<Term> oneOf, Saying because, List<Evidence> evidence)
      implements Rule {
    @Override
    public List<Term> remaining() {
      return oneOf;
    }

    @Override
    public boolean blocks() {
      return false;
    }
  }

  /** The versions of another pick must lie in a range. */
  record Range(String id, List<Term> when, Term within, Saying because, List<Evidence> evidence)
      implements Rule {
    @Override
    public List<Term> remaining() {
      return List.of(within);
    }
  }

  /** The terms of {@code when} cannot hold together. */
  record Clashes(String id, List<Term> when, Saying because, List<Evidence> evidence)
      implements Rule {}

  /** The terms of {@code when} can hold together, but one of them makes another idle. */
  record Overlaps(String id, List<Term> when, Saying because, List<Evidence> evidence)
      implements Rule {
    @Override
    public boolean blocks() {
      return false;
    }
  }
}
