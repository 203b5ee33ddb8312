package org.gradle.kotlin.dsl.support;

import java.util.Set;
import org.gradle.initialization.GradleApiSpecProvider;

/**
 * Lets plugins see the Kotlin library that Gradle runs with, as the Kotlin form of a whole
 * distribution does, which is in no archive of the registry.
 */
public final class KotlinApi extends GradleApiSpecProvider.SpecAdapter
    implements GradleApiSpecProvider {

  @Override
  public Spec get() {
    return this;
  }

  @Override
  public Set<String> getExportedPackages() {
    return Set.of("kotlin");
  }
}
