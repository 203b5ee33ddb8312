package vividtrellis.core.document;

import org.jspecify.annotations.Nullable;

/**
 * The door of this room: text to tree and back.
 *
 * <p>Reading is bounded: at most {@link #LARGEST} characters and {@link #DEEPEST} levels; YAML
 * anchors, aliases and tags and keys that occur twice are refused, so that a document means the
 * same in both notations.
 */
public final class Documents {

  /** The most characters a document from outside may have. */
  public static final int LARGEST = 64 * 1024;

  /** The most levels of lists and mappings a document may have. */
  public static final int DEEPEST = Bounds.DEEPEST;

  /** The two notations that carry the same tree. */
  public enum Notation {
    YAML,
    JSON;

    /** The notation that a text is written in: what begins with a brace or bracket is JSON. */
    public static Notation of(String text) {
      String start = text.stripLeading();
      return start.startsWith("{") || start.startsWith("[") ? JSON : YAML;
    }
  }

  private Documents() {}

  /**
   * Reads a text that came from outside.
   *
   * @throws UnreadableDocument when it is no well-formed document or passes a bound
   */
  public static Node read(String text, Notation notation) {
    if (text.length() > LARGEST) {
      throw UnreadableDocument.whole(
          "The document has %d characters; %d is the most that is read."
              .formatted(text.length(), LARGEST),
          "Leave out what does not belong into it.");
    }
    return readTrusted(text, notation);
  }

  /**
   * Reads a text of our own, of any size.
   *
   * @throws UnreadableDocument when it is no well-formed document
   */
  public static Node readTrusted(String text, Notation notation) {
    return notation == Notation.JSON ? JsonTree.read(text) : YamlTree.read(text);
  }

  /** Writes a tree; the texts named in {@link TreeWriter} as whole numbers come out unquoted. */
  public static String write(Node node, Notation notation) {
    return notation == Notation.JSON ? TreeWriter.json(node) : TreeWriter.yaml(node);
  }

  /** The tree as maps, lists, texts and whole numbers, for a JSON mapper to embed. */
  public static @Nullable Object plain(Node node) {
    return TreeWriter.plain("", node);
  }
}
