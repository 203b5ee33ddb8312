/**
 * Stands in for a module of Gradle that is in no archive of the registry, under the name by which
 * Gradle's compiler looks it up. Nothing but the classes of that module may be in it.
 */
@NullMarked
package org.gradle.internal.compiler.java;

import org.jspecify.annotations.NullMarked;
