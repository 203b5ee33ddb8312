package vividtrellis.catalog;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.catalog.InvalidEdition;
import vividtrellis.core.compat.Verdict;
import vividtrellis.core.compat.judging.Verdicts;
import vividtrellis.core.pack.Receipt;

class EditionRepositoryTest {

  private static final String DATA =
      """
      builds: [{ id: maven, label: Maven, summary: S., documentation: "https://s.example", versions: [3.9.1] }]
      languages: [{ id: java, label: Java, summary: S., documentation: "https://s.example", levels: [{ level: 21, long-term: yes }] }]
      frameworks: [{ id: frame, label: Frame, summary: S., documentation: "https://s.example" }]
      packagings: [{ id: jar, label: Jar, summary: S., documentation: "https://s.example" }]
      samples: [{ id: none, label: None, summary: S., documentation: "https://s.example" }]
      layouts: [{ id: flat, label: Flat, summary: S., documentation: "https://s.example" }]
      categories: [{ id: any, label: Any }]
      starters: [{ id: web, label: Web, summary: S., documentation: "https://s.example", verb: answers, category: any, bindings: [{ when: ["framework:frame"] }] }]
      """;

  @TempDir Path folder;

  private void edition(String name, String number, String data) throws IOException {
    Path home = Files.createDirectories(folder.resolve(name));
    String files = name.equals("outside") ? "[../secret.yaml]" : "[data.yaml]";
    Files.writeString(
        home.resolve("edition.yaml"),
        "edition: %s\nfiles: %s\ntemplates: []\n".formatted(number, files));
    Files.writeString(home.resolve("data.yaml"), data);
  }

  @Test
  void soundEditionsAreServedAndTheNewestIsCurrent() throws IOException {
    edition("old", "2025-06", DATA);
    edition("new", "2099-01", DATA);
    Brief brief = Brief.empty().with(Key.NAME, "tide-board");

    EditionRepository repository = EditionRepository.load(Optional.of(folder));

    assertThat(repository.broken()).isEmpty();
    assertThat(repository.editions().ids()).containsExactly("2099-01", "2026-11", "2025-06");
    assertThat(repository.editions().of(brief).judge(brief, 2026).edition()).isEqualTo("2099-01");
    Brief pinned = brief.with(Key.EDITION, "2025-06");
    assertThat(repository.editions().of(pinned).judge(pinned, 2026).edition()).isEqualTo("2025-06");
    Brief unknown = brief.with(Key.EDITION, "1999-01");
    assertThat(repository.editions().of(unknown).judge(unknown, 2026).findings().get(0).because())
        .contains("2099-01", "2026-11", "2025-06");
  }

  @Test
  void anInstallationPutsItsOwnReachInPlaceAndACompletedBriefGivesTheSameBytes()
      throws IOException {
    Path own = folder.resolve("own-reach.yaml");
    Files.writeString(
        own,
        """
        reach: 1
        read-on: 2026-11-27
        holes: [{ root: "org.springframework.boot:spring-boot-starter-validation", of: "spring-boot@4.1.2", lacks: ["a:b:jar:1"] }]
        whole: {}
        """);
    Brief brief = Brief.empty().with(Key.NAME, "tide-board").withStarters(List.of("validation"));
    Verdicts shipped = EditionRepository.load(Optional.empty()).editions().current();
    Verdicts off = EditionRepository.load(Optional.empty(), "off").editions().current();
    Verdicts ours = EditionRepository.load(Optional.empty(), own.toString()).editions().current();

    assertThat(off.judge(brief, 2026).brief().get(Key.FRAMEWORK)).contains("spring-boot@4.1.2");
    assertThat(ours.judge(brief, 2026).brief().get(Key.FRAMEWORK)).contains("spring-boot@4.1.1");
    assertThat(List.of(shipped, off, ours))
        .extracting(each -> each.edition().identity())
        .doesNotHaveDuplicates();

    Brief completed = ours.judge(brief, 2026).brief();
    assertThat(List.of(shipped, off, ours))
        .extracting(each -> project(each, completed))
        .containsOnly(project(ours, completed));
    assertThat(project(ours, brief)).contains(ours.edition().reach().id());

    Files.writeString(own, "reach: 2");
    assertThatThrownBy(() -> EditionRepository.load(Optional.empty(), own.toString()))
        .isInstanceOf(InvalidEdition.class)
        .hasMessageContaining("vivid audit --reach");
  }

  private static String project(Verdicts verdicts, Brief brief) {
    Verdict verdict = verdicts.judge(brief, 2026);
    return Receipt.added(
            TestedEdition.files(verdict, verdicts.edition()),
            verdict.brief(),
            verdict.edition(),
            verdict.usedReach(),
            "0.1.0")
        .files()
        .toString();
  }

  @Test
  void aBrokenEditionIsToldWithAllItsFaultsAndNeverServed() throws IOException {
    edition("typing", "2099-02", DATA.replace("label: Maven", "lable: Maven"));
    edition("twin", "2026-11", DATA);
    edition("outside", "2099-03", DATA);
    edition(
        "stuck",
        "2099-04",
        DATA
            + """
            rules:
              - { id: none-at-all, kind: clashes, when: ["jvm:[21,)"], because: Nothing goes., evidence: [{ kind: pom, source: x }] }
            """);
    Files.writeString(folder.resolve("secret.yaml"), DATA);
    Files.createDirectories(folder.resolve("empty"));

    EditionRepository repository = EditionRepository.load(Optional.of(folder));

    assertThat(repository.editions().ids()).containsExactly("2026-11");
    assertThat(repository.broken().get("typing").toString())
        .contains("data.yaml:1: unknown key 'lable'", "'label' is missing");
    assertThat(repository.broken().get("twin").toString()).contains("another edition", "2026-11");
    assertThat(repository.broken().get("outside").toString()).contains("no such file");
    assertThat(repository.broken().get("stuck").toString()).contains("Nothing goes.");
    assertThat(repository.broken().get("empty").toString()).contains("no such file");
  }
}
