/**
 * A small exact solver for clauses over choices and switches. It knows numbers only: nothing of
 * catalogs, briefs or sentences may come in here.
 *
 * <p>The door is {@link vividtrellis.core.solver.Problem}, which is compiled once and shared;
 * {@link vividtrellis.core.solver.Search} is one thread's work on it, within a {@link
 * vividtrellis.core.solver.Scope} that is chosen before anything is fixed. What may spare it work
 * is behind {@link vividtrellis.core.solver.QuickLooks}, and can be left out. The words:
 *
 * <dl>
 *   <dt>choice
 *   <dd>takes exactly one of its values, which are numbered in order of preference
 *   <dt>switch
 *   <dd>is on or off; off is preferred
 *   <dt>clause
 *   <dd>a condition of which at least one part has to hold: a guard that is off, a satisfier that
 *       is on, or a choice with one of the values that it allows
 *   <dt>guard
 *   <dd>of a clause, a switch that it wants off; while one is off, the clause is met and inactive
 *   <dt>satisfier
 *   <dd>of a clause, a switch that it wants on
 *   <dt>active
 *   <dd>a clause all of whose guards are on: only such take part in a search
 *   <dt>model
 *   <dd>a value for each choice and what is on, so that every clause is met
 *   <dt>supported
 *   <dd>a switch that can be on in some model with what is fixed; unsupported, one that certainly
 *       cannot
 * </dl>
 */
@NullMarked
package vividtrellis.core.solver;

import org.jspecify.annotations.NullMarked;
