package vividtrellis.cli;

/** What commands that make something say when nothing can be made. */
final class BlockedReport {

  private BlockedReport() {}

  static int tell(Screen screen, Json problem) {
    screen.line(screen.impossible() + " " + screen.strong(problem.text("title") + "."));
    new VerdictView(screen).findings(problem.list("findings"));
    return Failure.BLOCKED;
  }
}
