/**
 * Files to archives, byte for byte the same on every machine, and the receipt that goes with them.
 *
 * <p>The doors are {@link vividtrellis.core.pack.Archives} and {@link
 * vividtrellis.core.pack.Receipt}. Nothing here reads a clock or a time zone; the time of the
 * entries is passed in.
 */
@NullMarked
package vividtrellis.core.pack;

import org.jspecify.annotations.NullMarked;
