package vividtrellis.bench;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.compat.judging.Verdicts;

/** A measurement that is rarely made is not found broken when it is needed. */
class SyntheticTest {

  @Test
  void aDrawnEditionHasWhatWasAskedForAndCanBeJudged() {
    Edition edition = Synthetic.edition(60, 12, 150);

    assertThat(edition.starters()).hasSize(60);
    assertThat(edition.frameworks().get(0).lines()).hasSize(4);
    Brief brief = Brief.empty().with(Key.NAME, "berth-booking");
    assertThat(new Verdicts(edition).judge(brief, 2026).fits()).isTrue();
  }
}
