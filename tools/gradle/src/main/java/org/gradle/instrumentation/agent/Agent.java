package org.gradle.instrumentation.agent;

import java.lang.instrument.ClassFileTransformer;
import java.lang.instrument.Instrumentation;
import org.jspecify.annotations.Nullable;

/**
 * Stands in for the agent that changes classes of plugins as they are loaded, which is in no
 * archive of the registry. Gradle's launcher looks it up by this name and these methods.
 */
public final class Agent {

  private static volatile @Nullable Instrumentation instrumentation;

  private Agent() {}

  /** As a virtual machine starts with it. */
  public static void premain(String arguments, Instrumentation given) {
    instrumentation = given;
  }

  /** As it joins a virtual machine that runs. */
  public static void agentmain(String arguments, Instrumentation given) {
    instrumentation = given;
  }

  /** Whether there is an agent here. */
  public static boolean isApplied() {
    return instrumentation != null;
  }

  /** Gives whether the transformer could be put in place. */
  public static boolean installTransformer(ClassFileTransformer transformer) {
    Instrumentation given = instrumentation;
    if (given == null) {
      return false;
    }
    given.addTransformer(transformer);
    return true;
  }
}
