package vividtrellis.core.catalog;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.catalog.Contribution.FilePart;
import vividtrellis.core.catalog.Options.Option;
import vividtrellis.core.catalog.Term.Variable;
import vividtrellis.core.version.VersionRange;

/**
 * The templates that the bindings of an edition name. A word in a name has the values that other
 * bindings give it, as far as their conditions can hold together with those of the name: a walk
 * through Java, Kotlin and Groovy then needs three templates. What only a brief can fill in stays
 * open.
 */
final class TemplateNames {

  private static final Pattern WORD = Pattern.compile("\\{\\{([A-Za-z]+)}}");

  private final List<Source> sources = new ArrayList<>();

  /** What gives words their values, and when. */
  private record Source(Option option, Contribution binding, List<Term> when) {}

  /**
   * A template that is named.
   *
   * @param name without words, or with those that only a brief fills in
   * @param of the option that names it
   * @param words what the words of its name stand for here, to tell which it is
   */
  record Named(String name, String of, Map<String, String> words) {
    boolean isOpen() {
      return name.contains("{{");
    }
  }

  /** Whether a brief has one of a kind at most, and names it. */
  private static boolean isSingle(Variable kind) {
    return !kind.isListed() && !kind.isBare();
  }

  private TemplateNames(Edition edition) {
    for (Variable kind : Variable.values()) {
      if (kind.isOfOptions()) {
        // A language is picked as the first one or alongside.
        add(edition.options(kind), kind == Variable.LANGUAGE ? null : kind);
      }
    }
  }

  /**
   * Every template that a project could ask for, each once, in the order of the catalog.
   *
   * @param edition whose templates need not be there
   */
  static List<Named> of(Edition edition) {
    TemplateNames names = new TemplateNames(edition);
    Map<String, Named> all = new LinkedHashMap<>();
    for (Source source : names.sources) {
      for (FilePart part : source.binding().files()) {
        names
            .expanded(part.template(), and(source.when(), part.when()))
            .forEach(
                (name, words) ->
                    all.putIfAbsent(name, new Named(name, source.option().id(), words)));
      }
    }
    return List.copyOf(all.values());
  }

  /**
   * The paths of the files that something is filled into and that do not say their format, each
   * with the option that they are of.
   */
  static List<Named> paths(Edition edition) {
    TemplateNames names = new TemplateNames(edition);
    Map<String, Named> all = new LinkedHashMap<>();
    for (Source source : names.sources) {
      for (FilePart part : source.binding().files()) {
        if (!part.verbatim()) {
          String path = part.format() == null ? part.path() : "." + part.format();
          String name = path.substring(path.lastIndexOf('/') + 1);
          names
              .expanded(name, and(source.when(), part.when()))
              .forEach(
                  (full, words) ->
                      all.putIfAbsent(full, new Named(full, source.option().id(), words)));
        }
      }
    }
    return List.copyOf(all.values());
  }

  /** A language is picked as the first or as the second; its bindings say which. */
  private void add(List<? extends Option> options, @Nullable Variable variable) {
    for (Option option : options) {
      List<Term> own =
          variable == null
              ? List.of()
              : List.of(new Term(false, variable, option.id(), VersionRange.ANY));
      for (Contribution binding : option.bindings()) {
        sources.add(new Source(option, binding, and(own, binding.when())));
      }
    }
  }

  private Map<String, Map<String, String>> expanded(String name, List<Term> when) {
    Map<String, Map<String, String>> found = new LinkedHashMap<>();
    expand(name, when, Map.of(), found);
    return found;
  }

  private void expand(
      String name,
      List<Term> when,
      Map<String, String> words,
      Map<String, Map<String, String>> found) {
    Optional<String> next =
        WORD.matcher(name)
            .results()
            .map(result -> result.group(1))
            .filter(word -> sources.stream().anyMatch(each -> gives(each, word)))
            .findFirst();
    if (next.isEmpty()) {
      found.putIfAbsent(name, words);
      return;
    }
    for (Source source : sources) {
      List<Term> both = and(when, source.when());
      if (gives(source, next.get()) && canHold(both)) {
        Map<String, String> more = new HashMap<>(words);
        String filled = fill(name, source.binding().variables(), more);
        expand(filled, both, more, found);
      }
    }
  }

  private static boolean gives(Source source, String word) {
    String value = source.binding().variables().get(word);
    return value != null && !value.contains("{{");
  }

  private static String fill(String name, Map<String, String> values, Map<String, String> words) {
    return WORD.matcher(name)
        .replaceAll(
            match -> {
              String value = values.get(match.group(1));
              if (value == null || value.contains("{{")) {
                return Matcher.quoteReplacement(match.group());
              }
              words.put(match.group(1), value);
              return Matcher.quoteReplacement(value);
            });
  }

  private static List<Term> and(List<Term> some, List<Term> more) {
    List<Term> both = new ArrayList<>(some);
    both.addAll(more);
    return both;
  }

  /** Whether no two conditions exclude each other by themselves; rules are not looked at. */
  private static boolean canHold(List<Term> when) {
    Map<Variable, String> one = new HashMap<>();
    for (Term term : when) {
      if (!term.negated() && isSingle(term.variable())) {
        String id = String.valueOf(term.id());
        String other = one.putIfAbsent(term.variable(), id);
        if (other != null && !other.equals(id)) {
          return false;
        }
      }
    }
    Set<String> asked =
        when.stream()
            .filter(term -> !term.negated())
            .map(TemplateNames::named)
            .collect(Collectors.toSet());
    return when.stream()
        .filter(term -> term.negated() && term.range().equals(VersionRange.ANY))
        .noneMatch(term -> asked.contains(named(term)));
  }

  private static String named(Term term) {
    return term.variable() + ":" + term.id();
  }
}
