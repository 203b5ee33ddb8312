package vividtrellis.catalog;

import vividtrellis.core.catalog.Edition;
import vividtrellis.core.compat.Verdict;
import vividtrellis.core.plan.ProjectPlanner;
import vividtrellis.core.render.FileSet;
import vividtrellis.core.render.Renderer;

/** The files that a verdict of the shipped edition gives. */
final class Written {

  private Written() {}

  static FileSet of(Verdict verdict, Edition edition) {
    return Renderer.render(ProjectPlanner.plan(verdict, edition, ShippedEdition.inputs()));
  }

  static String text(FileSet files, String path) {
    return files.files().stream()
        .filter(file -> file.path().equals(path))
        .findFirst()
        .orElseThrow(() -> new AssertionError(path + " is not written"))
        .text();
  }
}
