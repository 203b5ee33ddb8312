package vividtrellis.core.version;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class VersionTest {

  @Test
  void ordersAsItsCommentSays() {
    List<String> ordered =
        List.of(
            "4.1.0-alpha1", "4.1.0-M1", "4.1.0-M2", "4.1.0-RC1", "4.1.0", "4.1.2", "4.1.10", "5");
    List<String> shuffled =
        List.of(
            "5", "4.1.10", "4.1.0-RC1", "4.1.0-M2", "4.1.0", "4.1.0-alpha1", "4.1.2", "4.1.0-M1");

    assertThat(shuffled.stream().map(Version::new).sorted().map(Version::text)).isEqualTo(ordered);
    assertThat(new Version("4.1")).isEqualByComparingTo(new Version("4.1.0"));
    assertThat(new Version("7.2.25.Final")).isEqualByComparingTo(new Version("7.2.25"));
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "v1", "1..2", "1.2-", "4.1.$x", "1.2 ", "99999999999"})
  void refusesWhatIsNone(String text) {
    assertThat(Version.isVersion(text)).isFalse();
    assertThatIllegalArgumentException().isThrownBy(() -> new Version(text));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "[3.5,4.0)  | 3.5.16    | true",
        "[3.5,4.0)  | 3.5       | true",
        "[3.5,4.0)  | 4.0.0     | false",
        "[3.5,4.0)  | 4.0.0-M1  | false",
        "[3.5,4.0]  | 4.0.0     | true",
        "(3.5,4.0)  | 3.5.0     | false",
        "[17,)      | 25        | true",
        "[17,)      | 11        | false",
        "(,17]      | 17        | true",
        "[4.1.2]    | 4.1.2     | true",
        "[4.1.2]    | 4.1.3     | false",
        "*          | 1.0-M1    | true",
      })
  void rangesHoldWhatTheirCommentSays(String range, String version, boolean holds) {
    assertThat(VersionRange.parse(range).holds(new Version(version))).isEqualTo(holds);
  }

  @ParameterizedTest
  @ValueSource(strings = {"3.5", "[4,3]", "[1,2", "1,2)", "[a,b]", ""})
  void refusesRangesThatAreNone(String text) {
    assertThatIllegalArgumentException().isThrownBy(() -> VersionRange.parse(text));
  }
}
