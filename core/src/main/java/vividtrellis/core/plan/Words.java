package vividtrellis.core.plan;

import com.samskivert.mustache.Escapers;
import com.samskivert.mustache.Mustache;
import java.util.Map;
import java.util.TreeMap;

/** What templates are filled with, and the filling. */
public final class Words {

  private final Map<String, Object> values;

  Words(Map<String, Object> values) {
    this.values = new TreeMap<>(values);
  }

  /** How a value is made harmless for the format of the file that it goes into. */
  public enum Escaping {
    /** For values that cannot hold anything but letters, digits, dots and dashes. */
    NONE(
        new String[][] {
          {"\n", " "},
          {"\r", " "}
        }),
    /** Inside a Java string literal. */
    JAVA(
        new String[][] {
          {"\\", "\\\\"},
          {"\"", "\\\""},
          {"\n", "\\n"},
          {"\r", "\\r"}
        }),
    /** In running text of Markdown. */
    MARKDOWN(
        new String[][] {
          {"\\", "\\\\"},
          {"`", "\\`"},
          {"*", "\\*"},
          {"_", "\\_"},
          {"[", "\\["},
          {"]", "\\]"},
          {"<", "&lt;"},
          {">", "&gt;"},
          {"#", "\\#"},
          {"|", "\\|"},
          {"!", "\\!"},
          {"&", "&amp;"},
          {"\n", " "},
          {"\r", " "}
        });

    @SuppressWarnings("ImmutableEnumChecker") // an escaper is a table that nobody changes
    private final Mustache.Escaper escaper;

    Escaping(String[]... replacements) {
      this.escaper = Escapers.simple(replacements);
    }

    /** The escaping for a file, by its ending. */
    public static Escaping of(String path) {
      return path.endsWith(".java") ? JAVA : path.endsWith(".md") ? MARKDOWN : NONE;
    }
  }

  /**
   * Fills a template; a word that is not there is a fault of the edition.
   *
   * @throws com.samskivert.mustache.MustacheException when the template or a word of it is wrong
   */
  public String fill(String template, Escaping escaping) {
    return Mustache.compiler().withEscaper(escaping.escaper).compile(template).execute(values);
  }
}
