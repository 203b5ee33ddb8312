/** Measurements of the engine. Nothing else uses this room, and no test waits for a clock. */
@NullMarked
package vividtrellis.bench;

import org.jspecify.annotations.NullMarked;
