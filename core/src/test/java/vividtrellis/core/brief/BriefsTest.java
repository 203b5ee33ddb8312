package vividtrellis.core.brief;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.util.List;
import org.junit.jupiter.api.Test;
import vividtrellis.core.document.Documents.Notation;
import vividtrellis.core.document.UnreadableDocument;
import vividtrellis.core.document.UnreadableDocument.Fault;

class BriefsTest {

  /** Every key of a brief, so that a key that one side forgets is seen. */
  private static final String WHOLE =
      """
      brief: 1
      project:
        name: berth-booking
        group: example.saltmarsh
        title: Berth Booking
        summary: "Books berths: arriving 'ferries'"
        package: example.saltmarsh.berthbooking
        entry: BerthBooking
        database: berth_booking
        version: "1.10"
        organisation: Saltmarsh Ferries
        licence: Apache-2.0
        year: 2026
      build: maven@3.9.16
      language: java@21
      jvm: 21
      jdk: 25
      alongside: kotlin
      framework: spring-boot@4.1
      packaging: jar
      starters:
        - http-api
        - postgresql
      settings:
        port: 8085
        format: yaml
        mirror: somewhere
        threads: virtual
        managementPort: 8086
      extras:
        - container
      sample: endpoint
      entity:
        name: Berth
        holds:
          label: text..80 unique
          state: free|taken
      layout: by-layer
      edition: 2026-11
      variants:
        small:
          starters: []
      """;

  @Test
  void everyKeySurvivesTheWayThroughBothNotations() {
    Brief brief = Briefs.read(WHOLE, Notation.YAML);

    assertThat(brief.texts().keySet()).containsExactly(Key.values());
    for (Notation notation : Notation.values()) {
      Brief again = Briefs.read(Briefs.write(brief, notation), notation);
      assertThat(again.texts()).isEqualTo(brief.texts());
      assertThat(again.starters()).containsExactly("http-api", "postgresql");
      assertThat(again.extras()).containsExactly("container");
      assertThat(again.variants().values()).containsOnlyKeys("small");
    }
    assertThat(Briefs.write(brief, Notation.JSON))
        .contains("\"port\" : 8085", "\"managementPort\" : 8086", "\"1.10\"");
  }

  @Test
  void tellsAllThatIsWrongTogetherWithTheNearestKey() {
    UnreadableDocument e =
        catchThrowableOfType(
            UnreadableDocument.class,
            () ->
                Briefs.read(
                    """
                    projct: { name: x }
                    project: { nmae: x }
                    framework: [spring-boot]
                    starters: http-api
                    settings: none
                    brief: 7
                    """,
                    Notation.YAML));

    assertThat(e.faults())
        .extracting(Fault::pointer, Fault::suggestion)
        .contains(
            org.assertj.core.groups.Tuple.tuple("#/projct", "project"),
            org.assertj.core.groups.Tuple.tuple("#/project/nmae", "name"));
    assertThat(e.faults())
        .extracting(Fault::pointer)
        .contains("#/framework", "#/starters", "#/settings", "#/brief");
  }

  @Test
  void aListOrATextIsNoBrief() {
    assertThatThrownBy(() -> Briefs.read("[]", Notation.JSON)).hasMessageContaining("a list");
    assertThatThrownBy(() -> Briefs.read("", Notation.YAML)).hasMessageContaining("nothing");
    assertThat(Briefs.read("project: {name: x, title: ' '}\nbuild:\n", Notation.YAML).texts())
        .containsOnlyKeys(Key.NAME);
    String many = "starters: [" + "a,".repeat(201) + "]";
    assertThatThrownBy(() -> Briefs.read(many, Notation.YAML)).hasMessageContaining("201");
  }

  @Test
  void wordsAndPicksSayWhatADocumentSays() {
    Brief words = Brief.empty();
    for (String word :
        List.of(
            "name=tide-board", "settings.port=8085", "+http-api", "+container", "starters=h2,h2")) {
      words = PickWords.applyWord(words, word, List.of("container"));
    }
    Brief picks = Brief.empty();
    for (String pick :
        List.of("name:tide-board", "port:8085", "starter:h2", "starter:h2", "extra:container")) {
      picks = PickWords.applyPick(picks, pick);
    }

    assertThat(words).isEqualTo(picks);
    assertThat(words.starters()).containsExactly("h2", "h2");
    assertThat(PickWords.applyWord(words, "port=", List.of()).get(Key.PORT)).isEmpty();
    assertThatThrownBy(() -> PickWords.applyWord(Brief.empty(), "nmae=x", List.of()))
        .isInstanceOf(PickWords.UnknownWord.class)
        .hasMessageContaining("name");
    assertThatThrownBy(() -> PickWords.applyPick(Brief.empty(), "http-api"))
        .isInstanceOf(PickWords.UnknownWord.class);
  }

  @Test
  void aVariantIsTheBriefWithItsDifferencesMergedIn() {
    Brief brief =
        Briefs.read(
            """
            project: { name: fare-ledger, title: Fares }
            starters: [http-api, sql-orm]
            framework: spring-boot@4.1
            variants:
              plain: { starters: null, project: { title: null, summary: Plain } }
              old: { framework: spring-boot@3.5, starters: [http-api], default: yes }
              wrong: { framwork: x }
            """,
            Notation.YAML);

    Brief plain = Variants.of(brief, "plain");
    assertThat(plain.starters()).isEmpty();
    assertThat(plain.texts())
        .containsOnlyKeys(Key.NAME, Key.SUMMARY, Key.FRAMEWORK)
        .containsEntry(Key.SUMMARY, "Plain");
    assertThat(Variants.meant(brief)).isEqualTo(Variants.of(brief, "old"));
    assertThat(Variants.differences(brief, Variants.of(brief, "old")))
        .containsExactly("framework=spring-boot@3.5", "-sql-orm");
    assertThatThrownBy(() -> Variants.of(brief, "wrong"))
        .extracting(e -> ((UnreadableDocument) e).faults().get(0).pointer())
        .isEqualTo("#/variants/wrong/framwork");
    assertThatThrownBy(() -> Variants.of(brief, "olt"))
        .extracting(e -> ((UnreadableDocument) e).faults().get(0).suggestion())
        .isEqualTo("old");
    Brief two =
        Briefs.read("variants: { a: { default: yes }, b: { default: true } }", Notation.YAML);
    assertThatThrownBy(() -> Variants.meant(two)).isInstanceOf(UnreadableDocument.class);
  }
}
