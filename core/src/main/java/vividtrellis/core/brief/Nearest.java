package vividtrellis.core.brief;

import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.Locale;
import java.util.Optional;
import org.apache.commons.text.similarity.LevenshteinDistance;

/** Finds what somebody most likely meant. */
public final class Nearest {

  private Nearest() {}

  /**
   * The known word nearest to a given one.
   *
   * @return the first of those with the fewest changed letters; empty when none is near enough to
   *     be meant (more than a third of its letters would change)
   */
  public static Optional<String> of(String given, Collection<String> known) {
    String lower = given.toLowerCase(Locale.ROOT);
    if (lower.length() > 80) {
      return Optional.empty();
    }
    return known.stream()
        .filter(
            word ->
                changes(lower, word) <= Math.max(1, Math.max(word.length(), 3) / 3)
                    || (lower.length() > 3 && word.contains(lower)))
        .min(Comparator.comparing(word -> changes(lower, word)));
  }

  /** Letters that differ; the same letters in another order count as one slip of the fingers. */
  private static int changes(String given, String word) {
    int distance = LevenshteinDistance.getDefaultInstance().apply(given, word);
    return distance == 2 && sorted(given).equals(sorted(word)) ? 1 : distance;
  }

  private static String sorted(String word) {
    char[] letters = word.toCharArray();
    Arrays.sort(letters);
    return new String(letters);
  }
}
