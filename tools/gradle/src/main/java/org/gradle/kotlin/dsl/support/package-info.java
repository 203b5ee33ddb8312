/**
 * Stands in for the part of Gradle's Kotlin form that tells plugins which Kotlin they see. It is
 * found as a service, so its name is ours. Nothing but that service may be in it.
 */
@NullMarked
package org.gradle.kotlin.dsl.support;

import org.jspecify.annotations.NullMarked;
