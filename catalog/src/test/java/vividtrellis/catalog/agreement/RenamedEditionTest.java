package vividtrellis.catalog.agreement;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import vividtrellis.catalog.ShippedEdition;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.EditionLoader;
import vividtrellis.core.compat.Verdict;
import vividtrellis.core.compat.judging.Verdicts;
import vividtrellis.core.plan.ProjectPlanner;
import vividtrellis.core.render.FileSet.GeneratedFile;
import vividtrellis.core.render.Renderer;

/**
 * The shipped edition with its framework called something else, in ids, labels, artifacts and names
 * of templates. Whatever the code knew of the framework by its name would be lost.
 */
class RenamedEditionTest {

  private static final Edition RENAMED =
      EditionLoader.load(name -> ShippedEdition.file(back(name)).map(RenamedEditionTest::renamed));
  private static final Verdicts VERDICTS = new Verdicts(RENAMED);

  private static String renamed(String text) {
    return text.replace("spring-boot", "tide-frame").replace("Spring Boot", "Tide Frame");
  }

  private static String back(String text) {
    return text.replace("tide-frame", "spring-boot")
        .replace("Tide Frame", "Spring Boot")
        // Gradle's lists turn dashes into dots.
        .replace("tide.frame", "spring.boot");
  }

  private static Brief renamed(Brief brief) {
    return brief.with(Key.FRAMEWORK, renamed(brief.require(Key.FRAMEWORK)));
  }

  private static String told(Verdict verdict) {
    return String.join(
        "\n",
        String.valueOf(verdict.findings()),
        String.valueOf(verdict.filledIn()),
        String.valueOf(verdict.offers()));
  }

  private static Map<String, String> files(Verdict verdict, Edition edition) {
    Map<String, String> files = new TreeMap<>();
    for (GeneratedFile file :
        Renderer.render(ProjectPlanner.plan(verdict, edition, ShippedEdition.inputs())).files()) {
      files.put(file.path(), back(file.text() + file.purpose() + file.traces()));
    }
    return files;
  }

  @ParameterizedTest
  @ValueSource(longs = {41, 42, 43, 44, 45, 46, 47, 48, 49, 50, 51, 52})
  void drawnBriefsGiveTheSameVerdictsGridsAndFiles(long seed) {
    Brief brief = new Drawing(seed).brief();
    assertThat(back(told(VERDICTS.judge(renamed(brief), 2026))))
        .isEqualTo(told(Drawing.judge(brief)));
    assertThat(back(VERDICTS.lattice(renamed(brief)).toString()))
        .isEqualTo(new Verdicts(Drawing.EDITION).lattice(brief).toString());

    Optional<Verdict> written = new Drawing(seed).verdict();
    written.ifPresent(
        verdict -> {
          Verdict other = VERDICTS.settle(renamed(verdict.brief()), 2026);
          Map<String, String> renamed = files(other, RENAMED);
          Map<String, String> plain = files(verdict, Drawing.EDITION);
          assertThat(renamed.keySet()).isEqualTo(plain.keySet());
          assertThat(renamed)
              .allSatisfy((path, text) -> assertThat(text).as(path).isEqualTo(plain.get(path)));
        });
  }

  @Test
  void nothingOfTheNameIsLeft() {
    assertThat(RENAMED.frameworks().toString() + RENAMED.starters() + RENAMED.rules())
        .doesNotContain("spring-boot")
        .doesNotContain("Spring Boot")
        .contains("tide-frame");
  }
}
