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
 * {@code docs/builds.md}, and with the id of a build system those of that one.
 */
class BuildsTest {

  private static final Path KEPT = Product.CHECKOUT.resolve(".state/builds.tsv");
  private static final Path TABLE = Product.CHECKOUT.resolve("docs/builds.md");

  @TempDir Path temp;

  @Test
  void whatTheVerdictAcceptsBuilds() throws Exception {
    List<Verdict> cases = BuildCases.all();
    String asked = System.getProperty("builds", "few");
    boolean all = asked.equals("all");
    if (!all && !asked.equals("few")) {
      cases =
          cases.stream().filter(v -> v.selection().orElseThrow().build().equals(asked)).toList();
    } else if (!all) {
      cases = List.of(today(cases, today()));
    }
    Map<String, Reached> known = all ? known() : new LinkedHashMap<>();
    List<Reached> faults = new ArrayList<>();
    Map<String, Reached> current = new LinkedHashMap<>();
    try (LocalServers servers = LocalServers.start(temp);
        RealBuild builds = new RealBuild(temp, servers)) {
      for (Verdict verdict : cases) {
        String files = RealBuild.files(verdict).files().toString();
        String digest = Receipt.digest(files).substring(0, 16);
        Reached reached = known.get(digest);
        if (reached == null || reached.isFailed()) {
          reached = builds.reach(verdict);
          if (all) {
            keep(digest, reached);
          }
        }
        current.put(digest, reached);
        System.out.println(reached);
        if (all) {
          write(current, cases.size());
        }
        if (reached.isFailed()) {
          faults.add(reached);
        }
      }
    }
    assertThat(faults).isEmpty();
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

  private static void write(Map<String, Reached> all, int cases) throws IOException {
    String text =
        """
        # What was built

        Written by `./verify --builds`. For each framework, each two values of line, language with level,
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
        TABLE, text.formatted(GradleBuild.ownVersion()) + BuildTable.of(all.values(), cases));
  }
}
