package vividtrellis.core.tree;

import java.util.List;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.template.Cause;

/** A part of a document that is written from a tree: a name, and a value or further parts. */
public sealed interface TracedPart {

  /** The key; empty for an entry of a list. */
  String name();

  /** Why it is there. */
  Cause cause();

  /**
   * A single value.
   *
   * @param value {@code null} where the name says all
   */
  record Leaf(String name, @Nullable String value, Cause cause) implements TracedPart {}

  /**
   * Several parts under one name.
   *
   * @param list whether they are entries of a list
   */
  record Branch(String name, boolean list, List<TracedPart> parts, Cause cause)
      implements TracedPart {
    /** Copies its list. */
    public Branch {
      parts = List.copyOf(parts);
    }
  }
}
