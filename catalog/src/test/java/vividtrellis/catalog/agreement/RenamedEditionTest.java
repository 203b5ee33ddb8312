package vividtrellis.catalog.agreement;

import static org.assertj.core.api.Assertions.assertThat;
import static vividtrellis.catalog.TestedEdition.RENAMED;
import static vividtrellis.catalog.TestedEdition.SHIPPED;

import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import vividtrellis.catalog.TestedEdition;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.compat.Verdict;
import vividtrellis.core.render.FileSet.GeneratedFile;

/** What is said and written, once the words are changed back, is what the shipped edition gives. */
class RenamedEditionTest {

  private static Brief renamed(Brief brief) {
    return brief.with(Key.FRAMEWORK, RENAMED.words(brief.require(Key.FRAMEWORK)));
  }

  private static String told(Verdict verdict) {
    return String.join(
        "\n",
        String.valueOf(verdict.findings()),
        String.valueOf(verdict.filledIn()),
        String.valueOf(verdict.offers()));
  }

  private static Map<String, String> files(Verdict verdict, TestedEdition tested) {
    Map<String, String> files = new TreeMap<>();
    for (GeneratedFile file : tested.files(verdict).files()) {
      String all = file.text() + file.purpose() + file.traces();
      files.put(file.path(), tested.shippedWords(all));
    }
    return files;
  }

  @ParameterizedTest
  @ValueSource(longs = {41, 42, 43, 44, 45, 46, 47, 48, 49, 50, 51, 52})
  void drawnBriefsGiveTheSameVerdictsGridsAndFiles(long seed) {
    Brief brief = new Drawing(SHIPPED, seed).brief();
    assertThat(RENAMED.shippedWords(told(RENAMED.judge(renamed(brief)))))
        .isEqualTo(told(SHIPPED.judge(brief)));
    assertThat(RENAMED.shippedWords(RENAMED.verdicts().lattice(renamed(brief)).toString()))
        .isEqualTo(SHIPPED.verdicts().lattice(brief).toString());

    Optional<Verdict> written = new Drawing(SHIPPED, seed).verdict();
    written.ifPresent(
        verdict -> {
          Verdict other = RENAMED.verdicts().settle(renamed(verdict.brief()), 2026);
          Map<String, String> renamed = files(other, RENAMED);
          Map<String, String> plain = files(verdict, SHIPPED);
          assertThat(renamed.keySet()).isEqualTo(plain.keySet());
          assertThat(renamed)
              .allSatisfy((path, text) -> assertThat(text).as(path).isEqualTo(plain.get(path)));
        });
  }

  @Test
  void nothingOfTheNameIsLeft() {
    Edition edition = RENAMED.edition();
    assertThat(edition.frameworks().toString() + edition.starters() + edition.rules())
        .doesNotContain("spring-boot")
        .doesNotContain("Spring Boot")
        .contains("tide-frame");
  }
}
