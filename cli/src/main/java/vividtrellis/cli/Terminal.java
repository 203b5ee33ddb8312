package vividtrellis.cli;

/** Whether somebody sits there who can be asked. */
final class Terminal {

  private Terminal() {}

  /** Both ends are a terminal, and this is no run of an automatic build. */
  static boolean isThere() {
    return System.getenv("VIVID_STDIN_TERMINAL") != null
        && System.getenv("VIVID_STDOUT_TERMINAL") != null
        && !automatic();
  }

  private static boolean automatic() {
    String ci = System.getenv("CI");
    return ci != null && !ci.isBlank();
  }
}
