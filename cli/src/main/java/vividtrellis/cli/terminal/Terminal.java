package vividtrellis.cli.terminal;

/**
 * Which ends of the command are a terminal, and whether somebody sits there who can be asked. The
 * launcher tells, since a JVM cannot see each end by itself; that of Windows has no way to find
 * out, and leaves it to the JVM, which knows about both ends together.
 */
public final class Terminal {

  private Terminal() {}

  /** Both ends are a terminal, and this is no run of an automatic build. */
  public static boolean isThere() {
    return isInput() && isOutput() && !automatic();
  }

  public static boolean isInput() {
    return is("VIVID_STDIN_TERMINAL");
  }

  static boolean isOutput() {
    return is("VIVID_STDOUT_TERMINAL");
  }

  static boolean isError() {
    return is("VIVID_STDERR_TERMINAL");
  }

  // The launcher has the JVM take the console of java.base, which is null without a terminal.
  @SuppressWarnings("SystemConsoleNull")
  private static boolean is(String told) {
    return System.getProperty("vivid.console") == null
        ? System.getenv(told) != null
        : System.console() != null;
  }

  private static boolean automatic() {
    String ci = System.getenv("CI");
    return ci != null && !ci.isBlank();
  }
}
