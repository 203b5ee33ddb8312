package vividtrellis.core.catalog;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vividtrellis.core.TestEdition;

class EditionLoaderTest {

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "summary: Builds.       | sumary: Builds.        | all.yaml:2: unknown key 'sumary'",
        "summary: Builds.       | sumary: Builds.        | all.yaml:2: 'summary' is missing",
        "versions: [1.0.9]      | versions: [one]        | all.yaml:20: 'one' is no version",
        "starter:driver-b\"]    | starter:driver-z\"]    | names a starter that is not there",
        "kind: clashes          | kind: fights           | 'fights' is no kind",
        "template: Main.java,   | template: Mian.java,   | there is no template 'Mian.java'",
        "jvm:[26,)              | jvm:[26                | is no version range",
        "id: driver-b           | id: driver-a           | 'driver-a' is there twice",
        "kind: class-file       | kind: hearsay          | 'hearsay' is no kind of evidence",
        "category: any          | category: none         | its category 'none' is none",
      })
  void namesFileLineAndReasonOfEachFault(String good, String bad, String fault) {
    InvalidEdition e =
        catchThrowableOfType(
            InvalidEdition.class,
            () ->
                EditionLoader.load(
                    name -> TestEdition.file(name).map(text -> text.replace(good, bad))));

    assertThat(e.faults().toString()).contains(fault);
  }

  @Test
  void tellsAllFaultsTogetherAndMissingFilesToo() {
    InvalidEdition e =
        catchThrowableOfType(
            InvalidEdition.class, () -> EditionLoader.load(name -> Optional.<String>empty()));
    assertThat(e.faults()).hasSizeGreaterThan(3);

    Edition edition = TestEdition.load();
    Edition other =
        EditionLoader.load(
            name -> TestEdition.file(name).map(t -> t.replace("Packs.", "Packs it.")));
    assertThat(List.of(edition.digest())).doesNotContain(other.digest());
    assertThat(edition.digest()).isEqualTo(TestEdition.load().digest());
  }
}
