/**
 * The door: a brief and an edition give a verdict or a lattice. The rooms beside it know nothing of
 * each other's work that does not pass through here.
 */
@NullMarked
package vividtrellis.core.compat.judging;

import org.jspecify.annotations.NullMarked;
