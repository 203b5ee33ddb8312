/**
 * Trees whose every part has a cause, and how several become one: build bodies, services, documents
 * that several picks write. Nothing of a format may be in here.
 */
@NullMarked
package vividtrellis.core.tree;

import org.jspecify.annotations.NullMarked;
