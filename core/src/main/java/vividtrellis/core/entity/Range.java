package vividtrellis.core.entity;

import java.math.BigDecimal;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * How long a text, or how large a number may be.
 *
 * @param least {@code null} where nothing is said
 * @param most {@code null} where nothing is said
 */
public record Range(@Nullable BigDecimal least, @Nullable BigDecimal most) {

  /** Everything. */
  public static final Range ANY = new Range(null, null);

  static final String FORM =
      "(?:-?\\d{1,15}(?:\\.\\d{1,4})?)?\\.\\.(?:-?\\d{1,15}(?:\\.\\d{1,4})?)?";
  private static final Pattern PARTS =
      Pattern.compile("(-?\\d{1,15}(?:\\.\\d{1,4})?)?\\.\\.(-?\\d{1,15}(?:\\.\\d{1,4})?)?");

  static Range read(String text) {
    Matcher parts = PARTS.matcher(text);
    if (!parts.matches()) {
      throw new IllegalArgumentException(text);
    }
    return new Range(number(parts.group(1)), number(parts.group(2)));
  }

  private static @Nullable BigDecimal number(@Nullable String text) {
    return text == null ? null : new BigDecimal(text);
  }

  /** Whether nothing lies in it. */
  boolean isEmpty() {
    return least != null && most != null && least.compareTo(most) > 0;
  }

  boolean isWhole() {
    return isWhole(least) && isWhole(most);
  }

  private static boolean isWhole(@Nullable BigDecimal number) {
    return number == null || number.stripTrailingZeros().scale() <= 0;
  }

  /** Whether it is one of lengths, none above a bound. */
  boolean isWithin(int bound) {
    return (least == null
            || (least.signum() >= 0 && least.compareTo(BigDecimal.valueOf(bound)) <= 0))
        && (most == null || (most.signum() > 0 && most.compareTo(BigDecimal.valueOf(bound)) <= 0));
  }

  @Override
  public String toString() {
    return (least == null ? "" : least.toPlainString())
        + ".."
        + (most == null ? "" : most.toPlainString());
  }
}
