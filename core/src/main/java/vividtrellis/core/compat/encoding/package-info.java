/**
 * An edition and the picks of a brief as numbers: axes are choices, starters and extras switches,
 * rules clauses. The only room that knows both words and numbers; it asks the solver nothing.
 */
@NullMarked
package vividtrellis.core.compat.encoding;

import org.jspecify.annotations.NullMarked;
