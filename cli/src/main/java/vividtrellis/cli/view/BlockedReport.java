package vividtrellis.cli.view;

import vividtrellis.cli.api.Problem;
import vividtrellis.cli.terminal.Failure;
import vividtrellis.cli.terminal.Screen;

/** What commands that make something say when nothing can be made. */
public final class BlockedReport {

  private BlockedReport() {}

  public static int tell(Screen screen, Problem problem) {
    screen.line(screen.impossible() + " " + screen.strong(problem.title() + "."));
    new VerdictView(screen).findings(problem.findings());
    return Failure.BLOCKED;
  }
}
