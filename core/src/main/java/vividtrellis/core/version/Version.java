package vividtrellis.core.version;

import java.math.BigInteger;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * A version: numbers joined by dots, then perhaps a qualifier after a dash or dot.
 *
 * <pre>
 * version   = number *( "." number ) [ ( "-" | "." ) qualifier ]
 * qualifier = letter *( letter | digit | "." | "-" )
 * </pre>
 *
 * <p>Order: number by number, a missing number counting as 0; then by qualifier, where a
 * pre-release ({@code alpha < beta < M < RC < SNAPSHOT}, each with its own number) stands before
 * the version without one, and any other qualifier ({@code Final}, {@code jre}) stands equal to
 * none.
 *
 * <p>Examples: {@code 4.1.0-M1 < 4.1.0-M2 < 4.1.0-RC1 < 4.1.0 = 4.1 < 4.1.2 < 4.1.10}.
 */
public final class Version implements Comparable<Version> {

  private static final Pattern FORM =
      Pattern.compile("([0-9]{1,9}(?:\\.[0-9]{1,9})*)(?:[-.]([A-Za-z][A-Za-z0-9.-]*))?");

  /** No version is longer; the form alone would take the stack apart on a text of thousands. */
  private static final int LONGEST = 100;

  private static final Pattern QUALIFIER = Pattern.compile("([A-Za-z]+)[.-]?([0-9]*).*");
  private static final List<String> BEFORE_RELEASE =
      List.of("alpha", "beta", "m", "rc", "snapshot");

  private final String text;
  private final int[] numbers;
  private final int rank;
  private final BigInteger qualifierNumber;

  /**
   * Reads a version.
   *
   * @throws IllegalArgumentException when the text is no version
   */
  public Version(String text) {
    Matcher form = FORM.matcher(text);
    if (text.length() > LONGEST || !form.matches()) {
      throw new IllegalArgumentException(
          "'" + text + "' is no version; expected numbers joined by dots, as in 4.1.2 or 4.2.0-M1");
    }
    this.text = text;
    this.numbers =
        Arrays.stream(form.group(1).split("\\.", -1)).mapToInt(Integer::parseInt).toArray();
    String qualifier = form.group(2) == null ? "" : form.group(2);
    Matcher parts = QUALIFIER.matcher(qualifier);
    boolean some = parts.matches();
    int known = some ? BEFORE_RELEASE.indexOf(parts.group(1).toLowerCase(Locale.ROOT)) : -1;
    this.rank = known < 0 ? BEFORE_RELEASE.size() : known;
    this.qualifierNumber =
        some && !parts.group(2).isEmpty() ? new BigInteger(parts.group(2)) : BigInteger.ZERO;
  }

  /** As it was written. */
  public String text() {
    return text;
  }

  /** Whether a text has the form of a version. */
  public static boolean isVersion(String text) {
    return text.length() <= LONGEST && FORM.matcher(text).matches();
  }

  /** Whether this is an alpha, beta, milestone, candidate or snapshot. */
  public boolean isPreRelease() {
    return rank < BEFORE_RELEASE.size();
  }

  /** The first two numbers ({@code 4.1} of {@code 4.1.2}): what frameworks call their line. */
  public String line() {
    return at(0) + "." + at(1);
  }

  /** Whether this is a pre-release of another version: the same numbers, and a stage before it. */
  boolean isPreReleaseOf(Version other) {
    boolean same = true;
    for (int i = 0; i < Math.max(numbers.length, other.numbers.length); i++) {
      same &= at(i) == other.at(i);
    }
    return same && isPreRelease() && !other.isPreRelease();
  }

  @Override
  public int compareTo(Version other) {
    for (int i = 0; i < Math.max(numbers.length, other.numbers.length); i++) {
      int order = Integer.compare(at(i), other.at(i));
      if (order != 0) {
        return order;
      }
    }
    int order = Integer.compare(rank, other.rank);
    return order != 0 || !isPreRelease() ? order : qualifierNumber.compareTo(other.qualifierNumber);
  }

  private int at(int i) {
    return i < numbers.length ? numbers[i] : 0;
  }

  /** Two versions are the same when they are written the same; see {@link #compareTo} for order. */
  @Override
  public boolean equals(@Nullable Object other) {
    return other instanceof Version version && version.text.equals(text);
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
