/**
 * What a project will consist of, as models: build, settings per profile, parts of files. Every
 * part knows its cause. No text of any file format is written here.
 *
 * <p>The door is {@link vividtrellis.core.plan.ProjectPlanner}.
 */
@NullMarked
package vividtrellis.core.plan;

import org.jspecify.annotations.NullMarked;
