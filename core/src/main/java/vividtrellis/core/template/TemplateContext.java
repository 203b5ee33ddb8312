package vividtrellis.core.template;

import com.google.common.io.CharStreams;
import com.samskivert.mustache.DefaultCollector;
import com.samskivert.mustache.Mustache;
import com.samskivert.mustache.Template;
import java.io.IOException;
import java.io.Writer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.document.Escaping;

/**
 * What templates are filled with, and the filling. A word knows which pick it comes from; while a
 * template is filled, each value carries an invisible mark of its word, so that every line can say
 * which picks are in it. Marks begin with a control character, which no brief may hold.
 */
public final class TemplateContext {

  /** Stands before the number of a cause; both are taken out again. */
  private static final char MARK = '\u0001';

  /**
   * The word of a section whose content is a list of arguments or parameters: where its line gets
   * too long, it is broken as the language has it, by who writes the file.
   */
  public static final String ARGUMENTS = "args";

  /** The same for a list in a text of another language, such as the columns of a statement. */
  public static final String LISTED = "list";

  /** Stand before and behind a list of arguments in a filled line. */
  public static final char FROM = '\u0002';

  public static final char TO = '\u0003';

  /** Stands first in a list that is none of the language. */
  public static final char FOREIGN = '\u0004';

  /** A mark and the two digits of its number. */
  private static final int MARK_LENGTH = 3;

  /** Numbers are written in two of these, which no format has to escape. */
  private static final String DIGITS =
      "0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz";

  private static final Pattern SECTION = Pattern.compile("\\s*\\{\\{([#^/])([A-Za-z]+)}}\\s*");

  /** How a template says that its words stand between other signs, and between braces again. */
  private static final String OTHERS = "{{=";

  private static final String OURS = "={{ }}=";

  /** Stands before the name of a word whose mark is wanted alone. */
  private static final String ALONE = "mark of ";

  /**
   * Templates that are ready to be filled. They come from editions, never from briefs, so there are
   * not many; reading one anew for each project would take most of the time.
   */
  private static final Map<Form, Template> READY = new ConcurrentHashMap<>();

  /** How many are kept; those of all shipped editions are fewer. */
  private static final int MOST_READY = 4096;

  /**
   * How words are looked up in the maps that hold them: in all templates alike. By itself, each
   * template finds that out anew, and keeps it where the processor has nothing at hand.
   */
  private static final Mustache.Collector FETCHERS =
      new DefaultCollector() {
        private final Map<?, ?> known = new ConcurrentHashMap<>();

        // The library says nothing of its keys and values but that they are those of all templates.
        @Override
        @SuppressWarnings("unchecked")
        public <K, V> Map<K, V> createFetcherCache() {
          return (Map<K, V>) known;
        }
      };

  /** Letters of a line; texts of shorter ones let the list of lines grow. */
  private static final int SHORT_LINE = 24;

  private record Form(String template, Escaping escaping, boolean lines) {}

  private final Map<String, Object> values =
      new Values(
          Map.of(
              ARGUMENTS, (Mustache.Lambda) (list, out) -> marked(list, "", out),
              LISTED, (Mustache.Lambda) (list, out) -> marked(list, "" + FOREIGN, out)));
  private final List<Cause> causes = new ArrayList<>();

  /** What several marks in one line come to; most lines repeat the marks of others. */
  private final Map<String, Cause> together = new HashMap<>();

  /**
   * Also answers for the mark of each word, which is nothing for a word that no pick stands for.
   */
  private static final class Values extends HashMap<String, Object> {
    private static final long serialVersionUID = 1L;

    Values(Map<String, Object> values) {
      super(values);
    }

    @Override
    public boolean containsKey(Object key) {
      return super.containsKey(key) || ((String) key).startsWith(ALONE);
    }

    @Override
    public @Nullable Object get(Object key) {
      Object value = super.get(key);
      return value == null && ((String) key).startsWith(ALONE) ? "" : value;
    }
  }

  private static void marked(Template.Fragment list, String kind, Writer out) throws IOException {
    out.append(FROM).append(kind).append(list.execute()).append(TO);
  }

  private static String mark(int number) {
    int base = DIGITS.length();
    return "" + MARK + DIGITS.charAt(number / base) + DIGITS.charAt(number % base);
  }

  /** A word that no pick stands for. */
  public void put(String word, String value) {
    values.put(word, value);
  }

  /** A word that comes from a pick. An empty value counts as false where it opens a section. */
  public void put(String word, String value, Cause cause) {
    if (value.isEmpty()) {
      values.put(word, value);
    } else {
      values.put(ALONE + word, mark(causes.size()));
      values.put(word, marked(value, cause));
    }
  }

  /** A list, each of whose entries is a mapping from words to values. */
  public void put(String word, List<? extends Map<String, ?>> entries) {
    values.put(word, entries);
  }

  /** The same words, and beside them those of an entry of a list. */
  public TemplateContext with(Map<String, ?> entry) {
    TemplateContext more = new TemplateContext();
    more.values.putAll(values);
    more.values.putAll(entry);
    return more;
  }

  /** A filled value with its marks still in it, for an entry of a list. */
  public String filled(String template) {
    return run(template, Escaping.PLAIN, false);
  }

  /** A value with the mark of its cause. */
  public String marked(String value, Cause cause) {
    causes.add(cause);
    return mark(causes.size() - 1) + value;
  }

  /**
   * A filled text.
   *
   * @param cause the picks whose words are in it; empty if there are none
   */
  public record Filled(String text, Optional<Cause> cause) {}

  /**
   * Fills a template that is one value; a word that is not there is a fault of the edition.
   *
   * @throws com.samskivert.mustache.MustacheException when the template or a word of it is wrong
   */
  public Filled value(String template) {
    return template.contains("{{")
        ? unmarked(run(template, Escaping.PLAIN, false))
        : new Filled(template, Optional.empty());
  }

  /**
   * Fills a template of a file, line by line. A line also owes itself to the sections it stands in,
   * where those are opened by a word of a pick.
   *
   * @throws com.samskivert.mustache.MustacheException when the template or a word of it is wrong
   */
  public List<Filled> lines(String template, Escaping escaping) {
    String text = run(template, escaping, true);
    List<Filled> lines = new ArrayList<>(text.length() / SHORT_LINE + 1);
    int from = 0;
    while (from < text.length()) {
      int end = text.indexOf('\n', from);
      int to = end < 0 ? text.length() : end;
      lines.add(unmarked(text.substring(from, to)));
      from = to + 1;
    }
    return lines;
  }

  /**
   * Adds to each line the marks of the sections around it. From where a template changes what its
   * own words stand between, to where it changes that back, braces are the project's, not ours.
   */
  private static String withSections(String template) {
    StringBuilder text = new StringBuilder();
    List<String> open = new ArrayList<>();
    boolean ours = true;
    for (String line : template.lines().toList()) {
      Matcher section = SECTION.matcher(line);
      boolean changed = line.lastIndexOf(OTHERS) > line.lastIndexOf(OURS);
      boolean before = ours;
      ours = !changed && (ours || line.contains(OURS));
      if (!before) {
        text.append(line).append('\n');
        continue;
      }
      if (section.matches()) {
        if (section.group(1).equals("/")) {
          open.remove(open.size() - 1);
        } else {
          // A section of what is not there has no mark: nobody picked it.
          open.add(section.group(1).equals("#") ? "{{{" + ALONE + section.group(2) + "}}}" : "");
        }
      } else {
        open.forEach(text::append);
      }
      text.append(line).append('\n');
    }
    return text.toString();
  }

  private String run(String template, Escaping escaping, boolean lines) {
    Form form = new Form(template, escaping, lines);
    Template ready = READY.get(form);
    if (ready == null) {
      ready =
          Mustache.compiler()
              .withCollector(FETCHERS)
              .withEscaper(escaping::escape)
              .emptyStringIsFalse(true)
              .compile(lines ? withSections(template) : template);
      if (READY.size() < MOST_READY) {
        READY.put(form, ready);
      }
    }
    // Most of a text is the template's own.
    StringBuilder text = new StringBuilder(template.length() * 2);
    ready.execute(values, CharStreams.asWriter(text));
    return text.toString();
  }

  private Filled unmarked(String text) {
    int mark = text.indexOf(MARK);
    if (mark < 0) {
      return new Filled(text, Optional.empty());
    }
    int next = text.indexOf(MARK, mark + MARK_LENGTH);
    if (next < 0) {
      String plain = text.substring(0, mark).concat(text.substring(mark + MARK_LENGTH));
      return new Filled(plain, Optional.of(cause(text, mark)));
    }
    StringBuilder plain = new StringBuilder(text.length());
    StringBuilder marks = new StringBuilder();
    int from = 0;
    while (mark >= 0) {
      plain.append(text, from, mark);
      from = mark + MARK_LENGTH;
      marks.append(text, mark, from);
      mark = text.indexOf(MARK, from);
    }
    plain.append(text, from, text.length());
    Cause cause = together.computeIfAbsent(marks.toString(), this::meaning);
    return new Filled(plain.toString(), Optional.of(cause));
  }

  private Cause meaning(String marks) {
    Cause cause = cause(marks, 0);
    for (int at = MARK_LENGTH; at < marks.length(); at += MARK_LENGTH) {
      cause = cause.and(cause(marks, at));
    }
    return cause;
  }

  private Cause cause(String marks, int at) {
    return causes.get(
        DIGITS.indexOf(marks.charAt(at + 1)) * DIGITS.length()
            + DIGITS.indexOf(marks.charAt(at + 2)));
  }
}
