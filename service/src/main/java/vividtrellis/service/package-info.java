/** Starts the service and wires its rooms. No request is answered and no rule applied here. */
@NullMarked
package vividtrellis.service;

import org.jspecify.annotations.NullMarked;
