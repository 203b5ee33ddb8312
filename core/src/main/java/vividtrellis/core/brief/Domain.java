package vividtrellis.core.brief;

import com.google.common.net.InternetDomainName;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * A group as it was given, and as it is used. A domain is turned round when its last label is a
 * top-level domain and its first is not; where both could be, it is taken as written and the other
 * reading is offered. Top-level domains are those of the public suffix list and the reserved ones.
 *
 * <p>Examples: {@code saltmarsh.example} is turned round to {@code example.saltmarsh}; {@code
 * example.saltmarsh} stays; {@code org.app} stays, and {@code app.org} is offered.
 *
 * @param given as written
 * @param group as used
 * @param other the other reading, where both could be meant
 */
record Domain(String given, String group, Optional<String> other) {

  /** For briefs that name no group. */
  static final String DEFAULT_GROUP = "org.example";

  private static final Set<String> RESERVED =
      Set.of("example", "test", "invalid", "localhost", "local", "internal");

  static Domain read(String given) {
    if (given.equals(DEFAULT_GROUP)) {
      return new Domain(given, given, Optional.empty());
    }
    List<String> labels = List.of(given.split("\\.", -1));
    if (labels.size() < 2) {
      return new Domain(given, given, Optional.empty());
    }
    boolean first = isTopLevel(labels.get(0));
    boolean last = isTopLevel(labels.get(labels.size() - 1));
    String turned = turn(labels);
    if (last && !first) {
      return new Domain(given, turned, Optional.empty());
    }
    return new Domain(given, given, last ? Optional.of(turned) : Optional.empty());
  }

  boolean turnedRound() {
    return !given.equals(group);
  }

  private static String turn(List<String> labels) {
    List<String> turned = new ArrayList<>(labels);
    Collections.reverse(turned);
    return String.join(".", turned);
  }

  private static boolean isTopLevel(String label) {
    String lower = label.toLowerCase(Locale.ROOT);
    return RESERVED.contains(lower)
        || (InternetDomainName.isValid(lower) && InternetDomainName.from(lower).isPublicSuffix());
  }
}
