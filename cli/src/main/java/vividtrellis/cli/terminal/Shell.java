package vividtrellis.cli.terminal;

import java.nio.file.Path;
import java.util.Optional;

/** Words for a shell of the POSIX kind. */
public final class Shell {

  private Shell() {}

  /** A word as it has to be typed so that it comes through unchanged. */
  public static String quoted(String word) {
    return word.matches("[A-Za-z0-9_./:@%+=,-]+") ? word : "'" + word.replace("'", "'\\''") + "'";
  }

  /** Where a file lies, for people: below their own folder by the short form. */
  public static String place(Path path) {
    return belowHome(path).map(rest -> "~/" + rest).orElse(path.toString());
  }

  /** The same as it has to be typed. */
  public static String quotedPlace(Path path) {
    return belowHome(path).map(rest -> "~/" + quoted(rest)).orElse(quoted(path.toString()));
  }

  private static Optional<String> belowHome(Path path) {
    String home = System.getenv("HOME");
    if (home == null || home.length() < 2 || !path.startsWith(home) || path.equals(Path.of(home))) {
      return Optional.empty();
    }
    return Optional.of(Path.of(home).relativize(path).toString());
  }
}
