/**
 * Filling templates so that every line knows which picks are in it. Nothing of catalogs, briefs or
 * files may be in here: what the words are and where lines go is for others to say.
 */
@NullMarked
package vividtrellis.core.template;

import org.jspecify.annotations.NullMarked;
