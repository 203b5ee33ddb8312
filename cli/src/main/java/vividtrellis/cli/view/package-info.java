/** Answers and outcomes in words and signs. Nothing is asked of the service in here. */
@NullMarked
package vividtrellis.cli.view;

import org.jspecify.annotations.NullMarked;
