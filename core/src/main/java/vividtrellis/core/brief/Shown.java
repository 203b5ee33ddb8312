package vividtrellis.core.brief;

/** What somebody wrote, as a sentence may show it. */
public final class Shown {

  private static final int LONGEST = 60;

  private Shown() {}

  /** A key as a part of a JSON Pointer (RFC 6901), cut short. */
  static String pointer(String key) {
    return of(key).replace("~", "~0").replace("/", "~1");
  }

  /**
   * The value, cut short, with a visible sign for all that moves the text around or hides in it.
   */
  public static String of(String value) {
    String visible =
        value
            .codePoints()
            .limit(LONGEST)
            .map(c -> invisible(c) ? '\uFFFD' : c)
            .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
            .toString();
    return value.codePointCount(0, value.length()) > LONGEST ? visible + "…" : visible;
  }

  /** Whether a code point moves text around or is not seen at all. */
  static boolean invisible(int c) {
    int type = Character.getType(c);
    return type == Character.CONTROL
        || type == Character.FORMAT
        || type == Character.SURROGATE
        || type == Character.PRIVATE_USE
        || type == Character.LINE_SEPARATOR
        || type == Character.PARAGRAPH_SEPARATOR;
  }
}
