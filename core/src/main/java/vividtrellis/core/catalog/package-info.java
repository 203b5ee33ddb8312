/**
 * What can be picked: the model of an edition, and its loading and validation.
 *
 * <p>The door is {@link vividtrellis.core.catalog.EditionLoader}, which gives an {@link
 * vividtrellis.core.catalog.Edition} or every fault of it with file and line. Nothing here knows
 * what somebody has picked, and no option is named in code: options are data.
 */
@NullMarked
package vividtrellis.core.catalog;

import org.jspecify.annotations.NullMarked;
