package vividtrellis.core.version;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

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
 *
 * @param text as it was written
 */
public record Version(String text) implements Comparable<Version> {

  private static final Pattern FORM =
      Pattern.compile("([0-9]{1,9}(?:\\.[0-9]{1,9})*)(?:[-.]([A-Za-z][A-Za-z0-9.-]*))?");
  private static final Pattern QUALIFIER = Pattern.compile("([A-Za-z]+)[.-]?([0-9]*).*");
  private static final List<String> BEFORE_RELEASE =
      List.of("alpha", "beta", "m", "rc", "snapshot");

  /**
   * Checks the form.
   *
   * @throws IllegalArgumentException when the text is no version
   */
  public Version {
    if (!FORM.matcher(text).matches()) {
      throw new IllegalArgumentException(
          "'" + text + "' is no version; expected numbers joined by dots, as in 4.1.2 or 4.2.0-M1");
    }
  }

  /** Whether a text has the form of a version. */
  public static boolean isVersion(String text) {
    return FORM.matcher(text).matches();
  }

  /** Whether this is an alpha, beta, milestone, candidate or snapshot. */
  public boolean isPreRelease() {
    return rank() < BEFORE_RELEASE.size();
  }

  /** The first two numbers ({@code 4.1} of {@code 4.1.2}): what frameworks call their line. */
  public String line() {
    List<BigInteger> numbers = numbers();
    return numbers.get(0) + "." + (numbers.size() > 1 ? numbers.get(1) : "0");
  }

  @Override
  public int compareTo(Version other) {
    List<BigInteger> mine = numbers();
    List<BigInteger> theirs = other.numbers();
    for (int i = 0; i < Math.max(mine.size(), theirs.size()); i++) {
      int order = at(mine, i).compareTo(at(theirs, i));
      if (order != 0) {
        return order;
      }
    }
    int order = Integer.compare(rank(), other.rank());
    return order != 0 || !isPreRelease()
        ? order
        : qualifierNumber().compareTo(other.qualifierNumber());
  }

  private List<BigInteger> numbers() {
    Matcher form = FORM.matcher(text);
    List<BigInteger> numbers = new ArrayList<>();
    if (form.matches()) {
      for (String number : form.group(1).split("\\.", -1)) {
        numbers.add(new BigInteger(number));
      }
    }
    return numbers;
  }

  private int rank() {
    Matcher form = FORM.matcher(text);
    if (!form.matches() || form.group(2) == null) {
      return BEFORE_RELEASE.size();
    }
    Matcher qualifier = QUALIFIER.matcher(form.group(2));
    String word = qualifier.matches() ? qualifier.group(1).toLowerCase(Locale.ROOT) : "";
    int rank = BEFORE_RELEASE.indexOf(word);
    return rank < 0 ? BEFORE_RELEASE.size() : rank;
  }

  private BigInteger qualifierNumber() {
    Matcher form = FORM.matcher(text);
    if (form.matches() && form.group(2) != null) {
      Matcher qualifier = QUALIFIER.matcher(form.group(2));
      if (qualifier.matches() && !qualifier.group(2).isEmpty()) {
        return new BigInteger(qualifier.group(2));
      }
    }
    return BigInteger.ZERO;
  }

  private static BigInteger at(List<BigInteger> numbers, int i) {
    return i < numbers.size() ? numbers.get(i) : BigInteger.ZERO;
  }

  @Override
  public String toString() {
    return text;
  }
}
