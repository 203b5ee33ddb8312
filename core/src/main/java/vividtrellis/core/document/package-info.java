/**
 * Reads YAML and JSON into one tree of text values that remembers where each value stood, and
 * writes such a tree back.
 *
 * <p>The door is {@link vividtrellis.core.document.Documents}. Nothing here knows what a brief or a
 * catalog is; nothing here touches files. Scalars stay text: {@code 1.10} is read as {@code 1.10}.
 */
@NullMarked
package vividtrellis.core.document;

import org.jspecify.annotations.NullMarked;
