package vividtrellis.core.catalog;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import vividtrellis.core.catalog.Options.BuildSystem;
import vividtrellis.core.catalog.Options.Category;
import vividtrellis.core.catalog.Options.Choice;
import vividtrellis.core.catalog.Options.Framework;
import vividtrellis.core.catalog.Options.Language;
import vividtrellis.core.catalog.Options.Level;
import vividtrellis.core.catalog.Options.Option;
import vividtrellis.core.catalog.Options.Readings;
import vividtrellis.core.catalog.Options.Starter;
import vividtrellis.core.catalog.Term.Variable;
import vividtrellis.core.version.Version;

/**
 * An immutable, validated state of what can be picked. Order in every list is the catalog's, which
 * settles ties.
 *
 * @param id as in {@code 2026-11}
 * @param digest SHA-256 over all files of the edition, in hex
 * @param templates name to text
 * @param retired ids that earlier editions had, and what became of them
 * @param reach what the registry at hand really gives
 */
public record Edition(
    String id,
    String digest,
    List<BuildSystem> builds,
    List<Language> languages,
    List<Framework> frameworks,
    List<Choice> packagings,
    List<Choice> samples,
    List<Choice> layouts,
    List<Category> categories,
    List<Starter> starters,
    List<Choice> extras,
    List<Rule> rules,
    Map<String, String> templates,
    Map<String, String> retired,
    Reach reach) {

  /** What tells this edition from every other, with the reach it answers by. */
  public String identity() {
    return reach.digest().isEmpty() ? digest : digest + "-" + reach.id();
  }

  /** The same with another reach. */
  public Edition reaching(Reach other) {
    return with(languages, frameworks, other);
  }

  private Edition with(List<Language> ownLanguages, List<Framework> ownFrameworks, Reach own) {
    return new Edition(
        id,
        digest,
        builds,
        ownLanguages,
        ownFrameworks,
        packagings,
        samples,
        layouts,
        categories,
        starters,
        extras,
        rules,
        templates,
        retired,
        own);
  }

  /** The starter with an id. */
  public Optional<Starter> starter(String id) {
    return find(starters, id);
  }

  /** The framework with an id. */
  public Optional<Framework> framework(String id) {
    return find(frameworks, id);
  }

  /**
   * The same with other readings.
   *
   * @param read id of a language or framework to what was read of each of its versions
   */
  public Edition reading(Function<String, Map<Version, Readings>> read) {
    return with(
        languages.stream().map(each -> each.reading(read.apply(each.id()))).toList(),
        frameworks.stream().map(each -> each.reading(read.apply(each.id()))).toList(),
        reach);
  }

  /** The Java levels, newest first: those of the language whose version is the level. */
  public List<Level> levels() {
    return languages.stream().flatMap(language -> language.levels().stream()).toList();
  }

  /** The option with an id in one of this edition's lists. */
  public static <T extends Option> Optional<T> find(List<T> options, String id) {
    for (T option : options) {
      if (option.id().equals(id)) {
        return Optional.of(option);
      }
    }
    return Optional.empty();
  }

  /**
   * What can be picked of a kind, in the catalog's order; nothing for levels and words of the
   * settings, which are no options of their own.
   */
  public List<? extends Option> options(Variable kind) {
    return switch (kind) {
      case BUILD -> builds;
      case LANGUAGE, ALONGSIDE -> languages;
      case FRAMEWORK -> frameworks;
      case PACKAGING -> packagings;
      case SAMPLE -> samples;
      case LAYOUT -> layouts;
      case STARTER -> starters;
      case EXTRA -> extras;
      case JVM, JDK, FORMAT, THREADS -> List.of();
    };
  }

  /** Every option that can contribute to a project. */
  public Stream<Option> options() {
    return Stream.of(Variable.values())
        .filter(Variable::isOfOptions)
        .flatMap(kind -> options(kind).stream());
  }
}
