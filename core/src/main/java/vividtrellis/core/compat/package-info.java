/**
 * Whether picks fit: rules, the search over all combinations, findings with reasons and ways out,
 * and the filling in of what was not picked.
 *
 * <p>The door is {@link vividtrellis.core.compat.Verdicts}. The search hides behind the
 * package-private interface {@code Solver}. Sentences come from {@code sentences.properties} or
 * from the catalog; no sentence is written in code, none is ever compared.
 */
@NullMarked
package vividtrellis.core.compat;

import org.jspecify.annotations.NullMarked;
