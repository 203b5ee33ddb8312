package vividtrellis.core.plan;

import java.util.Map;

/**
 * What a project takes from outside brief and edition. Passed in, so that planning stays a
 * function.
 *
 * @param mavenBase base address of the Maven repository, read from Maven's own super-POM
 * @param digests SHA-256 in hex of what the wrapper of a build system fetches, by its id and
 *     version as in {@code maven@3.9.16}; nothing for what the registry does not have
 */
public record GenerationInputs(String mavenBase, Map<String, String> digests) {

  /** Copies its map. */
  public GenerationInputs {
    digests = Map.copyOf(digests);
  }
}
