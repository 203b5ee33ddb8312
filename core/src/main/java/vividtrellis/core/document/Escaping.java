package vividtrellis.core.document;

import com.google.common.base.Ascii;
import com.google.common.collect.ImmutableList;
import com.google.common.escape.Escaper;
import com.google.common.escape.Escapers;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** How a value is made harmless for the format of the file that it goes into. */
public enum Escaping {
  /** In a text that nothing reads but people, or of which nothing but whole words is filled in. */
  PLAIN(
      Escapers.builder().addEscape('\n', " ").addEscape('\r', " "),
      "dockerfile",
      "license",
      "notice",
      "txt",
      "cmd",
      "bat",
      "gitignore",
      "gitattributes",
      "gitkeep",
      "dockerignore",
      "editorconfig",
      "proto",
      "graphqls"),
  /** Inside a Java string literal. */
  JAVA(
      Escapers.builder()
          .addEscape('\\', "\\\\")
          .addEscape('"', "\\\"")
          .addEscape('\n', "\\n")
          .addEscape('\r', "\\r"),
      "java"),
  /** Inside a string literal in double quotes of Kotlin or Groovy, which also replace in it. */
  REPLACING(
      Escapers.builder()
          .addEscape('\\', "\\\\")
          .addEscape('"', "\\\"")
          .addEscape('$', "\\$")
          .addEscape('\n', "\\n")
          .addEscape('\r', "\\r"),
      "kt",
      "groovy",
      "kts",
      "gradle"),
  /** Inside a string in double quotes of YAML, JSON, TOML or HOCON, or of a service unit. */
  YAML(
      Escapers.builder()
          .addEscape('\\', "\\\\")
          .addEscape('"', "\\\"")
          .addEscape('\n', "\\n")
          .addEscape('\r', "\\r"),
      "yml",
      "yaml",
      "json",
      "toml",
      "conf",
      "service"),
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
          .addEscape('\r', " "),
      "html",
      "ftlh",
      "mustache",
      "tpl"),
  /** In the text of an XML document, or of an attribute in double quotes. */
  XML(
      Escapers.builder()
          .addEscape('&', "&amp;")
          .addEscape('<', "&lt;")
          .addEscape('>', "&gt;")
          .addEscape('"', "&quot;")
          .addEscape('\'', "&#39;")
          .addEscape('\n', " ")
          .addEscape('\r', " "),
      "xml"),
  /** The same where {@code $} and {@code #} before a brace, or {@code <%}, begin an expression. */
  EXPRESSIONS(
      Escapers.builder()
          .addEscape('&', "&amp;")
          .addEscape('<', "&lt;")
          .addEscape('>', "&gt;")
          .addEscape('"', "&quot;")
          .addEscape('\'', "&#39;")
          .addEscape('$', "&#36;")
          .addEscape('#', "&#35;")
          .addEscape('%', "&#37;")
          .addEscape('{', "&#123;")
          .addEscape('\n', " ")
          .addEscape('\r', " "),
      "fxml",
      "jsp",
      "jspf",
      "xhtml"),
  /** A value of a file of properties, in Latin letters; not its beginning, where a blank counts. */
  PROPERTIES(
      Escapers.builder().addEscape('\\', "\\\\").addEscape('\n', "\\n").addEscape('\r', "\\r"),
      "properties"),
  /** Inside a literal or a comment of SQL. */
  SQL(Escapers.builder().addEscape('\'', "''").addEscape('\n', " ").addEscape('\r', " "), "sql"),
  /** Inside a string in double quotes of a shell's script. */
  SHELL(
      Escapers.builder()
          .addEscape('\\', "\\\\")
          .addEscape('"', "\\\"")
          .addEscape('$', "\\$")
          .addEscape('`', "\\`")
          .addEscape('\n', " ")
          .addEscape('\r', " "),
      "sh"),
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
          .addEscape('\r', " "),
      "md");

  /** What would begin a list or a rule in Markdown, after the mark of a word. */
  private static final Pattern BLOCK =
      Pattern.compile("^(\u0001..)?(?:([0-9]{1,9})(?=[.)](?:\\s|$))|(?=[-+](?:[\\s-]|$)))");

  private static final Map<String, Escaping> BY_ENDING =
      Arrays.stream(values())
          .flatMap(each -> each.endings.stream().map(ending -> Map.entry(ending, each)))
          .collect(Collectors.toUnmodifiableMap(Map.Entry::getKey, Map.Entry::getValue));

  @SuppressWarnings("ImmutableEnumChecker") // an escaper is a table that nobody changes
  private final Escaper escaper;

  private final ImmutableList<String> endings;

  Escaping(Escapers.Builder replacements, String... endings) {
    this.escaper = replacements.build();
    this.endings = ImmutableList.copyOf(endings);
  }

  /** A value with everything in it written so that the format takes it for text. */
  public String escape(String value) {
    String escaped = escaper.escape(value);
    return switch (this) {
      case MARKDOWN -> BLOCK.matcher(escaped).replaceFirst("$1$2\\\\");
      case PROPERTIES -> latin(escaped);
      default -> escaped;
    };
  }

  /**
   * The escaping for a file, by its ending; empty for one that is not known, into which nothing can
   * be filled without the danger of it being read as something else than a text.
   */
  public static Optional<Escaping> of(String path) {
    return Optional.ofNullable(BY_ENDING.get(ending(path)));
  }

  /** The endings that are known. */
  public static Set<String> endings() {
    return new TreeSet<>(BY_ENDING.keySet());
  }

  /** What stands after the last dot of a name; of one without a dot, the name. */
  private static String ending(String path) {
    return Ascii.toLowerCase(
        path.substring(Math.max(path.lastIndexOf('.'), path.lastIndexOf('/')) + 1));
  }

  /** Properties are read as Latin letters, byte by byte; all others are written by their number. */
  private static String latin(String text) {
    StringBuilder latin = new StringBuilder(text.length());
    text.chars()
        .forEach(
            c -> {
              if (c < 0x7F) {
                latin.append((char) c);
              } else {
                latin.append("\\u%04x".formatted(c));
              }
            });
    return latin.toString();
  }
}
