/**
 * Finds out what a registry really gives: resolves everything that projects of an edition would ask
 * for, with all that it brings along, by Maven's own resolver, and keeps what was missing. Nothing
 * that serves requests may come in here.
 *
 * <p>The door is {@link vividtrellis.catalog.reach.ReachAudit}. What it writes is read by {@link
 * vividtrellis.core.catalog.ReachReader}.
 */
@NullMarked
package vividtrellis.catalog.reach;

import org.jspecify.annotations.NullMarked;
