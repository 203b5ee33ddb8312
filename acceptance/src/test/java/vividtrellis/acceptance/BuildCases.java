package vividtrellis.acceptance;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import vividtrellis.catalog.ShippedEdition;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.brief.PickWords;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.compat.Verdict;
import vividtrellis.core.compat.judging.Verdicts;

/**
 * Briefs to build, for each framework: each two values of line, language with level, build system,
 * packaging, sample and layout meet in one of them where the verdict lets them, and each starter is
 * in one at least.
 */
final class BuildCases {

  /** Lines of each framework, the one to begin with first. */
  private static final List<List<String>> FRAMEWORKS =
      List.of(
          List.of("spring-boot@4.1", "spring-boot@4.0", "spring-boot@3.5", "spring-boot@3.4"),
          List.of("micronaut@4.10", "micronaut@5.0"),
          List.of("quarkus@3.38", "quarkus@3.33", "quarkus@3.20"),
          List.of("javafx@25", "javafx@26", "javafx@21", "javafx@17"));

  private static final List<List<String>> AXES =
      List.of(
          List.of(
              "language=java@17",
              "language=java@21",
              "language=java@25",
              "language=kotlin jvm=17",
              "language=kotlin jvm=25",
              "language=groovy jvm=17",
              "language=groovy jvm=25",
              "language=java@17 alongside=kotlin",
              "language=java@21 alongside=groovy"),
          List.of("maven", "gradle-kotlin", "gradle-groovy"),
          List.of("jar", "war"),
          List.of("walkthrough", "endpoint", "none"),
          List.of("by-feature", "by-layer"));

  private static final int MOST_STARTERS = 4;
  private static final int DRAWN = 200;

  private final Edition edition = ShippedEdition.load();
  private final Verdicts verdicts = new Verdicts(edition);
  private final Random random = new Random(2026);
  private final List<String> lines;
  private final List<List<String>> axes = new ArrayList<>();
  private final Set<String> met = new HashSet<>();
  private final Set<String> starters = new LinkedHashSet<>();

  private BuildCases(List<String> lines) {
    this.lines = lines;
    axes.add(lines);
    axes.addAll(AXES);
  }

  /** The same cases every time, for one edition. */
  static List<Verdict> all() {
    return FRAMEWORKS.stream().flatMap(lines -> new BuildCases(lines).cover().stream()).toList();
  }

  private List<Verdict> cover() {
    List<Verdict> cases = new ArrayList<>();
    edition.starters().forEach(starter -> starters.add(starter.id()));
    for (int empty = 0; empty < 3; ) {
      List<String> best = List.of();
      int most = 0;
      for (int i = 0; i < DRAWN; i++) {
        List<String> drawn = axes.stream().map(a -> a.get(random.nextInt(a.size()))).toList();
        int more = (int) pairs(drawn).stream().filter(pair -> !met.contains(pair)).count();
        if (more > most && fitting(brief(drawn)).isPresent()) {
          most = more;
          best = drawn;
        }
      }
      if (most == 0) {
        empty++;
      } else {
        met.addAll(pairs(best));
        cases.add(filled(brief(best)));
      }
    }
    while (!starters.isEmpty()) {
      int before = starters.size();
      Verdict more = filled(brief(List.of(lines.get(0), "", "maven", "jar", "none", "by-feature")));
      if (starters.size() < before) {
        cases.add(more);
      } else {
        String alone = starters.iterator().next();
        starters.remove(alone);
        alone(alone).ifPresent(cases::add);
      }
    }
    return cases;
  }

  private static List<String> pairs(List<String> drawn) {
    List<String> pairs = new ArrayList<>();
    for (int a = 0; a < drawn.size(); a++) {
      for (int b = a + 1; b < drawn.size(); b++) {
        pairs.add(drawn.get(a) + " & " + drawn.get(b));
      }
    }
    return pairs;
  }

  private Brief brief(List<String> drawn) {
    Brief brief =
        Brief.empty()
            .with(Key.NAME, "crossing-manifest")
            .with(Key.GROUP, "saltmarsh.example")
            .with(Key.FRAMEWORK, drawn.get(0))
            .with(Key.BUILD, drawn.get(2))
            .with(Key.PACKAGING, drawn.get(3))
            .with(Key.SAMPLE, drawn.get(4))
            .with(Key.LAYOUT, drawn.get(5));
    for (String word : drawn.get(1).isEmpty() ? new String[0] : drawn.get(1).split(" ", -1)) {
      brief = PickWords.applyWord(brief, word, List.of());
    }
    if (!drawn.get(2).equals("maven") && drawn.get(1).contains("@21")) {
      // A tool chain is one JDK and no other, and no JDK 21 is in Debian's packages.
      brief = brief.with(Key.JDK, "25");
    }
    boolean web = drawn.get(3).equals("war") || drawn.get(4).equals("endpoint");
    return web ? brief.withStarters(List.of("http-api")) : brief;
  }

  private Optional<Verdict> fitting(Brief brief) {
    Verdict verdict = verdicts.judge(brief, 2026);
    return verdict.isWritable() ? Optional.of(verdict) : Optional.empty();
  }

  /** With as many of the starters that are still to come as it bears, and what those need. */
  private Verdict filled(Brief brief) {
    // A Gradle case whose JDK is not here is evaluated only, which is no proof of a starter.
    boolean built = brief.require(Key.BUILD).equals("maven");
    Brief grown = brief;
    for (String starter : List.copyOf(starters)) {
      if (grown.starters().size() >= MOST_STARTERS) {
        break;
      }
      List<String> more = new ArrayList<>(grown.starters());
      if (!more.contains(starter)) {
        more.add(starter);
      }
      Brief tried = grown.withStarters(more);
      Verdict verdict = verdicts.judge(tried, 2026);
      if (!verdict.isWritable() && !verdict.findings().get(0).remedies().isEmpty()) {
        Brief helped = verdict.findings().get(0).remedies().get(0).result();
        tried = helped.starters().containsAll(more) ? helped : tried;
      }
      if (sameBase(tried, brief) && fitting(tried).isPresent()) {
        grown = tried;
        if (built) {
          starters.removeAll(tried.starters());
        }
      }
    }
    return fitting(grown).orElseThrow();
  }

  private static boolean sameBase(Brief one, Brief other) {
    return one.texts().equals(other.texts());
  }

  /** A starter that no base bears: on the first line that does, of no other framework. */
  private Optional<Verdict> alone(String starter) {
    for (String line : lines) {
      Brief brief = brief(List.of(line, "", "maven", "jar", "none", "by-feature"));
      Verdict verdict = verdicts.judge(brief.withStarters(List.of(starter)), 2026);
      if (verdict.isWritable()) {
        return Optional.of(verdict);
      }
      var ways = verdict.findings().get(0).remedies();
      if (!ways.isEmpty() && ways.get(0).result().starters().contains(starter)) {
        Optional<Verdict> other = fitting(ways.get(0).result());
        String framework = line.replaceFirst("@.*", "");
        return other.filter(each -> each.selection().orElseThrow().framework().equals(framework));
      }
    }
    return Optional.empty();
  }
}
