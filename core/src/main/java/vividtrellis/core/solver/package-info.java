/**
 * A small exact solver for clauses over choices and switches. It knows numbers only: nothing of
 * catalogs, briefs or sentences may come in here.
 *
 * <p>The door is {@link vividtrellis.core.solver.Problem}, which is compiled once and shared;
 * {@link vividtrellis.core.solver.Search} is one thread's work on it.
 */
@NullMarked
package vividtrellis.core.solver;

import org.jspecify.annotations.NullMarked;
