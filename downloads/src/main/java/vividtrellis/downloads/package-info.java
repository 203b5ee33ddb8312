/**
 * What a person takes to another machine: makes the manual of the command line while the project is
 * built; the launchers, the zip and the Debian package around it are made by Maven. Nothing here is
 * there at run time, so no code that the client or the service need may be in it.
 */
@NullMarked
package vividtrellis.downloads;

import org.jspecify.annotations.NullMarked;
