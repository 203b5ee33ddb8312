package vividtrellis.core.catalog;

import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import vividtrellis.core.catalog.Contribution.FilePart;
import vividtrellis.core.template.TemplateContext;

/** Which words the templates of an edition ask for, and which of them nothing gives a value. */
final class TemplateWords {

  private static final Pattern WORD = Pattern.compile("\\{\\{[#^/&{]?([A-Za-z]+)}?}}");

  /** How a template says that braces are the project's from here on, and ours again. */
  private static final Pattern OTHERS =
      Pattern.compile("\\{\\{=.*?(?:=\\{\\{ }}=|\\z)", Pattern.DOTALL);

  private TemplateWords() {}

  /** By template, the first word that nothing gives a value. */
  static Map<String, String> unknown(Edition edition) {
    Set<String> known = known(edition);
    Predicate<String> filled = filled(edition);
    Map<String, String> unknown = new TreeMap<>();
    edition
        .templates()
        .forEach(
            (name, text) -> {
              if (filled.test(name)) {
                used(text).stream()
                    .filter(word -> !known.contains(word))
                    .findFirst()
                    .ifPresent(word -> unknown.put(name, word));
              }
            });
    return unknown;
  }

  private static Set<String> known(Edition edition) {
    Set<String> known = new HashSet<>(ProjectWord.words());
    known.addAll(ProjectWord.OF_ENTRIES);
    known.addAll(EntityWord.words());
    known.addAll(EntityWord.ofChoices());
    known.add(TemplateContext.ARGUMENTS);
    known.add(TemplateContext.LISTED);
    edition.frameworks().stream()
        .flatMap(framework -> framework.lines().stream())
        .flatMap(line -> line.standards().keySet().stream())
        .forEach(name -> known.add(name + "Level"));
    edition
        .options()
        .flatMap(option -> option.bindings().stream())
        .forEach(
            binding -> {
              known.addAll(binding.variables().keySet());
              known.addAll(binding.fieldWords().keySet());
            });
    return known;
  }

  private static Set<String> used(String template) {
    Set<String> words = new LinkedHashSet<>();
    Matcher word = WORD.matcher(OTHERS.matcher(template).replaceAll(""));
    while (word.find()) {
      words.add(word.group(1));
    }
    return words;
  }

  /** The line of a template that has a word first, counted from 1. */
  static int line(String template, String word) {
    List<String> lines = template.lines().toList();
    int at = 0;
    while (at < lines.size() && !used(lines.get(at)).contains(word)) {
      at++;
    }
    return at + 1;
  }

  /** Whether some part of a file names a template to be filled, not copied. */
  private static Predicate<String> filled(Edition edition) {
    return edition
        .options()
        .flatMap(option -> option.bindings().stream())
        .flatMap(binding -> binding.files().stream())
        .filter(part -> !part.verbatim())
        .map(FilePart::template)
        .distinct()
        .map(form -> form(form).asMatchPredicate())
        .reduce(name -> false, Predicate::or);
  }

  /** The names that a template's name with words in it can become. */
  static Pattern form(String open) {
    return Pattern.compile(
        Arrays.stream(open.split("\\{\\{[A-Za-z]+}}", -1))
            .map(Pattern::quote)
            .collect(Collectors.joining("[^/]+")));
  }
}
