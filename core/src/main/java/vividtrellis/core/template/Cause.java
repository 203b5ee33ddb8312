package vividtrellis.core.template;

import java.util.ArrayList;
import java.util.List;

/**
 * Why something is in a project.
 *
 * @param picks JSON Pointers into the completed brief; empty for what the service puts there itself
 * @param reasons the same in words, each once
 */
public record Cause(List<String> picks, List<String> reasons) {

  /** Copies its lists. */
  public Cause {
    picks = List.copyOf(picks);
    reasons = List.copyOf(reasons);
  }

  /** The service's own doing. */
  public static Cause own(String because) {
    return new Cause(List.of(), List.of(because));
  }

  /** Caused by one pick. */
  public static Cause of(String pick, String because) {
    return new Cause(List.of(pick), List.of(because));
  }

  /** The same picks, for another reason. */
  public Cause because(String reason) {
    return new Cause(picks, List.of(reason));
  }

  /** The reasons as one text. */
  public String because() {
    return String.join(", ", reasons);
  }

  /** Caused by both. */
  public Cause and(Cause other) {
    if (picks.containsAll(other.picks)) {
      return this;
    }
    return new Cause(joined(picks, other.picks), joined(reasons, other.reasons));
  }

  private static List<String> joined(List<String> some, List<String> more) {
    List<String> all = new ArrayList<>(some.size() + more.size());
    all.addAll(some);
    for (String each : more) {
      if (!all.contains(each)) {
        all.add(each);
      }
    }
    return all;
  }
}
