package vividtrellis.core.compat.finding;

import com.google.common.cache.Cache;
import com.google.common.cache.CacheBuilder;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.Collectors;
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
import vividtrellis.core.compat.Selection;
import vividtrellis.core.compat.Verdict.Severity;
import vividtrellis.core.version.VersionedId;

/**
 * What is to say of a brief by its names, texts and settings alone. Picks change far more often
 * than names, so what was found for the last names is kept. Shared between threads.
 */
public final class NameCheckCache {

  private static final int MOST_KEPT = 256;

  private final Edition edition;
  private final Set<String> dependencies;
  private final Set<String> made;
  private final Licences licences;
  private final Cache<Named, List<PendingFinding>> known =
      CacheBuilder.newBuilder().maximumSize(MOST_KEPT).build();

  /** As many as the edition has frameworks and pairs of languages. */
  private final Map<Speakers, Taken> takenBy = new ConcurrentHashMap<>();

  /** What the code that the edition writes knows by a name. */
  private final Taken.Code code;

  /** The framework and the languages of a selection. */
  private record Speakers(String framework, String language, String alongside) {}

  /** What the answer depends on. */
  private record Named(Map<Key, String> texts, Takers takers, int licensedAt) {}

  /**
   * Those that take names for themselves.
   *
   * @param framework that is picked; empty for none
   * @param languages that are picked
   * @param derived whether the entry class is called after the name, and so gets out of their way,
   *     and no other class is called by hand
   */
  private record Takers(String framework, List<String> languages, boolean derived) {
    static Takers of(Brief brief) {
      return new Takers(
          brief.get(Key.FRAMEWORK).orElse(""),
          Stream.of(Key.LANGUAGE, Key.ALONGSIDE).flatMap(key -> brief.get(key).stream()).toList(),
          brief.get(Key.ENTRY).isEmpty() && brief.get(Key.ENTITY).isEmpty());
    }
  }

  /**
   * For one edition.
   *
   * @param edition with the words and types that it takes
   * @param dependencies {@code group:artifact} of everything that a project can depend on
   * @param licences those whose text is at hand
   */
  public NameCheckCache(Edition edition, Set<String> dependencies, Licences licences) {
    this.edition = edition;
    this.dependencies = dependencies;
    WrittenNames written = new WrittenNames(edition);
    this.made = written.types();
    this.code = written.code();
    this.licences = licences;
  }

  /** What blocks. */
  public List<PendingFinding> faults(Brief brief) {
    return all(brief).stream().filter(pending -> pending.severity() == Severity.BLOCKER).toList();
  }

  /** What is only worth knowing. */
  public List<PendingFinding> remarks(Brief brief) {
    return all(brief).stream().filter(pending -> pending.severity() != Severity.BLOCKER).toList();
  }

  private List<PendingFinding> all(Brief brief) {
    Map<Key, String> named = new EnumMap<>(Key.class);
    brief
        .texts()
        .forEach(
            (key, value) -> {
              if (!key.block().isEmpty() || key == Key.ENTITY) {
                named.put(key, value);
              }
            });
    Takers takers = Takers.of(brief);
    Named key = new Named(named, takers, licences.askedAt(brief));
    List<PendingFinding> found = known.getIfPresent(key);
    if (found == null) {
      found = List.copyOf(look(brief, taken(takers)));
      known.put(key, found);
    }
    return found;
  }

  /** What the framework and the languages of a selection keep for themselves. */
  public Taken taken(Selection selection) {
    return takenBy.computeIfAbsent(
        new Speakers(selection.framework(), selection.language(), selection.alongside()),
        this::taken);
  }

  private Taken taken(Speakers speakers) {
    List<Options.Framework> frameworks = edition.framework(speakers.framework()).stream().toList();
    return new Taken(
        types(frameworks),
        words(List.of(speakers.language(), speakers.alongside())),
        all(frameworks, Options.Framework::packages),
        all(frameworks, Options.Framework::fills),
        code);
  }

  /**
   * Where no language is picked, it is one whose words are those of Java; where no framework is
   * picked, it may become any. Types only matter where the entry class is called by hand.
   */
  private Taken taken(Takers takers) {
    List<Options.Framework> frameworks =
        edition.frameworks().stream().filter(each -> isOf(each, takers.framework())).toList();
    return new Taken(
        takers.derived() ? Set.of() : types(frameworks),
        words(takers.languages()),
        all(frameworks, Options.Framework::packages),
        all(frameworks, Options.Framework::fills),
        code);
  }

  private static Set<String> all(
      List<Options.Framework> frameworks, Function<Options.Framework, Set<String>> what) {
    return frameworks.stream()
        .flatMap(framework -> what.apply(framework).stream())
        .collect(Collectors.toUnmodifiableSet());
  }

  private static boolean isOf(Options.Framework framework, String pick) {
    return pick.isEmpty() || VersionedId.read(pick).id().equals(framework.id());
  }

  private Set<String> types(List<Options.Framework> frameworks) {
    Set<String> types = new HashSet<>(made);
    frameworks.forEach(framework -> types.addAll(framework.takenTypes()));
    return types;
  }

  private Set<String> words(List<String> picks) {
    Set<String> words = new HashSet<>();
    for (Language language : edition.languages()) {
      if (picks.stream().anyMatch(pick -> VersionedId.read(pick).id().equals(language.id()))) {
        words.addAll(language.reservedWords());
      }
    }
    return words;
  }

  private List<PendingFinding> look(Brief brief, Taken taken) {
    List<PendingFinding> faults = new ArrayList<>();
    for (Complaint complaint : BriefRules.complaints(brief, taken)) {
      faults.add(PendingFinding.of(complaint));
    }
    licences.fault(brief).ifPresent(faults::add);
    Names names = Names.of(brief, taken);
    String coordinates = names.group() + ":" + names.artifact();
    if (dependencies.contains(coordinates)) {
      faults.add(
          PendingFinding.plain(
              Severity.BLOCKER,
              "name-is-a-dependency",
              List.of(Key.NAME.pointer(), Key.GROUP.pointer()),
              Map.of("value", coordinates),
              List.of(new Change.Set(Key.NAME, names.artifact() + "-service"))));
    }
    return faults;
  }
}
