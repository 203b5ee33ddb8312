/**
 * What stands between a command and whoever runs it: the screen, questions at a terminal, failures
 * with their exit codes, quoting for a shell. Nothing of briefs or of the service may be in here.
 */
@NullMarked
package vividtrellis.cli.terminal;

import org.jspecify.annotations.NullMarked;
