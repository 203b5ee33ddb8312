/**
 * The rules of an edition: those that are written in it, and those that follow from its bindings,
 * limits, levels and stacks. A rule is made here and asked elsewhere; nothing of numbers or
 * searches may be in here.
 */
@NullMarked
package vividtrellis.core.compat.rules;

import org.jspecify.annotations.NullMarked;
