/**
 * Versions, ranges of versions, and their order: two small languages, each specified in the comment
 * of its class. Knows nothing about what carries a version.
 */
@NullMarked
package vividtrellis.core.version;

import org.jspecify.annotations.NullMarked;
