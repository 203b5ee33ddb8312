package vividtrellis.gradle.script;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A build script in Kotlin, taken apart.
 *
 * @param plugins its {@code plugins} block, which is read before all else; empty if it has none
 * @param rest everything else, with as many lines as the script has
 */
public record ScriptText(String plugins, String rest) {

  private static final Pattern PLUGINS = Pattern.compile("(?m)^plugins\\s*\\{");

  /**
   * Takes one apart.
   *
   * @throws IllegalArgumentException when the block does not end
   */
  public static ScriptText of(String script) {
    Matcher begin = PLUGINS.matcher(script);
    if (!begin.find()) {
      return new ScriptText("", script);
    }
    int end = end(script, begin.end());
    String block = script.substring(begin.start(), end);
    String blank = block.replaceAll("[^\n]", "");
    return new ScriptText(
        block, script.substring(0, begin.start()) + blank + script.substring(end));
  }

  /** Where a block ends that is open at a place; braces in text in quotes do not count. */
  private static int end(String script, int from) {
    int open = 1;
    boolean quoted = false;
    for (int i = from; i < script.length(); i++) {
      char c = script.charAt(i);
      if (c == '\\' && quoted) {
        i++;
      } else if (c == '"') {
        quoted = !quoted;
      } else if (!quoted && c == '{') {
        open++;
      } else if (!quoted && c == '}' && --open == 0) {
        return i + 1;
      }
    }
    throw new IllegalArgumentException("the plugins block does not end");
  }
}
