package vividtrellis.core.document;

/**
 * A place in a document that was read.
 *
 * @param line counted from 1; 0 for a value that was made, not read
 * @param column counted from 1; 0 for a value that was made, not read
 */
public record Position(int line, int column) {

  /** The position of values that were never read from a text. */
  public static final Position NONE = new Position(0, 0);

  @Override
  public String toString() {
    return "line " + line + ", column " + column;
  }
}
