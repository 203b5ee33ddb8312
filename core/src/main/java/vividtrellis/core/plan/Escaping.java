package vividtrellis.core.plan;

import com.google.common.escape.Escaper;
import com.google.common.escape.Escapers;
import java.util.regex.Pattern;

/** How a value is made harmless for the format of the file that it goes into. */
public enum Escaping {
  /** For values that cannot hold anything but letters, digits, dots and dashes. */
  NONE(Escapers.builder().addEscape('\n', " ").addEscape('\r', " ")),
  /** Inside a Java string literal. */
  JAVA(
      Escapers.builder()
          .addEscape('\\', "\\\\")
          .addEscape('"', "\\\"")
          .addEscape('\n', "\\n")
          .addEscape('\r', "\\r")),
  /** Inside a string literal in double quotes of Kotlin or Groovy, which also replace in it. */
  REPLACING(
      Escapers.builder()
          .addEscape('\\', "\\\\")
          .addEscape('"', "\\\"")
          .addEscape('$', "\\$")
          .addEscape('\n', "\\n")
          .addEscape('\r', "\\r")),
  /** Inside a YAML scalar in double quotes. */
  YAML(
      Escapers.builder()
          .addEscape('\\', "\\\\")
          .addEscape('"', "\\\"")
          .addEscape('\n', "\\n")
          .addEscape('\r', "\\r")),
  /**
   * In the text of an HTML page, or of an attribute in double quotes. Braces, dollar signs and
   * brackets are what engines of templates replace: Thymeleaf evaluates {@code [[1+1]]} in a text.
   */
  HTML(
      Escapers.builder()
          .addEscape('&', "&amp;")
          .addEscape('<', "&lt;")
          .addEscape('>', "&gt;")
          .addEscape('"', "&quot;")
          .addEscape('\'', "&#39;")
          .addEscape('{', "&#123;")
          .addEscape('[', "&#91;")
          .addEscape('$', "&#36;")
          .addEscape('\n', " ")
          .addEscape('\r', " ")),
  /** In running text of Markdown. */
  MARKDOWN(
      Escapers.builder()
          .addEscape('\\', "\\\\")
          .addEscape('`', "\\`")
          .addEscape('*', "\\*")
          .addEscape('_', "\\_")
          .addEscape('[', "\\[")
          .addEscape(']', "\\]")
          .addEscape('<', "&lt;")
          .addEscape('>', "&gt;")
          .addEscape('#', "\\#")
          .addEscape('|', "\\|")
          .addEscape('!', "\\!")
          .addEscape('~', "\\~")
          .addEscape('$', "\\$")
          .addEscape('&', "&amp;")
          .addEscape('\n', " ")
          .addEscape('\r', " "));

  /** What would begin a list or a rule in Markdown, after the mark of a word. */
  private static final Pattern BLOCK =
      Pattern.compile("^(\u0001..)?(?:([0-9]{1,9})(?=[.)](?:\\s|$))|(?=[-+](?:[\\s-]|$)))");

  @SuppressWarnings("ImmutableEnumChecker") // an escaper is a table that nobody changes
  private final Escaper escaper;

  Escaping(Escapers.Builder replacements) {
    this.escaper = replacements.build();
  }

  /** A value with everything in it written so that the format takes it for text. */
  String escape(String value) {
    String escaped = escaper.escape(value);
    return this == MARKDOWN ? BLOCK.matcher(escaped).replaceFirst("$1$2\\\\") : escaped;
  }

  /** The escaping for a file, by its ending. */
  public static Escaping of(String path) {
    return switch (path.substring(path.lastIndexOf('.') + 1)) {
      case "java" -> JAVA;
      case "kt", "groovy", "kts", "gradle" -> REPLACING;
      case "md" -> MARKDOWN;
      case "yml", "yaml", "json", "service" -> YAML;
      case "html", "ftlh", "mustache", "tpl" -> HTML;
      default -> NONE;
    };
  }
}
