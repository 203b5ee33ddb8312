/**
 * What an answer consists of: the verdict with its findings and offers, the lattice, what was
 * selected. These are values that other rooms may hold; how they come about may not be in here.
 *
 * <p>The rooms below build on each other in this order: {@code finding} what is told, {@code rules}
 * what is asked of a selection, {@code encoding} the same as numbers for the solver, {@code
 * feasibility} what can still be had, {@code repair} and {@code lattice}, and {@code judging},
 * whose {@link vividtrellis.core.compat.judging.Verdicts} is the door for everybody else.
 */
@NullMarked
package vividtrellis.core.compat;

import org.jspecify.annotations.NullMarked;
