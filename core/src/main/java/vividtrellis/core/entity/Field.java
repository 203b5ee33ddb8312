package vividtrellis.core.entity;

import com.google.common.base.CaseFormat;
import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * One thing that an entity holds.
 *
 * @param name as the user says it, {@code freeFrom}
 * @param type of its value
 * @param choices the words of a choice; none for any other type
 * @param range that is asked for; {@link Range#ANY} for none
 * @param optional whether it may be missing
 * @param unique whether no two entities may have the same
 */
public record Field(
    String name, Type type, List<String> choices, Range range, boolean optional, boolean unique) {

  /** The longest text that every database here keeps in a plain column. */
  static final int LONGEST_TEXT = 4000;

  /** How long a text may be of which nothing is said. */
  private static final int USUAL_TEXT = 255;

  /** What a field can hold. */
  public enum Type {
    TEXT,
    INTEGER,
    DECIMAL,
    BOOLEAN,
    DATE,
    INSTANT,
    UUID,
    CHOICE;

    /** Whether values have an order that a range can be of. */
    boolean hasRange() {
      return this == TEXT || this == INTEGER || this == DECIMAL;
    }

    /** The word for it; a choice is written as its words. */
    public String word() {
      return name().toLowerCase(Locale.ROOT);
    }
  }

  /** Copies its list. */
  public Field {
    choices = List.copyOf(choices);
  }

  /** How long a text may be: every database keeps as much in a plain column. */
  public int longest() {
    int least = range.least() == null ? 0 : range.least().intValue();
    return range.most() != null
        ? range.most().intValue()
        : least > USUAL_TEXT ? LONGEST_TEXT : USUAL_TEXT;
  }

  /** The least length or value; empty for none. */
  public Optional<String> least() {
    return Optional.ofNullable(range.least()).map(BigDecimal::toPlainString);
  }

  /** The greatest length or value; of a text there always is one. */
  public Optional<String> most() {
    return type == Type.TEXT
        ? Optional.of(Integer.toString(longest()))
        : Optional.ofNullable(range.most()).map(BigDecimal::toPlainString);
  }

  /** A word of a choice as a constant, {@code IN_DOCK}. */
  public static String constant(String choice) {
    return choice.replace('-', '_').toUpperCase(Locale.ROOT);
  }

  /** As a column, {@code free_from}. */
  public String column() {
    return CaseFormat.LOWER_CAMEL.to(CaseFormat.LOWER_UNDERSCORE, name);
  }

  /** For people, {@code Free from}. */
  public String title() {
    String words = column().replace('_', ' ');
    return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
  }

  /** As part of the name of a type, {@code FreeFrom}. */
  public String capital() {
    return CaseFormat.LOWER_CAMEL.to(CaseFormat.UPPER_CAMEL, name);
  }

  /** What stands behind its name, {@code text..80 unique}. */
  public String form() {
    String said = type == Type.CHOICE ? String.join("|", choices) : type.word();
    String within = range.equals(Range.ANY) ? "" : (range.least() == null ? "" : " ") + range;
    return said + within + (optional ? "?" : "") + (unique ? " unique" : "");
  }
}
