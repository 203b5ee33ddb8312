/**
 * The command line: words and files in, requests to the service, answers for people or scripts out.
 * Judges nothing itself; all verdicts are the service's. Only {@link vividtrellis.cli.Vivid} prints
 * errors and ends the process.
 */
@NullMarked
package vividtrellis.cli;

import org.jspecify.annotations.NullMarked;
