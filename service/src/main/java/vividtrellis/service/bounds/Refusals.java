package vividtrellis.service.bounds;

import org.jspecify.annotations.Nullable;

/** How a refusal is put into a body. */
@FunctionalInterface
public interface Refusals {

  /**
   * Gives the body of an error that no controller made.
   *
   * @param status of the answer
   * @param words what whoever refused it said; {@code null} for nothing
   * @return as {@code application/problem+json}
   */
  byte[] body(int status, @Nullable String words);
}
