/** Questions for the picks of a brief, one after the other, each answer judged at once. */
@NullMarked
package vividtrellis.cli.interview;

import org.jspecify.annotations.NullMarked;
