package vividtrellis.core.plan;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * Why something is in a project.
 *
 * @param picks JSON Pointers into the completed brief; empty for what the service puts there itself
 * @param because the same in words
 */
public record Cause(List<String> picks, String because) {

  /** Copies its list. */
  public Cause {
    picks = List.copyOf(picks);
  }

  /** The service's own doing. */
  public static Cause own(String because) {
    return new Cause(List.of(), because);
  }

  /** Caused by one pick. */
  public static Cause of(String pick, String because) {
    return new Cause(List.of(pick), because);
  }

  /** Caused by both. */
  public Cause and(Cause other) {
    if (picks.containsAll(other.picks)) {
      return this;
    }
    Set<String> all = new LinkedHashSet<>(picks);
    all.addAll(other.picks);
    String context =
        because.equals(other.because)
            ? because
            : String.join(", ", List.of(because, other.because));
    return new Cause(new ArrayList<>(all), context);
  }
}
