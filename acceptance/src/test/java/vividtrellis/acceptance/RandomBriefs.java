package vividtrellis.acceptance;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import vividtrellis.catalog.ShippedEdition;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Options.Framework;
import vividtrellis.core.catalog.Options.Language;
import vividtrellis.core.catalog.Options.Option;
import vividtrellis.core.compat.Verdict;
import vividtrellis.core.compat.Verdict.Finding;
import vividtrellis.core.compat.Verdict.Severity;
import vividtrellis.core.compat.judging.Verdicts;

/** Briefs drawn with a seed that the check accepts without any caution but that of age. */
final class RandomBriefs {

  private static final Set<String> AGE = Set.of("past-support", "past-support-estimated");
  private static final int MOST_STARTERS = 8;
  private static final int MOST_MENDED = 8;

  /** One that SQL keeps for itself, and one that no line of code may break by its length. */
  private static final List<String> NAMES =
      List.of("tide-board", "order", "crossing-manifest-of-the-harbour-office-at-saltmar");

  private static final String SUMMARY =
      "Books berths for arriving ferries, tells the harbour office who comes, when and how deep,"
          + " and keeps the ledger of it all";

  /**
   * What entities are called, of which some mean something to a language or have no other plural.
   */
  private static final List<String> ENTITIES = List.of("Berth", "Case", "OpenCrossing", "Series");

  /** All that a field can be, and names of fields. */
  private static final List<String> FORMS =
      List.of(
          "text..80 unique",
          "text 2..4000?",
          "integer",
          "integer -5..99?",
          "decimal 0..500",
          "decimal?",
          "boolean",
          "boolean?",
          "date",
          "date?",
          "instant",
          "instant?",
          "uuid",
          "uuid? unique",
          "free|taken",
          "in-dock|at-sea?");

  private static final List<String> FIELDS =
      List.of("name", "quayLength", "freeFrom", "port", "ident2", "type", "count");

  private final Edition edition = ShippedEdition.load();
  private final Verdicts verdicts = new Verdicts(edition);
  private final Random random;
  private int looked;

  RandomBriefs(long seed) {
    random = new Random(seed);
  }

  /** How many briefs were drawn so far. */
  int looked() {
    return looked;
  }

  /** The next one that is accepted, and that a JDK is here for. */
  Verdict next() {
    while (true) {
      looked++;
      Optional<Verdict> verdict = accepted(drawn());
      if (verdict.isPresent() && RealBuild.canBuild(verdict.get())) {
        return verdict.get();
      }
    }
  }

  private static List<Finding> troubles(Verdict verdict) {
    return verdict.findings().stream()
        .filter(each -> each.severity() != Severity.NOTE && !AGE.contains(each.rule()))
        .toList();
  }

  /**
   * Takes ways out, as a user would, until nothing is left to tell; some briefs never get there.
   */
  private Optional<Verdict> accepted(Brief drawn) {
    Brief brief = drawn;
    for (int i = 0; i < MOST_MENDED; i++) {
      Verdict verdict = verdicts.judge(brief, 2026);
      List<Finding> troubles = troubles(verdict);
      if (verdict.isWritable() && troubles.isEmpty()) {
        return brief.starters().isEmpty() ? Optional.empty() : Optional.of(verdict);
      }
      if (troubles.isEmpty() || troubles.get(0).remedies().isEmpty()) {
        return Optional.empty();
      }
      brief = one(troubles.get(0).remedies()).result();
    }
    return Optional.empty();
  }

  private Brief drawn() {
    Brief brief =
        Brief.empty()
            .with(Key.NAME, one(NAMES))
            .with(Key.GROUP, "saltmarsh.example")
            .with(Key.BUILD, one(edition.builds()).id())
            .with(Key.PACKAGING, one(edition.packagings()).id())
            .with(Key.SAMPLE, one(edition.samples()).id())
            .with(Key.LAYOUT, one(edition.layouts()).id())
            .with(Key.FORMAT, one(List.of("yaml", "properties")));
    Framework framework = one(edition.frameworks());
    String pick =
        framework.lines().isEmpty()
            ? framework.id()
            : framework.id() + "@" + one(framework.lines()).line();
    // Most starters are for frameworks with lines, so that those without are drawn too often.
    brief =
        framework.lines().isEmpty() && random.nextInt(4) > 0
            ? brief
            : sometimes(4, brief, Key.FRAMEWORK, pick);
    brief = sometimes(2, brief, Key.SUMMARY, SUMMARY);
    brief = sometimes(2, brief, Key.ENTITY, entity());
    Language language = one(edition.languages());
    brief = sometimes(5, brief, Key.LANGUAGE, language.id());
    brief = sometimes(3, brief, Key.JVM, one(edition.levels()).version().text());
    if (random.nextInt(5) == 0) {
      brief = brief.with(Key.ALONGSIDE, one(edition.languages()).id());
    }
    return brief
        .withStarters(some(edition.starters(), 1 + random.nextInt(MOST_STARTERS)))
        .withExtras(some(edition.extras(), random.nextInt(4)));
  }

  private String entity() {
    List<String> names = new ArrayList<>(FIELDS);
    Collections.shuffle(names, random);
    List<String> fields = new ArrayList<>();
    for (String name : names.subList(0, 1 + random.nextInt(names.size()))) {
      fields.add(name + " " + one(FORMS));
    }
    return one(ENTITIES) + ": " + String.join(", ", fields);
  }

  /** With a pick in all but one of some cases. */
  private Brief sometimes(int of, Brief brief, Key key, String value) {
    return random.nextInt(of) > 0 ? brief.with(key, value) : brief;
  }

  private <T> T one(List<T> all) {
    return all.get(random.nextInt(all.size()));
  }

  private List<String> some(List<? extends Option> options, int count) {
    List<String> ids = new ArrayList<>(options.stream().map(Option::id).toList());
    Collections.shuffle(ids, random);
    return List.copyOf(ids.subList(0, Math.min(count, ids.size())));
  }
}
