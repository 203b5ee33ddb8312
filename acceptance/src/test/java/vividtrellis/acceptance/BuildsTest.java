package vividtrellis.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import vividtrellis.acceptance.RealBuild.Reached;
import vividtrellis.catalog.ShippedEdition;
import vividtrellis.core.catalog.Options.BuildSystem;
import vividtrellis.core.compat.Verdict;
import vividtrellis.core.pack.Receipt;

/**
 * What the verdict accepts is built, started and asked. One case a day, of one build system after
 * the other; with {@code -Dbuilds=all} every one, which goes on where it was stopped and writes
 * {@code docs/builds.md}, and with the id of a framework those of that one and its part of the
 * file.
 */
class BuildsTest {

  private static final Path KEPT = Product.CHECKOUT.resolve(".state/builds.tsv");
  private static final Path TABLE = Product.CHECKOUT.resolve("docs/builds.md");

  @TempDir Path temp;

  @Test
  void whatTheVerdictAcceptsBuilds() throws Exception {
    List<Verdict> cases = BuildCases.all();
    String asked = System.getProperty("builds", "few");
    boolean some = !asked.equals("few");
    if (some && !asked.equals("all")) {
      cases = cases.stream().filter(each -> framework(each).equals(asked)).toList();
      assertThat(cases).as("of the framework " + asked).isNotEmpty();
    } else if (!some) {
      cases = List.of(today(cases, today()));
    }
    Map<String, Long> counts =
        cases.stream().collect(Collectors.groupingBy(BuildsTest::framework, Collectors.counting()));
    Map<String, Reached> known = some ? known() : new LinkedHashMap<>();
    List<Reached> faults = new ArrayList<>();
    Map<String, List<Reached>> current = new LinkedHashMap<>();
    try (LocalServers servers = LocalServers.start(temp);
        RealBuild builds = new RealBuild(temp, servers)) {
      for (Verdict verdict : cases) {
        String files = RealBuild.files(verdict).files().toString();
        String digest = Receipt.digest(files).substring(0, 16);
        Reached reached = known.get(digest);
        if (reached == null || reached.isFailed()) {
          reached = builds.reach(verdict);
          if (some) {
            keep(digest, reached);
          }
        }
        String framework = framework(verdict);
        current.computeIfAbsent(framework, each -> new ArrayList<>()).add(reached);
        System.out.println(reached);
        if (some) {
          write(framework, current.get(framework), counts.get(framework));
        }
        if (reached.isFailed()) {
          faults.add(reached);
        }
      }
    }
    assertThat(faults).isEmpty();
  }

  private static String framework(Verdict verdict) {
    return verdict.selection().orElseThrow().framework();
  }

  /** The build system of the day. */
  private static String today() {
    List<BuildSystem> builds = ShippedEdition.load().builds();
    return builds.get((int) (LocalDate.now(ZoneOffset.UTC).toEpochDay() % builds.size())).id();
  }

  /** One of those for a build system that a JDK is here for; another one tomorrow. */
  private static Verdict today(List<Verdict> cases, String build) {
    List<Verdict> some =
        cases.stream()
            .filter(v -> v.selection().orElseThrow().build().equals(build))
            .filter(RealBuild::canBuild)
            .toList();
    long day = LocalDate.now(ZoneOffset.UTC).toEpochDay();
    return some.get((int) (day % some.size()));
  }

  private static Map<String, Reached> known() throws IOException {
    Map<String, Reached> known = new LinkedHashMap<>();
    for (String line : Files.exists(KEPT) ? Files.readAllLines(KEPT) : List.<String>of()) {
      String[] parts = line.split("\t", -1);
      known.put(parts[0], new Reached(parts[1], parts[2], Long.parseLong(parts[3]), parts[4]));
    }
    return known;
  }

  private static void keep(String digest, Reached reached) throws IOException {
    Files.createDirectories(KEPT.getParent());
    String line =
        String.join(
            "\t", digest, reached.brief(), reached.how(), reached.seconds() + "", reached.note());
    Files.writeString(KEPT, line + "\n", StandardOpenOption.CREATE, StandardOpenOption.APPEND);
  }

  /** Writes the part of one framework; those of others stay as they are. */
  private static void write(String framework, List<Reached> reached, long cases)
      throws IOException {
    String before = Files.exists(TABLE) ? Files.readString(TABLE) : "";
    Map<String, String> parts = new TreeMap<>();
    for (String part : before.split("(?m)^## ", -1)) {
      parts.put(part.lines().findFirst().orElse(""), part);
    }
    parts.values().removeIf(part -> part.isEmpty() || part.startsWith("#"));
    parts.put(framework, framework + "\n\n" + BuildTable.of(reached, cases));
    String text =
        """
        # What was built

        Written by `./verify --builds`, framework by framework. For each, each two values of line, language with level,
        build system, packaging, sample and layout meet in one case, and each starter is in one at least. *Built* means
        with its tests, what was compiled being of the level that was picked, and what it resolves being what the effective model
        of Maven says, or the class paths of the same project with Maven; *started* from the packaged file, *answered* over
        HTTP. *Not fetchable here* is what the check said beforehand. Level 21 is built on JDK 25: Maven takes any from 21 on,
        Gradle's tool chain is one JDK, so that the brief picks it. Gradle projects are built by code of Gradle %1$s that says it is
        8.14.5 where Spring Boot 4 asks for that. Of the Kotlin form, settings and plugins block are read as Groovy,
        which they are as well, and all else by the real Kotlin compiler. Unproven: versions after %1$s, configuration
        cache, the download of a real distribution.
        """;
    Files.writeString(
        TABLE,
        text.formatted(GradleBuild.ownVersion())
            + parts.values().stream()
                .map(part -> "\n## " + part.strip() + "\n")
                .collect(Collectors.joining()));
  }
}
