package vividtrellis.core.catalog;

/**
 * What a rule rests on.
 *
 * @param kind bom, pom, class-file, recorded-build or documentation
 * @param source the artifact or record, precise enough to look it up again
 */
public record Evidence(String kind, String source) {}
