package vividtrellis.core.render;

import com.google.common.base.CharMatcher;
import java.util.List;
import java.util.regex.Pattern;
import vividtrellis.core.tree.TracedPart;
import vividtrellis.core.tree.TracedPart.Branch;
import vividtrellis.core.tree.TracedPart.Leaf;

/** Writes a tree as YAML, each line with its cause; what YAML could misread is quoted. */
final class YamlWriter {

  private static final CharMatcher PLAIN_START =
      CharMatcher.inRange('A', 'Z')
          .or(CharMatcher.inRange('a', 'z'))
          .or(CharMatcher.inRange('0', '9'))
          .or(CharMatcher.anyOf("$/"))
          .precomputed();

  private static final CharMatcher PLAIN =
      PLAIN_START.or(CharMatcher.anyOf("{}_.:;=,*?-")).precomputed();

  /** What a reader of YAML may take for something else than a text, a number or a truth value. */
  private static final Pattern MISREAD =
      Pattern.compile("(?i)y|n|yes|no|on|off|null|~|[0-9]+:[0-9:]+|0[0-9]+|[0-9]+e[0-9]+");

  private final TracedText out = new TracedText();

  private YamlWriter() {}

  static TracedText write(List<TracedPart> parts) {
    YamlWriter writer = new YamlWriter();
    parts.forEach(part -> writer.entry(part, 0));
    return writer.out;
  }

  private void entry(TracedPart part, int depth) {
    String start = "  ".repeat(depth) + scalar(part.name()) + ":";
    if (part instanceof Leaf leaf) {
      String value = leaf.value();
      out.line(value == null ? start : start + " " + scalar(value), leaf.cause());
      return;
    }
    Branch branch = (Branch) part;
    out.line(start, branch.cause());
    for (TracedPart nested : branch.parts()) {
      if (branch.list()) {
        item(nested, depth + 1);
      } else {
        entry(nested, depth + 1);
      }
    }
  }

  private void item(TracedPart part, int depth) {
    if (part instanceof Leaf leaf) {
      String value = leaf.value() == null ? "" : scalar(leaf.value());
      out.line("  ".repeat(depth) + "- " + value, leaf.cause());
      return;
    }
    throw new IllegalStateException("a list of a document holds values only");
  }

  /** Spares most texts the slower look: what is misread is short, or begins with a digit. */
  private static boolean isNoWordOfYaml(String text) {
    return text.length() > "false".length()
        && !CharMatcher.inRange('0', '9').matches(text.charAt(0));
  }

  static String scalar(String text) {
    if (!text.isEmpty()
        && PLAIN_START.matches(text.charAt(0))
        && PLAIN.matchesAllOf(text)
        && !text.endsWith(":")
        && (isNoWordOfYaml(text) || !MISREAD.matcher(text).matches())) {
      return text;
    }
    StringBuilder quoted = new StringBuilder("\"");
    text.codePoints()
        .forEach(
            c -> {
              switch (c) {
                case '"' -> quoted.append("\\\"");
                case '\\' -> quoted.append("\\\\");
                case '\n' -> quoted.append("\\n");
                case '\r' -> quoted.append("\\r");
                default -> quoted.appendCodePoint(c);
              }
            });
    return quoted.append('"').toString();
  }
}
