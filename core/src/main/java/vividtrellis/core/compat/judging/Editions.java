package vividtrellis.core.compat.judging;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.catalog.Edition;

/**
 * The editions that are served: a brief that pins one is judged by it, every other by the current
 * one. Immutable.
 */
public final class Editions {

  private final Map<String, Verdicts> verdicts = new LinkedHashMap<>();
  private final String current;

  /**
   * Over some editions.
   *
   * @param editions sound ones, each with an id of its own
   * @param current id of the one that briefs without a pin are judged by
   * @throws IllegalArgumentException when the current one is not among them
   */
  public Editions(List<Edition> editions, String current) {
    List<String> ids = editions.stream().map(Edition::id).toList();
    if (!ids.contains(current)) {
      throw new IllegalArgumentException("the edition " + current + " is not among " + ids);
    }
    editions.forEach(each -> verdicts.put(each.id(), new Verdicts(each, List.of(), ids)));
    this.current = current;
  }

  /** What a brief is judged by. A pin that names no edition is left for the verdict to tell. */
  public Verdicts of(Brief brief) {
    return brief
        .get(Key.EDITION)
        .map(pin -> pin.replaceFirst("\\+[0-9a-f]*$", ""))
        .flatMap(this::of)
        .orElse(current());
  }

  /** What is judged by an edition; empty if it is not served. */
  public Optional<Verdicts> of(String id) {
    return Optional.ofNullable(verdicts.get(id));
  }

  /** What briefs without a pin are judged by. */
  public Verdicts current() {
    return of(current).orElseThrow();
  }

  /** Ids, in the order given. */
  public List<String> ids() {
    return List.copyOf(verdicts.keySet());
  }
}
