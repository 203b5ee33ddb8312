package vividtrellis.cli;

/** Words for a shell of the POSIX kind. */
final class Shell {

  private Shell() {}

  /** A word as it has to be typed so that it comes through unchanged. */
  static String quoted(String word) {
    return word.matches("[A-Za-z0-9_./:@%+=,-]+") ? word : "'" + word.replace("'", "'\\''") + "'";
  }
}
