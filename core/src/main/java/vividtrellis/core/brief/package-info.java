/**
 * What was picked: reading and writing a brief, the words by which picks are said on a command line
 * or in an address, the names that follow from a project's name, what is wrong with a name, and how
 * a line of a file points back at what was picked.
 *
 * <p>Knows the form of a brief, not the catalog: whether a picked option exists or fits is for the
 * room {@code compat}.
 */
@NullMarked
package vividtrellis.core.brief;

import org.jspecify.annotations.NullMarked;
