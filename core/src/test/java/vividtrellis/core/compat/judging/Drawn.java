package vividtrellis.core.compat.judging;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.IdList;
import vividtrellis.core.brief.Key;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.EditionLoader;
import vividtrellis.core.catalog.Rule;
import vividtrellis.core.catalog.Term;
import vividtrellis.core.catalog.Term.Variable;
import vividtrellis.core.compat.Axis;
import vividtrellis.core.compat.Axis.Value;
import vividtrellis.core.compat.Selection;
import vividtrellis.core.compat.finding.Change;
import vividtrellis.core.compat.rules.Rules;
import vividtrellis.core.version.Version;

/** A small catalog and briefs for it, drawn with a seed, which can be tried out wholly. */
final class Drawn {

  private static final int STARTERS = 5;
  private static final List<String> VERSIONS =
      List.of("2.0.2", "2.0.1", "1.5.1", "1.0.9", "3.0.0-M1");

  private static final Set<Variable> JOINT =
      Set.of(Variable.FRAMEWORK, Variable.JVM, Variable.LANGUAGE);

  private final Random random;
  final Edition edition;
  private final List<Rule> rules;
  private final List<Rule> cautions;
  private final List<Selection> every;
  private final List<Selection> sound;

  Drawn(int seed) {
    random = new Random(seed);
    String all = rulesOf(random);
    Map<String, String> files =
        Map.of(
            "edition.yaml", "edition: drawn\nfiles: [all.yaml]\ntemplates: []\n", "all.yaml", all);
    edition = EditionLoader.load(name -> Optional.ofNullable(files.get(name)));
    List<Rule> of = Rules.of(edition, List.of());
    rules = of.stream().filter(Rule::blocks).toList();
    cautions = of.stream().filter(rule -> !rule.blocks()).toList();
    every = every();
    sound =
        every.stream().filter(one -> rules.stream().noneMatch(rule -> one.breaks(rule))).toList();
  }

  private static String about(String id) {
    return "id: %s, label: %s, summary: S., documentation: \"https://s.example\"".formatted(id, id);
  }

  private static String rulesOf(Random random) {
    StringBuilder yaml = new StringBuilder();
    yaml.append("builds: [{ %s, versions: [3.9, 3.8] }]\n".formatted(about("maven")))
        .append("languages: [{ %s, levels: [".formatted(about("java")))
        .append("{ level: 26 }, { level: 21, long-term: yes }, { level: 17, long-term: yes }] }, ")
        .append("{ %s, versions: [2.2, 1.9] }]\n".formatted(about("kotlin")))
        .append("frameworks: [{ %s, lines: [".formatted(about("frame")))
        .append("{ line: 3.0, standing: pre-release, source: x, versions: [3.0.0-M1] }, ")
        .append("{ line: 2.0, standing: supported, source: x, versions: [2.0.2, 2.0.1] }, ")
        .append("{ line: 1.5, standing: supported, source: x, versions: [1.5.1] }, ")
        .append("{ line: 1.0, standing: past, until: 2026-01, source: x, versions: [1.0.9] }] }]\n")
        .append("packagings: [{ %s }, { %s }]\n".formatted(about("jar"), about("war")))
        .append("samples: [{ %s }, { %s }]\n".formatted(about("endpoint"), about("none")))
        .append(
            "layouts: [{ %s }]\ncategories: [{ id: c, label: C }]\nstarters:\n"
                .formatted(about("flat")));
    for (int s = 0; s < STARTERS; s++) {
      yaml.append(
          "  - { %s, verb: does, category: c, kin: k%d, bindings: [{ when: [\"framework:frame %s\"] }] }\n"
              .formatted(about("s" + s), s / 2, range(random)));
    }
    yaml.append("rules:\n");
    for (int r = 0; r < 6; r++) {
      yaml.append(
          "  - { id: r%d, because: R%d., evidence: [{ kind: pom, source: x }], ".formatted(r, r));
      String when = "when: [\"%s\", \"%s\"]".formatted(term(random, true), term(random, false));
      switch (random.nextInt(3)) {
        case 0 -> yaml.append("kind: clashes, " + when);
        case 1 ->
            yaml.append(
                "kind: needs, when: [\"%s\"], one-of: [\"%s\", \"%s\"]"
                    .formatted(term(random, true), term(random, false), term(random, false)));
        default ->
            yaml.append(
                "kind: range, when: [\"%s\"], within: [\"framework:frame %s\"]"
                    .formatted(term(random, true), range(random)));
      }
      yaml.append(" }\n");
    }
    for (int r = 6; r < 11; r++) {
      yaml.append(
          "  - { id: r%d, because: R%d., evidence: [{ kind: pom, source: x }], ".formatted(r, r));
      yaml.append("kind: wants, when: [\"%s\"], ".formatted(term(random, random.nextInt(3) > 0)))
          .append(
              "one-of: [\"%s\", \"%s\"] }%n".formatted(term(random, false), term(random, false)));
    }
    return yaml.toString();
  }

  private static String range(Random random) {
    return List.of("[1.0,2.0)", "[2.0,)", "*", "[1.5,3.0)", "[2.0.1]").get(random.nextInt(5));
  }

  /** Every rule speaks of a starter first, so that a project without any always fits. */
  private static String term(Random random, boolean starter) {
    return switch (starter ? 0 : random.nextInt(6)) {
      case 0, 1 -> "starter:s" + random.nextInt(STARTERS);
      case 2 -> "framework:frame " + range(random);
      case 3 -> "jvm:" + List.of("[21,)", "(,21]", "[26]").get(random.nextInt(3));
      case 4 -> "packaging:" + List.of("jar", "war").get(random.nextInt(2));
      default -> "language:kotlin " + List.of("*", "[2.2]").get(random.nextInt(2));
    };
  }

  Brief brief() {
    Brief brief =
        Brief.empty()
            .with(Key.NAME, "tide-board")
            .withStarters(
                IntStream.range(0, STARTERS)
                    .filter(s -> random.nextInt(2) == 0)
                    .mapToObj(s -> "s" + s)
                    .toList());
    if (random.nextInt(2) == 0) {
      String pick =
          List.of("frame@1.5", "frame@2.0", "frame@1.0.9", "frame").get(random.nextInt(4));
      brief = brief.with(Key.FRAMEWORK, pick);
    }
    if (random.nextInt(2) == 0) {
      String pick = List.of("java@17", "java@26", "kotlin@1.9", "kotlin").get(random.nextInt(4));
      brief = brief.with(Key.LANGUAGE, pick);
    }
    return random.nextInt(3) == 0 ? brief.with(Key.PACKAGING, "war") : brief;
  }

  /** The most preferred selection that breaks no rule and keeps to the picks. */
  Optional<Selection> first(Brief brief, boolean growing) {
    Set<String> starters = new LinkedHashSet<>(brief.starters());
    return sound.stream()
        .filter(
            one -> growing ? one.starters().containsAll(starters) : one.starters().equals(starters))
        .filter(one -> keeps(brief, one))
        .findFirst();
  }

  /** Every selection with exactly the starters of a brief that breaks no rule and keeps to it. */
  List<Selection> all(Brief brief) {
    Set<String> starters = new LinkedHashSet<>(brief.starters());
    return sound.stream()
        .filter(one -> one.starters().equals(starters))
        .filter(one -> keeps(brief, one))
        .toList();
  }

  /**
   * What there is to tell of a selection: rules that only tell, and how far it can be relied on.
   */
  Set<String> cautions(Selection selection) {
    Set<String> met = new HashSet<>();
    cautions.stream().filter(rule -> selection.breaks(rule)).forEach(rule -> met.add(rule.id()));
    if (selection.frameworkVersion().text().startsWith("1.0")) {
      met.add("past-support");
    }
    if (selection.frameworkVersion().isPreRelease()) {
      met.add("pre-release");
    }
    return met;
  }

  /** Whether a selection meets a caution that the lattice tells at its joint. */
  boolean isToldAtJoint(Selection selection) {
    return selection.frameworkVersion().isPreRelease()
        || selection.frameworkVersion().text().startsWith("1.0")
        || cautions.stream()
            .filter(rule -> rule.terms().map(Term::variable).anyMatch(JOINT::contains))
            .anyMatch(rule -> selection.breaks(rule));
  }

  /** Whether a joint can be had with at least the starters picked, both of its pins released. */
  boolean reaches(Brief brief, String line, String level) {
    Brief released = brief.with(Key.FRAMEWORK, "frame@" + line);
    String language = brief.get(Key.LANGUAGE).orElse("kotlin@");
    Brief open = language.startsWith("java@") ? released.with(Key.LANGUAGE, "java") : released;
    return sound.stream()
        .filter(one -> one.jvm().text().equals(level))
        .filter(one -> one.starters().containsAll(brief.starters()))
        .anyMatch(one -> keeps(open, one));
  }

  /** Every brief that differs from one in a single pick, most of them useless. */
  List<Brief> neighbours(Brief brief) {
    List<Brief> all = new ArrayList<>();
    for (int s = 0; s < STARTERS; s++) {
      String id = "s" + s;
      if (brief.starters().contains(id)) {
        all.add(Change.drop(IdList.STARTERS, id).apply(brief));
        all.add(Change.swap(IdList.STARTERS, id, "s" + (s ^ 1)).apply(brief));
      } else {
        all.add(Change.add(IdList.STARTERS, id).apply(brief));
      }
    }
    brief.texts().keySet().stream()
        .filter(key -> key != Key.NAME)
        .forEach(key -> all.add(new Change.Remove(key).apply(brief)));
    return all;
  }

  /** The cautions that a brief has whatever is filled in, with one of its picks beside starters. */
  Set<String> certain(Brief brief, Key only) {
    Brief alone = Brief.empty().withStarters(brief.starters());
    Brief with = brief.get(only).map(pick -> alone.with(only, pick)).orElse(alone);
    Set<String> starters = new LinkedHashSet<>(brief.starters());
    Set<String> certain = null;
    for (Selection one : every) {
      if (one.starters().equals(starters) && keeps(with, one)) {
        Set<String> met = cautions(one);
        if (certain == null) {
          certain = met;
        } else {
          certain.retainAll(met);
        }
      }
    }
    return certain == null ? Set.of() : certain;
  }

  /** Every selection there is, most preferred first. */
  private List<Selection> every() {
    List<Selection> all = new ArrayList<>();
    for (int bits = 0; bits < 1 << STARTERS; bits++) {
      Set<String> starters = new LinkedHashSet<>();
      for (int s = 0; s < STARTERS; s++) {
        if ((bits >> s & 1) == 1) {
          starters.add("s" + s);
        }
      }
      for (String framework : VERSIONS) {
        for (String language : List.of("java", "kotlin@2.2", "kotlin@1.9")) {
          for (String level : List.of("21", "17", "26")) {
            for (String packaging : List.of("jar", "war")) {
              Selection one = selection(framework, language, level, packaging, starters);
              all.add(one);
            }
          }
        }
      }
    }
    return all;
  }

  private static Selection selection(
      String framework, String language, String level, String packaging, Set<String> starters) {
    boolean java = language.equals("java");
    // The lowest long-term JDK that takes the level; only level 26 has none.
    Value here = new Value(level, new Version(level));
    return new Selection(
        Map.ofEntries(
            Map.entry(Axis.BUILD, new Value("maven", new Version("3.9"))),
            Map.entry(
                Axis.LANGUAGE,
                java
                    ? new Value(language, null)
                    : new Value("kotlin", new Version(language.substring(7)))),
            Map.entry(Axis.JVM, here),
            Map.entry(Axis.JDK, here),
            Map.entry(Axis.FRAMEWORK, new Value("frame", new Version(framework))),
            Map.entry(Axis.PACKAGING, new Value(packaging, null)),
            Map.entry(Axis.SAMPLE, new Value("endpoint", null)),
            Map.entry(Axis.LAYOUT, new Value("flat", null)),
            Map.entry(Axis.ALONGSIDE, new Value(Axis.NONE, null)),
            Map.entry(Axis.FORMAT, new Value("yaml", null)),
            Map.entry(Axis.THREADS, new Value("virtual", null))),
        Map.of(),
        starters,
        Set.of());
  }

  private static boolean keeps(Brief brief, Selection one) {
    String framework = brief.get(Key.FRAMEWORK).orElse("frame");
    String exact = "frame@" + one.frameworkVersion();
    String language = brief.get(Key.LANGUAGE).orElse("");
    String own =
        one.language() + "@" + (one.languageVersion() == null ? one.jvm() : one.languageVersion());
    return (framework.equals("frame")
            || exact.equals(framework)
            || exact.startsWith(framework + "."))
        && (language.isEmpty() || language.equals(one.language()) || language.equals(own))
        && brief.get(Key.PACKAGING).map(one.packaging()::equals).orElse(true);
  }
}
