package vividtrellis.core.plan;

/**
 * What a project takes from outside brief and edition. Passed in, so that planning stays a
 * function.
 *
 * @param mavenBase base address of the Maven repository, read from Maven's own super-POM
 */
public record GenerationInputs(String mavenBase) {}
