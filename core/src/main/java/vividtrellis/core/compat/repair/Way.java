package vividtrellis.core.compat.repair;

import java.util.ArrayList;
import java.util.List;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.compat.finding.Change;
import vividtrellis.core.version.VersionedId;

/**
 * Changes one after the other.
 *
 * @param keepsAll whether nothing that was asked for is given up
 * @param disruption of all changes together
 */
record Way(Brief start, List<Change> changes, Brief result, boolean keepsAll, int disruption) {
  static Way from(Brief start) {
    return new Way(start, List.of(), start, true, 0);
  }

  Way then(Change change) {
    List<Change> more = new ArrayList<>(changes);
    more.add(change);
    return new Way(
        start,
        more,
        change.apply(result),
        keepsAll && change.keepsAll(result),
        disruption + change.disruption());
  }

  /** Whether it keeps to the framework that was picked, if one was. */
  boolean isAtHome() {
    String picked = start.get(Key.FRAMEWORK).orElse("");
    return picked.isEmpty()
        || result
            .get(Key.FRAMEWORK)
            .filter(now -> VersionedId.read(now).id().equals(VersionedId.read(picked).id()))
            .isPresent();
  }

  /** How gentle the first change is. */
  int kind() {
    return changes.get(0).disruption();
  }

  /** The changes from a brief on, in their order. */
  static Way along(Brief start, List<Change> changes) {
    Way way = from(start);
    for (Change change : changes) {
      way = way.then(change);
    }
    return way;
  }
}
