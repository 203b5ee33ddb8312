package vividtrellis.core.catalog;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import vividtrellis.core.catalog.Term.Variable;
import vividtrellis.core.version.Version;
import vividtrellis.core.version.VersionRange;

/**
 * Reads conditions. Beside terms, data may write
 *
 * <pre>
 * any-of LIST                 one of them holds
 * none-of LIST                none of them holds
 * first-of ORDER is TERM      it holds, and none that stands before it in the order
 * [no ]trait:WORD             something that is picked has the trait
 * [no ]standard:NAME RANGE    the framework is written for such a level of a standard
 * </pre>
 *
 * <p>where {@code LIST} is the name of an order, or terms with commas between them. Here all of
 * them come to terms, so that nothing but this reader knows of them.
 */
final class ConditionReader {

  private static final Pattern FIRST = Pattern.compile("first-of (\\S+) is (.+)");
  private static final Pattern SEVERAL = Pattern.compile("(any|none)-of (.+)");
  private static final Pattern TRAIT = Pattern.compile("(no )?trait:(\\S+)");
  private static final Pattern STANDARD = Pattern.compile("(no )?standard:(\\S+)\\s+(\\S+)");

  private final Map<String, List<Term>> orders = new TreeMap<>();
  private final Map<String, List<Term>> traits = new TreeMap<>();
  private final Map<String, Map<Term, Version>> standards = new TreeMap<>();

  /**
   * One condition.
   *
   * @param any whether one of the terms is enough
   */
  private record Condition(boolean any, List<Term> terms) {}

  private ConditionReader() {}

  /** Gathers from all files what conditions may speak of, wherever it stands. */
  static ConditionReader of(List<Section> files) {
    ConditionReader reader = new ConditionReader();
    for (Section file : files) {
      Section at = file.section("orders");
      at.keys().forEach(name -> reader.orders.put(name, at.parsed(name, Term::parse)));
      for (Variable kind : Variable.values()) {
        if (kind.isOfOptions()) {
          file.quietly(kind.word() + "s").forEach(option -> reader.option(kind, option));
        }
      }
    }
    return reader;
  }

  private void option(Variable variable, Section option) {
    String id = option.text("id");
    bears(option, new Term(false, variable, id, VersionRange.ANY));
    for (Section line : option.quietly("lines")) {
      List<Version> versions = line.parsed("versions", Version::new);
      if (!versions.isEmpty()) {
        Version from = Collections.min(versions);
        Version to = Collections.max(versions);
        String range = from.equals(to) ? "[" + from + "]" : "[" + from + "," + to + "]";
        Term of = new Term(false, variable, id, VersionRange.parse(range));
        bears(line, of);
        standards(line)
            .forEach(
                (name, level) ->
                    standards.computeIfAbsent(name, any -> new LinkedHashMap<>()).put(of, level));
      }
    }
  }

  private void bears(Section section, Term bearer) {
    for (String trait : traits(section)) {
      traits.computeIfAbsent(trait, any -> new ArrayList<>()).add(bearer);
    }
  }

  /** The traits of an option, or of a line of a framework. */
  static List<String> traits(Section section) {
    return section.parsed("traits", ConditionReader::trait);
  }

  private static String trait(String word) {
    if (!word.matches("[a-z][a-z0-9-]*")) {
      throw new IllegalArgumentException(
          "'" + word + "' is no trait; one is made of small letters, digits and dashes");
    }
    return word;
  }

  /** The levels of standards that a line of a framework is written for. */
  static Map<String, Version> standards(Section line) {
    Map<String, Version> levels = new LinkedHashMap<>();
    line.texts("standards")
        .forEach(
            (name, level) -> {
              if (Version.isVersion(level)) {
                levels.put(name, new Version(level));
              } else {
                line.fault(
                    line.at("standards"),
                    "'standards' has levels that are versions, as in { %s: 6.1 }".formatted(name));
              }
            });
    return levels;
  }

  /**
   * The conditions under a key, as alternatives of which at most one holds; one without conditions
   * where there is no such key. What is chosen by alternatives then counts once.
   */
  List<List<Term>> apart(Section section, String key) {
    return alternatives(section, key, true);
  }

  /** The same as alternatives of which several may hold, so that each says no more than it must. */
  List<List<Term>> together(Section section, String key) {
    return alternatives(section, key, false);
  }

  private List<List<Term>> alternatives(Section section, String key, boolean apart) {
    List<List<Term>> all = List.of(List.of());
    for (Condition condition : section.parsed(key, this::condition)) {
      List<List<Term>> more = new ArrayList<>();
      for (List<Term> before : all) {
        if (!condition.any()) {
          more.add(joined(before.stream(), condition.terms().stream()));
          continue;
        }
        for (int i = 0; i < condition.terms().size(); i++) {
          Stream<Term> others = condition.terms().stream().limit(apart ? i : 0).map(Term::not);
          Stream<Term> own = Stream.concat(others, Stream.of(condition.terms().get(i)));
          more.add(joined(before.stream(), own));
        }
      }
      all = more;
    }
    return all;
  }

  private static List<Term> joined(Stream<Term> some, Stream<Term> more) {
    return Stream.concat(some, more).distinct().toList();
  }

  /** The conditions under a key of which one is enough. */
  List<Term> oneOf(Section section, String key) {
    return section.parsed(key, this::enough).stream().flatMap(List::stream).toList();
  }

  private List<Term> enough(String text) {
    Condition condition = condition(text);
    if (!condition.any() && condition.terms().size() > 1) {
      throw new IllegalArgumentException(
          "'" + text + "' is several conditions at once; here each has to be enough by itself");
    }
    return condition.terms();
  }

  private Condition condition(String text) {
    Matcher first = FIRST.matcher(text);
    if (first.matches()) {
      return first(known(orders, "an order", first.group(1)), Term.parse(first.group(2)), text);
    }
    Matcher several = SEVERAL.matcher(text);
    if (several.matches()) {
      List<Term> terms = list(several.group(2));
      return several.group(1).equals("any")
          ? new Condition(true, terms)
          : new Condition(false, terms.stream().map(Term::not).toList());
    }
    List<Term> bearers = bearers(text);
    if (bearers.isEmpty()) {
      return new Condition(false, List.of(Term.parse(text)));
    }
    return text.startsWith("no ")
        ? new Condition(false, bearers.stream().map(Term::not).toList())
        : new Condition(true, bearers);
  }

  private static Condition first(List<Term> order, Term one, String text) {
    int at = order.indexOf(one);
    if (at < 0) {
      throw new IllegalArgumentException(
          "'%s': the order has no '%s'; it has %s".formatted(text, one, order));
    }
    return new Condition(false, joined(order.stream().limit(at).map(Term::not), Stream.of(one)));
  }

  private List<Term> list(String text) {
    if (!text.contains(":")) {
      return known(orders, "an order", text);
    }
    return Stream.of(text.split(",\\s+"))
        .flatMap(
            each -> {
              List<Term> bearers = each.startsWith("no ") ? List.<Term>of() : bearers(each);
              return bearers.isEmpty() ? Stream.of(Term.parse(each)) : bearers.stream();
            })
        .distinct()
        .toList();
  }

  /** What a trait or a level of a standard stands for; nothing if the text is about neither. */
  private List<Term> bearers(String text) {
    Matcher trait = TRAIT.matcher(text);
    if (trait.matches()) {
      return known(traits, "a trait of anything", trait.group(2));
    }
    Matcher standard = STANDARD.matcher(text);
    if (!standard.matches()) {
      return List.of();
    }
    VersionRange range = VersionRange.parse(standard.group(3));
    List<Term> within =
        known(standards, "a standard of any line", standard.group(2)).entrySet().stream()
            .filter(each -> range.holds(each.getValue()))
            .map(Map.Entry::getKey)
            .toList();
    if (within.isEmpty()) {
      throw new IllegalArgumentException("'" + text + "': no line is written for such a level");
    }
    return within;
  }

  private static <T> T known(Map<String, T> all, String what, String word) {
    T found = all.get(word);
    if (found == null) {
      throw new IllegalArgumentException(
          "'%s' is not %s; there are %s".formatted(word, what, all.keySet()));
    }
    return found;
  }
}
