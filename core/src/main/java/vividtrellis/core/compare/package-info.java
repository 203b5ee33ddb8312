/**
 * What differs between two projects, file by file.
 *
 * <p>The door is {@link vividtrellis.core.compare.Comparison}. Nothing here reads a directory or a
 * brief; both sides are passed in as texts by path.
 */
@NullMarked
package vividtrellis.core.compare;

import org.jspecify.annotations.NullMarked;
