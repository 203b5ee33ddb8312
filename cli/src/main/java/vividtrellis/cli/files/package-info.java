/**
 * Files of a project on their way into a directory, and back: archives are looked through,
 * directories planned, and all is written or nothing. Nothing of the service may be in here, and
 * nothing is printed.
 */
@NullMarked
package vividtrellis.cli.files;

import org.jspecify.annotations.NullMarked;
