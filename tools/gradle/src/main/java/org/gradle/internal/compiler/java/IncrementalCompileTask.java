package org.gradle.internal.compiler.java;

import com.sun.source.util.JavacTask;
import com.sun.source.util.TaskEvent;
import com.sun.source.util.TaskListener;
import java.io.File;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.Function;
import javax.annotation.processing.Processor;
import javax.tools.JavaCompiler;

/**
 * Stands in for Gradle's own task, which is in no archive of the registry: runs the compiler and
 * tells which classes each source gave. Constants are not looked at, so what is built with it is
 * built from a clean folder.
 */
public final class IncrementalCompileTask implements JavaCompiler.CompilationTask {

  private final JavacTask task;
  private final Function<File, Optional<String>> relativize;
  private final Consumer<Map<String, Set<String>>> told;
  private final Map<String, Set<String>> classes = new HashMap<>();

  /** As Gradle makes it; what has to do with constants and backups is not used. */
  public IncrementalCompileTask(
      JavaCompiler.CompilationTask task,
      Function<File, Optional<String>> relativize,
      Consumer<String> backedUp,
      Consumer<Map<String, Set<String>>> told,
      BiConsumer<String, String> open,
      BiConsumer<String, String> hidden) {
    this.task = (JavacTask) task;
    this.relativize = relativize;
    this.told = told;
  }

  @Override
  public void addModules(Iterable<String> modules) {
    task.addModules(modules);
  }

  @Override
  public void setProcessors(Iterable<? extends Processor> processors) {
    task.setProcessors(processors);
  }

  @Override
  public void setLocale(Locale locale) {
    task.setLocale(locale);
  }

  @Override
  public Boolean call() {
    task.addTaskListener(
        new TaskListener() {
          @Override
          public void finished(TaskEvent event) {
            note(event);
          }
        });
    try {
      return task.call();
    } finally {
      told.accept(classes);
    }
  }

  private void note(TaskEvent event) {
    if (event.getKind() == TaskEvent.Kind.GENERATE
        && event.getSourceFile() != null
        && event.getTypeElement() != null) {
      String type = task.getElements().getBinaryName(event.getTypeElement()).toString();
      relativize
          .apply(new File(event.getSourceFile().getName()))
          .ifPresent(source -> classes.computeIfAbsent(source, any -> new HashSet<>()).add(type));
    }
  }
}
