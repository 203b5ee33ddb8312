package vividtrellis.core.document;

/** What readers of both notations hold a document to. */
final class Bounds {

  /** The most levels of lists and mappings. */
  static final int DEEPEST = 24;

  private Bounds() {}

  /** Half a surrogate pair, escaped in the document, is no text that could be answered with. */
  static String whole(String text, Position at) {
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      if (Character.isHighSurrogate(c)
          && i + 1 < text.length()
          && Character.isLowSurrogate(text.charAt(i + 1))) {
        i++;
      } else if (Character.isSurrogate(c)) {
        throw UnreadableDocument.whole(
            "%s: half a character is written here (\\u%04X).".formatted(at, (int) c),
            "Write both halves, or leave it out.");
      }
    }
    return text;
  }
}
