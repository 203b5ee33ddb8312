package vividtrellis.core.version;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * An interval of versions, in the notation that Maven uses.
 *
 * <pre>
 * range = ( "[" | "(" ) [ version ] "," [ version ] ( "]" | ")" )   an interval
 *       | "[" version "]"                                           exactly one version
 *       | "*"                                                       every version
 * </pre>
 *
 * <p>A bracket includes its bound, a parenthesis leaves it out, a missing bound is open. A bound
 * stands for its pre-releases too: {@code [3.5,4.0)} does not hold {@code 4.0.0-M1}, and {@code
 * [4.0,5.0)} does. Examples: {@code [3.5,4.0)} holds {@code 3.5.16}, not {@code 4.0.0}; {@code
 * [17,)} holds {@code 25}; {@code (,17]} holds {@code 17}.
 */
public final class VersionRange {

  /** The range that holds every version. */
  public static final VersionRange ANY = new VersionRange("*", null, true, null, true);

  private static final Pattern INTERVAL = Pattern.compile("([\\[(])([^,]*),([^,]*)([])])");
  private static final Pattern EXACT = Pattern.compile("\\[([^,]+)]");

  private final String text;
  private final @Nullable Version from;
  private final boolean fromIncluded;
  private final @Nullable Version to;
  private final boolean toIncluded;

  private VersionRange(
      String text,
      @Nullable Version from,
      boolean fromIncluded,
      @Nullable Version to,
      boolean toIncluded) {
    this.text = text;
    this.from = from;
    this.fromIncluded = fromIncluded;
    this.to = to;
    this.toIncluded = toIncluded;
  }

  /**
   * Reads a range.
   *
   * @throws IllegalArgumentException when the text is no range, or holds nothing
   */
  public static VersionRange parse(String text) {
    if (text.equals("*")) {
      return ANY;
    }
    Matcher exact = EXACT.matcher(text);
    if (exact.matches()) {
      Version only = new Version(exact.group(1).strip());
      return new VersionRange(text, only, true, only, true);
    }
    Matcher interval = INTERVAL.matcher(text);
    if (!interval.matches()) {
      throw new IllegalArgumentException(
          "'" + text + "' is no version range; expected an interval such as [3.5,4.0)");
    }
    Version from = bound(interval.group(2));
    Version to = bound(interval.group(3));
    if (from != null && to != null && from.compareTo(to) > 0) {
      throw new IllegalArgumentException(
          "'" + text + "' holds nothing: its bounds are turned round");
    }
    return new VersionRange(
        text, from, interval.group(1).equals("["), to, interval.group(4).equals("]"));
  }

  private static @Nullable Version bound(String text) {
    return text.isBlank() ? null : new Version(text.strip());
  }

  /** Whether a version lies in this range. */
  public boolean holds(Version version) {
    if (from != null && !version.isPreReleaseOf(from)) {
      int order = version.compareTo(from);
      if (order < 0 || (order == 0 && !fromIncluded)) {
        return false;
      }
    } else if (from != null && !fromIncluded) {
      return false;
    }
    if (to == null) {
      return true;
    }
    int order = version.compareTo(to);
    boolean previewOfBound = !toIncluded && version.isPreReleaseOf(to);
    return (order < 0 && !previewOfBound) || (order == 0 && toIncluded);
  }

  @Override
  public boolean equals(@Nullable Object other) {
    return other instanceof VersionRange range && range.text.equals(text);
  }

  @Override
  public int hashCode() {
    return text.hashCode();
  }

  @Override
  public String toString() {
    return text;
  }
}
