package vividtrellis.core.compat;

import com.google.common.cache.Cache;
import com.google.common.cache.CacheBuilder;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.BriefRules;
import vividtrellis.core.brief.Complaint;
import vividtrellis.core.brief.Key;
import vividtrellis.core.brief.Names;
import vividtrellis.core.brief.Taken;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Options;
import vividtrellis.core.catalog.Options.Language;
import vividtrellis.core.compat.Verdict.Severity;

/**
 * What is to say of a brief by its names, texts and settings alone. Picks change far more often
 * than names, so what was found for the last names is kept. Shared between threads.
 */
final class Naming {

  private static final int MOST_KEPT = 256;

  private final Edition edition;
  private final Set<String> dependencies;
  private final Licences licences;
  private final Cache<Named, List<Draft>> known =
      CacheBuilder.newBuilder().maximumSize(MOST_KEPT).build();

  /** What the answer depends on. */
  private record Named(Map<Key, String> texts, Set<String> words, int licensedAt) {}

  /**
   * For one edition.
   *
   * @param edition with the words and types that it takes
   * @param dependencies {@code group:artifact} of everything that a project can depend on
   * @param licences those whose text is at hand
   */
  Naming(Edition edition, Set<String> dependencies, Licences licences) {
    this.edition = edition;
    this.dependencies = dependencies;
    this.licences = licences;
  }

  /** What blocks. */
  List<Draft> faults(Brief brief) {
    return all(brief).stream().filter(draft -> draft.severity() == Severity.BLOCKER).toList();
  }

  /** What is only worth knowing. */
  List<Draft> remarks(Brief brief) {
    return all(brief).stream().filter(draft -> draft.severity() != Severity.BLOCKER).toList();
  }

  private List<Draft> all(Brief brief) {
    Map<Key, String> named = new EnumMap<>(Key.class);
    brief
        .texts()
        .forEach(
            (key, value) -> {
              if (!key.block().isEmpty()) {
                named.put(key, value);
              }
            });
    Set<String> words = words(brief);
    Named key = new Named(named, words, licences.askedAt(brief));
    List<Draft> found = known.getIfPresent(key);
    if (found == null) {
      found = List.copyOf(look(brief, words));
      known.put(key, found);
    }
    return found;
  }

  /** What the framework and the languages of a selection keep for themselves. */
  Taken taken(Selection selection) {
    Set<String> types =
        edition
            .framework(selection.framework())
            .map(Options.Framework::takenTypes)
            .orElse(Set.of());
    return new Taken(types, words(List.of(selection.language(), selection.alongside())));
  }

  /** Where no language is picked, it is one whose words are those of Java. */
  private Set<String> words(Brief brief) {
    return words(
        Stream.of(Key.LANGUAGE, Key.ALONGSIDE).flatMap(key -> brief.get(key).stream()).toList());
  }

  private Set<String> words(List<String> picks) {
    Set<String> words = new HashSet<>();
    for (Language language : edition.languages()) {
      if (picks.stream().anyMatch(pick -> (pick + "@").startsWith(language.id() + "@"))) {
        words.addAll(language.reservedWords());
      }
    }
    return words;
  }

  private List<Draft> look(Brief brief, Set<String> words) {
    List<Draft> faults = new ArrayList<>();
    for (Complaint complaint : BriefRules.complaints(brief, words)) {
      faults.add(Draft.of(complaint));
    }
    licences.fault(brief).ifPresent(faults::add);
    Names names = Names.of(brief, new Taken(Set.of(), words));
    String coordinates = names.group() + ":" + names.artifact();
    if (dependencies.contains(coordinates)) {
      faults.add(
          Draft.plain(
              Severity.BLOCKER,
              "name-is-a-dependency",
              List.of(Key.NAME.pointer(), Key.GROUP.pointer()),
              Map.of("value", coordinates),
              List.of(new Change.Set(Key.NAME, names.artifact() + "-service"))));
    }
    return faults;
  }
}
