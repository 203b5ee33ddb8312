/**
 * Models to text: Maven build files, settings in two formats, sources from templates. Each writer
 * escapes for its own format and keeps the cause of every line.
 *
 * <p>The door is {@link vividtrellis.core.render.Renderer}. Nothing here decides what belongs into
 * a project.
 */
@NullMarked
package vividtrellis.core.render;

import org.jspecify.annotations.NullMarked;
