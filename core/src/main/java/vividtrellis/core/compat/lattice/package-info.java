/**
 * The grid of framework lines by Java levels, with what a move from joint to joint gains and loses.
 */
@NullMarked
package vividtrellis.core.compat.lattice;

import org.jspecify.annotations.NullMarked;
