package vividtrellis.core.brief;

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
    LevenshteinDistance distance = LevenshteinDistance.getDefaultInstance();
    return known.stream()
        .filter(
            word ->
                distance.apply(lower, word) <= Math.max(1, Math.max(word.length(), 3) / 3)
                    || (lower.length() > 3 && word.contains(lower)))
        .min(Comparator.comparing(word -> distance.apply(lower, word)));
  }
}
