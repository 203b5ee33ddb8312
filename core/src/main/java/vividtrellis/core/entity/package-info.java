/**
 * What the walk through of a project is about, in the user's own words: its name, what it holds,
 * and the one small grammar both are written in.
 *
 * <pre>
 * entity = NAME ":" field { "," field }             in one word
 * field  = NAME type [ range ] [ "?" ] [ "unique" ]
 * type   = "text" | "integer" | "decimal" | "boolean" | "date" | "instant" | "uuid"
 *        | WORD "|" WORD { "|" WORD }               one of these words
 * range  = [ LEAST ] ".." [ MOST ]                  signs of a text, else the value
 * </pre>
 *
 * <p>{@code ?} means that it may be missing, {@code unique} that no two may have the same. In a
 * document, the name stands under {@code name}, and what stands behind the name of each field under
 * {@code holds}. Knows nothing of briefs, catalogs and files: which words a project cannot have is
 * for those who ask.
 */
@NullMarked
package vividtrellis.core.entity;

import org.jspecify.annotations.NullMarked;
