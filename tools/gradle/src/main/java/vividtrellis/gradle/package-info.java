/**
 * Lays a Gradle home out of what the package registry has, so that projects for Gradle are built
 * here by real code of Gradle though no distribution can be fetched. Knows archives and jars;
 * nothing of briefs, catalogs or generated projects may be in it.
 */
@NullMarked
package vividtrellis.gradle;

import org.jspecify.annotations.NullMarked;
