/**
 * The service, asked over HTTP, and its answers as records. {@link vividtrellis.cli.api.ApiClient}
 * is the door; nothing outside reads a document of the service by names of its fields.
 */
@NullMarked
package vividtrellis.cli.api;

import org.jspecify.annotations.NullMarked;
