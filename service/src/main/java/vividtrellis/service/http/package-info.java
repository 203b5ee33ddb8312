/**
 * The HTTP interface: documents in, JSON and archives out, problems in one shape. No rule and no
 * name is worked out here; that is core's.
 */
@NullMarked
package vividtrellis.service.http;

import org.jspecify.annotations.NullMarked;
