package vividtrellis.service;

import vividtrellis.core.pack.Archive;

/**
 * An archive, and what is recorded of it.
 *
 * @param project its name
 * @param brief completed, as JSON
 * @param edition that it was made from
 */
public record MadeArchive(Archive archive, String project, String brief, String edition) {}
