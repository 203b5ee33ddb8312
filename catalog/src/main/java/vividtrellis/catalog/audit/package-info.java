/**
 * Holds an edition against the registry: reads BOMs and class files there, and compares. Nothing
 * that serves requests may come in here; only the maintainers of a catalog run it.
 *
 * <p>The door is {@link vividtrellis.catalog.audit.Audit}. What it saw is kept beside the edition
 * as {@code evidence.yaml}, so that a build without a network can tell whether the data was changed
 * since.
 */
@NullMarked
package vividtrellis.catalog.audit;

import org.jspecify.annotations.NullMarked;
