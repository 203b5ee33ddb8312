/**
 * Whether picks fit: rules, findings with reasons and ways out, the filling in of what was not
 * picked, offers and the lattice.
 *
 * <p>The doors are {@link vividtrellis.core.compat.Verdicts} for one edition and {@link
 * vividtrellis.core.compat.Editions} for several. Searching is left to the room {@code solver}, for
 * which {@code CompiledEdition} turns an edition into numbers. Sentences come from {@code
 * sentences.properties} or from the catalog; no sentence is written in code, none is ever compared.
 */
@NullMarked
package vividtrellis.core.compat;

import org.jspecify.annotations.NullMarked;
