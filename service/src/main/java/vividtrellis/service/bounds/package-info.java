/**
 * What keeps the service answering for all: bounds for each client, bodies that are read without
 * holding a thread, a gate before what costs much. Nothing here knows what a brief is.
 */
@NullMarked
package vividtrellis.service.bounds;

import org.jspecify.annotations.NullMarked;
