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

  /** What that caution says: the same of all versions that are past support with their line. */
  public static Optional<Saying> caution(Framework framework, Line line, Value value) {
    String label = framework.about().label();
    return code(line, value)
        .map(
            code ->
                Sentences.saying(
                    code,
                    line.standing(value.required()) == Standing.PRE_RELEASE
                        ? Map.of("label", label, "version", value.required().text())
                        : Map.of(
                            "label", label,
                            "line", line.line(),
                            "until", String.valueOf(line.until()))));
  }
}
