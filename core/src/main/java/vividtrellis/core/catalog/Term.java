package vividtrellis.core.catalog;

import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.version.VersionRange;

/**
 * One condition on the picks, as rules and bindings write it.
 *
 * <pre>
 * term = [ "no " ] variable ":" ( id [ range ] | range )
 * </pre>
 *
 * <p>Examples: {@code starter:postgresql}; {@code no starter:h2}; {@code framework:frame
 * [3.5,4.0)}; {@code jvm:[17,25]}; {@code sample:endpoint}.
 *
 * @param negated whether the condition is that the rest does not hold
 * @param variable which pick it looks at
 * @param id the option's id; {@code null} where only a range is given
 * @param range which versions of it; every version unless said
 */
public record Term(boolean negated, Variable variable, @Nullable String id, VersionRange range) {

  private static final Pattern FORM =
      Pattern.compile("(no )?([a-z]+):([a-z][a-z0-9-]*)?\\s*([\\[(*].*)?");

  /**
   * The kinds of picks that a term can look at, in the order in which they speak in a project. What
   * can be picked of a kind, {@link Edition#options(Variable)} says.
   */
  public enum Variable {
    BUILD,
    LANGUAGE,
    ALONGSIDE,
    JVM,
    JDK,
    FRAMEWORK,
    PACKAGING,
    SAMPLE,
    LAYOUT,
    FORMAT,
    THREADS,
    STARTER,
    EXTRA;

    /** Whether it is looked at by a range alone, since its values are versions without an id. */
    public boolean isBare() {
      return this == JVM || this == JDK;
    }

    /** Whether any number can be picked of it. */
    public boolean isListed() {
      return this == STARTER || this == EXTRA;
    }

    /** Whether it is a list of its own in the files of an edition, {@link #word()} with an s. */
    public boolean isOfOptions() {
      return !isBare() && this != ALONGSIDE && !isOfWords();
    }

    /** Whether what can be picked of it is the same in all editions, {@link Settings#words}. */
    public boolean isOfWords() {
      return this == FORMAT || this == THREADS;
    }

    /** The word for it in catalogs, offers and pointers. */
    public String word() {
      return name().toLowerCase(Locale.ROOT);
    }
  }

  /**
   * Reads a term.
   *
   * @throws IllegalArgumentException when the text is no term
   */
  public static Term parse(String text) {
    Matcher form = FORM.matcher(text.strip());
    if (!form.matches() || (form.group(3) == null && form.group(4) == null)) {
      throw new IllegalArgumentException(
          "'" + text + "' is no condition; expected variable:id or variable:range");
    }
    return new Term(
        form.group(1) != null,
        variable(form.group(2)),
        form.group(3),
        form.group(4) == null ? VersionRange.ANY : VersionRange.parse(form.group(4).strip()));
  }

  private static Variable variable(String word) {
    for (Variable variable : Variable.values()) {
      if (variable.word().equals(word)) {
        return variable;
      }
    }
    throw new IllegalArgumentException(
        "'" + word + "' is nothing that can be picked; expected one of " + words());
  }

  private static List<String> words() {
    return List.of(Variable.values()).stream().map(Variable::word).toList();
  }

  /** That it does not hold. */
  public Term not() {
    return new Term(!negated, variable, id, range);
  }

  @Override
  public String toString() {
    return (negated ? "no " : "")
        + variable.word()
        + ":"
        + (id == null ? "" : id)
        + (range.equals(VersionRange.ANY) ? "" : range.toString());
  }
}
