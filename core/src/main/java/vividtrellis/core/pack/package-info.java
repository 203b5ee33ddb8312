/**
 * Files to archives, byte for byte the same on every machine.
 *
 * <p>The door is {@link vividtrellis.core.pack.Archives}. Nothing here reads a clock or a time
 * zone; the time of the entries is passed in.
 */
@NullMarked
package vividtrellis.core.pack;

import org.jspecify.annotations.NullMarked;
