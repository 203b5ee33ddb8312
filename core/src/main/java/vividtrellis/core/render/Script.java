package vividtrellis.core.render;

import java.util.stream.Collectors;
import vividtrellis.core.template.Cause;
import vividtrellis.core.tree.TracedPart;
import vividtrellis.core.tree.TracedPart.Branch;
import vividtrellis.core.tree.TracedPart.Leaf;

/**
 * Writes a script of a build, in Kotlin or in Groovy. A tree of parts is read like this:
 *
 * <pre>
 * name: { … }            a block
 * tasks Type: { … }      a block for all tasks of a type
 * name: value            an assignment, of [a, b] too
 * name(): value          a call with one argument; without a value, with none
 * name(): [a, b]         a call with several
 * </pre>
 *
 * <p>A value is a text, unless it is a whole number, {@code true} or {@code false}, or begins with
 * {@code =>}: what follows is an expression. Only a catalog writes those.
 */
final class Script {

  private static final String ONE_LIST = "([])";

  private final boolean kotlin;
  private final TracedText out = new TracedText();
  private int depth;

  Script(boolean kotlin) {
    this.kotlin = kotlin;
  }

  TracedText text() {
    return out;
  }

  void blank(Cause cause) {
    out.line("", cause);
  }

  void line(String line, Cause cause) {
    out.line("    ".repeat(depth) + line, cause);
  }

  void open(String start, Cause cause) {
    line(start + " {", cause);
    depth++;
  }

  void close(Cause cause) {
    depth--;
    line("}", cause);
  }

  void part(TracedPart part) {
    if (part instanceof Leaf leaf) {
      leaf(leaf);
      return;
    }
    Branch branch = (Branch) part;
    if (branch.list()) {
      String arguments =
          branch.parts().stream()
              .map(each -> value(String.valueOf(((Leaf) each).value())))
              .collect(Collectors.joining(", "));
      line(listed(branch.name(), arguments), branch.cause());
      return;
    }
    open(block(branch.name()), branch.cause());
    branch.parts().forEach(this::part);
    close(branch.cause());
  }

  private void leaf(Leaf leaf) {
    String value = leaf.value();
    if (!leaf.name().endsWith("()")) {
      line(leaf.name() + " = " + value(String.valueOf(value)), leaf.cause());
    } else if (value == null) {
      line(leaf.name(), leaf.cause());
    } else {
      line(call(leaf.name(), value(value)), leaf.cause());
    }
  }

  /**
   * A call with entries, one with a list of them for its one argument, which Groovy would take as
   * entries too and Kotlin would not, or an assignment of the list.
   */
  private String listed(String name, String entries) {
    String list = kotlin ? "listOf(" + entries + ")" : "[" + entries + "]";
    if (name.endsWith(ONE_LIST)) {
      return statement(name.substring(0, name.length() - ONE_LIST.length()), list);
    }
    return name.endsWith("()") ? call(name, entries) : name + " = " + list;
  }

  private String block(String name) {
    if (!name.startsWith("tasks ")) {
      return name;
    }
    String type = name.substring("tasks ".length());
    return "tasks.withType" + (kotlin ? "<" + type + ">()" : "(" + type + ")") + ".configureEach";
  }

  private String call(String name, String arguments) {
    return statement(name.substring(0, name.length() - 2), arguments);
  }

  /** A statement that calls one function. */
  String statement(String function, String arguments) {
    // A call on a receiver reads better with its parentheses, in Groovy too.
    return kotlin || function.contains(".")
        ? function + "(" + arguments + ")"
        : function + " " + arguments;
  }

  private String value(String value) {
    if (value.startsWith("=>")) {
      return value.substring(2).strip();
    }
    return value.matches("[0-9]{1,9}|true|false") ? value : quoted(value);
  }

  /** A text as a literal. */
  String quoted(String text) {
    String escaped = text.replace("\\", "\\\\").replace("\n", "\\n").replace("\r", "\\r");
    return kotlin
        ? "\"" + escaped.replace("\"", "\\\"").replace("$", "\\$") + "\""
        : "'" + escaped.replace("'", "\\'") + "'";
  }
}
