package vividtrellis.bench;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import vividtrellis.core.catalog.Options.Framework;

class NarrowTest {

  /** It is cut out of the shipped edition by its text, which changes. */
  @Test
  void theEditionThatOthersAreMeasuredAgainstIsOneOfItsOwn() {
    assertThat(Narrow.edition().frameworks())
        .extracting(Framework::id)
        .containsExactly("spring-boot", "none");
  }
}
