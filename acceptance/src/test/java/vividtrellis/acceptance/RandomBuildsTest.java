package vividtrellis.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import vividtrellis.acceptance.RealBuild.Reached;
import vividtrellis.core.compat.Verdict;

/**
 * What is accepted without any caution but that of age is built, tested, started and asked,
 * whatever was drawn. One brief a day; with {@code -Drandom=N} as many, which writes {@code
 * docs/random-builds.md}.
 */
class RandomBuildsTest {

  private static final Path TABLE = Product.CHECKOUT.resolve("docs/random-builds.md");

  @TempDir Path temp;

  @Test
  void whatIsAcceptedWithoutCautionBuilds() throws Exception {
    int count = Integer.getInteger("random", 1);
    long today = LocalDate.now(ZoneOffset.UTC).toEpochDay();
    long seed = Long.getLong("seed", today);
    RandomBriefs drawn = new RandomBriefs(seed);
    List<Reached> all = new ArrayList<>();
    try (LocalServers servers = LocalServers.start(temp);
        RealBuild builds = new RealBuild(temp, servers)) {
      while (all.size() < count) {
        Verdict verdict = drawn.next();
        if (System.getProperty("random") == null && !isMaven(verdict)) {
          continue;
        }
        all.add(builds.reach(verdict));
        System.out.println(all.get(all.size() - 1));
        if (System.getProperty("random") != null) {
          Files.writeString(TABLE, text(seed, drawn.looked(), all, count));
        }
      }
    }
    assertThat(all).filteredOn(Reached::isFailed).isEmpty();
  }

  /** The build of the day is one of Gradle often enough, and takes longer. */
  private static boolean isMaven(Verdict verdict) {
    return verdict.selection().orElseThrow().build().equals("maven");
  }

  private static String text(long seed, int looked, List<Reached> all, int count)
      throws IOException {
    return """
    # What was drawn and built

    Written by `./verify --random %d --seed %d`: briefs drawn with that seed, over all lines, languages, levels,
    packagings, samples, layouts, 1 to 8 starters and extras, of which the check accepts each without any caution but
    that of age. %d were looked at. *Built* with its tests, Maven by its own wrapper, Gradle by code of Gradle %s,
    *started* from the packaged file, *answered* over HTTP; PostgreSQL and an identity provider are here, other servers are not, and
    their projects are not started.

    """
            .formatted(count, seed, looked, GradleBuild.ownVersion())
        + BuildTable.of(all, count);
  }
}
