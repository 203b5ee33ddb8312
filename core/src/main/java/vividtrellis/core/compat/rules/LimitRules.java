package vividtrellis.core.compat.rules;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Evidence;
import vividtrellis.core.catalog.Options.Framework;
import vividtrellis.core.catalog.Options.Language;
import vividtrellis.core.catalog.Options.Level;
import vividtrellis.core.catalog.Options.Probe;
import vividtrellis.core.catalog.Options.Readings;
import vividtrellis.core.catalog.Options.Reads;
import vividtrellis.core.catalog.Rule;
import vividtrellis.core.catalog.Saying;
import vividtrellis.core.catalog.Term;
import vividtrellis.core.compat.finding.Sentences;
import vividtrellis.core.version.Version;

/**
 * The rules that follow from what an audit read of each version: the Java levels that it can be
 * loaded on, look at and compile for, and the language versions that it comes with. What a version
 * cannot do blocks; what it was not tried with is a caution.
 */
final class LimitRules {

  private final int lowest;
  private final int highest;
  private final List<Rule> rules = new ArrayList<>();

  private LimitRules(Edition edition) {
    lowest = edition.levels().stream().mapToInt(Level::level).min().orElse(0);
    highest = edition.levels().stream().mapToInt(Level::level).max().orElse(0);
  }

  /** All of an edition. A limit that no level of the edition meets makes no rule. */
  static List<Rule> of(Edition edition) {
    LimitRules limits = new LimitRules(edition);
    edition.frameworks().forEach(limits::framework);
    for (Language language : edition.languages()) {
      limits.language(language);
      edition.frameworks().forEach(framework -> limits.managed(language, framework));
    }
    return limits.rules;
  }

  /** Versions beside each other of which the same was read. */
  record Run<T>(Version from, Version to, T read) {
    String range() {
      return from.equals(to) ? "[" + from + "]" : "[" + from + "," + to + "]";
    }

    String words() {
      return from.equals(to)
          ? from.text()
          : Sentences.say("limit-versions", Map.of("from", from.text(), "to", to.text()));
    }
  }

  /** Of a framework's versions. */
  static <T> List<Run<T>> runs(Framework framework, Function<Readings, Optional<T>> read) {
    List<Version> versions =
        framework.lines().stream().flatMap(line -> line.versions().stream()).toList();
    return runs(versions, framework.readings(), read);
  }

  private static <T> List<Run<T>> runs(
      Collection<Version> versions,
      Map<Version, Readings> readings,
      Function<Readings, Optional<T>> read) {
    List<Run<T>> runs = new ArrayList<>();
    boolean broken = true;
    for (Version version : versions.stream().sorted().toList()) {
      Optional<T> here = Optional.ofNullable(readings.get(version)).flatMap(read);
      if (here.isPresent()) {
        Run<T> last = broken ? null : runs.get(runs.size() - 1);
        boolean same = last != null && last.read().equals(here.get());
        if (last != null && same) {
          runs.set(runs.size() - 1, new Run<>(last.from(), version, here.get()));
        } else {
          runs.add(new Run<>(version, version, here.get()));
        }
      }
      broken = here.isEmpty();
    }
    return runs;
  }

  private static List<Run<Integer>> levels(
      Collection<Version> versions, Map<Version, Readings> readings, Reads reads) {
    return runs(versions, readings, each -> Optional.ofNullable(each.levels().get(reads)));
  }

  private void framework(Framework framework) {
    List<Version> versions =
        framework.lines().stream().flatMap(line -> line.versions().stream()).toList();
    String id = framework.id();
    String label = framework.about().label();
    for (Probe probe : framework.probes()) {
      for (Run<Integer> run : levels(versions, framework.readings(), probe.reads())) {
        int level = run.read();
        Map<String, String> args =
            Map.of("label", label, "versions", run.words(), "level", Integer.toString(level));
        Term there = Term.parse("framework:" + id + " " + run.range());
        List<Evidence> evidence = evidence(probe, label, run);
        switch (probe.reads()) {
          case FLOOR -> {
            if (level > lowest) {
              String of = probe.ofJdk() ? "jdk" : "jvm";
              String sentence = probe.ofJdk() ? "limit-floor-jdk" : "limit-floor";
              range(id + "-floor", there, of + ":[" + level + ",)", sentence, args, evidence);
            }
          }
          case READER -> {
            if (level < highest) {
              range(id + "-reader", there, "jvm:(," + level + "]", "limit-reader", args, evidence);
            }
          }
          case MOCK_READER -> mocks(id, there, level, args, evidence);
          case TARGET -> {
            // Compilers alone have one.
          }
        }
      }
    }
  }

  /** A class is mocked by reading those of the platform as well, an interface by reading it. */
  private void mocks(
      String id, Term there, int level, Map<String, String> args, List<Evidence> evidence) {
    if (level < highest) {
      Term read = Term.parse("jvm:(," + level + "]");
      rules.add(
          new Rule.Wants(
              id + "-mocks-of-code",
              List.of(there),
              List.of(read),
              Sentences.saying("limit-mocks-of-code", args),
              evidence));
      rules.add(
          new Rule.Wants(
              id + "-mocks-of-classes",
              List.of(there, read),
              List.of(Term.parse("jdk:(," + level + "]")),
              Sentences.saying("limit-mocks-of-classes", args),
              evidence));
    }
  }

  private void language(Language language) {
    String label = language.about().label();
    for (Probe probe : language.probes()) {
      for (Run<Integer> run : levels(language.versions(), language.readings(), probe.reads())) {
        int level = run.read();
        if (probe.reads() == Reads.TARGET && level < highest) {
          Map<String, String> args =
              Map.of("label", label, "versions", run.words(), "level", Integer.toString(level));
          for (String variable : List.of("language", "alongside")) {
            Term there = Term.parse(variable + ":" + language.id() + " " + run.range());
            range(
                language.id() + "-target",
                there,
                "jvm:(," + level + "]",
                "limit-target",
                args,
                evidence(probe, label, run));
          }
        }
      }
    }
  }

  /** What a BOM manages is what a framework was tested with: a default, and no more than that. */
  private void managed(Language language, Framework framework) {
    List<Version> versions =
        framework.lines().stream().flatMap(line -> line.versions().stream()).toList();
    List<Run<Version>> runs =
        runs(
            versions,
            framework.readings(),
            each -> Optional.ofNullable(each.manages().get(language.id())));
    for (Run<Version> run : runs) {
      Saying because =
          Sentences.saying(
              "language-not-managed",
              Map.of(
                  "framework", framework.about().label(),
                  "versions", run.words(),
                  "label", language.about().label(),
                  "version", run.read().text()));
      for (String variable : List.of("language", "alongside")) {
        rules.add(
            new Rule.Wants(
                language.id() + "-not-managed",
                List.of(
                    Term.parse(variable + ":" + language.id()),
                    Term.parse("framework:" + framework.id() + " " + run.range())),
                List.of(Term.parse(variable + ":" + language.id() + " [" + run.read() + "]")),
                because,
                List.of(
                    new Evidence(
                        "bom",
                        framework.manages().get(language.id())
                            + " in "
                            + framework.bom()
                            + " "
                            + run.words()))));
      }
    }
  }

  private void range(
      String id,
      Term there,
      String within,
      String sentence,
      Map<String, String> args,
      List<Evidence> evidence) {
    rules.add(
        new Rule.Range(
            id, List.of(there), Term.parse(within), Sentences.saying(sentence, args), evidence));
  }

  private static List<Evidence> evidence(Probe probe, String label, Run<Integer> run) {
    return List.of(
        new Evidence(
            "class-file",
            "%s in the %s of %s %s: Java %d"
                .formatted(probe.type(), probe.artifact(), label, run.words(), run.read())));
  }
}
