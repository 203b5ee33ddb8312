package vividtrellis.core.compat.rules;

import java.util.Map;
import java.util.Optional;
import vividtrellis.core.catalog.Options.Framework;
import vividtrellis.core.catalog.Options.Line;
import vividtrellis.core.catalog.Options.Standing;
import vividtrellis.core.catalog.Saying;
import vividtrellis.core.compat.Axis.Value;
import vividtrellis.core.compat.finding.Sentences;

/** What there is to say about how far a framework's version can be relied on. */
public final class Standings {

  private Standings() {}

  /** The code of the caution about a version, if it needs one. */
  public static Optional<String> code(Line line, Value value) {
    Standing standing = line.standing(value.required());
    return switch (standing) {
      case SUPPORTED -> Optional.empty();
      case PAST -> Optional.of(line.estimated() ? "past-support-estimated" : "past-support");
      case PRE_RELEASE -> Optional.of("pre-release");
    };
  }

  /** What that caution says. */
  public static Optional<Saying> caution(Framework framework, Line line, Value value) {
    return code(line, value)
        .map(
            code ->
                Sentences.saying(
                    code,
                    Map.of(
                        "label", framework.about().label(),
                        "line", line.line(),
                        "version", value.required().text(),
                        "until", String.valueOf(line.until()))));
  }
}
