/**
 * Runs inside Gradle: a build script in Kotlin is compiled against Gradle's own classes and the
 * accessors of its project, and run. Its {@code plugins} block has been read before. Knows Gradle
 * and the Kotlin compiler; nothing of how a home is laid out may be in it.
 */
@NullMarked
package vividtrellis.gradle.script;

import org.jspecify.annotations.NullMarked;
