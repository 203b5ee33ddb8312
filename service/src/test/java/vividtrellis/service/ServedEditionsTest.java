package vividtrellis.service;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import vividtrellis.core.compat.judging.Editions;

/** A folder with an edition that somebody is writing. */
class ServedEditionsTest {

  private static final String DATA =
      """
      builds: [{ id: maven, label: Maven, summary: S., documentation: "https://s.example", versions: [3.9] }]
      languages: [{ id: java, label: Java, summary: S., documentation: "https://s.example", levels: [{ level: 21 }] }]
      frameworks: [{ id: frame, label: Frame, summary: S., documentation: "https://s.example" }]
      packagings: [{ id: jar, label: Jar, summary: S., documentation: "https://s.example" }]
      samples: [{ id: none, label: None, summary: S., documentation: "https://s.example" }]
      layouts: [{ id: flat, label: Flat, summary: S., documentation: "https://s.example" }]
      categories: [{ id: any, label: Any }]
      starters: [{ id: web, label: Web, summary: S., documentation: "https://s.example", verb: answers, category: any, bindings: [{ when: ["framework:frame"] }] }]
      """;

  @TempDir Path folder;

  private void write(String data) throws IOException {
    Files.writeString(folder.resolve("edition.yaml"), "edition: 2099-01\nfiles: [data.yaml]\n");
    Files.writeString(folder.resolve("data.yaml"), data);
  }

  private static String label(ServedEditions served) {
    return served.now().current().edition().starters().get(0).about().label();
  }

  @Test
  void aChangeCountsOnceAllOfItIsSound() throws IOException {
    write(DATA);
    try (ServedEditions served = new ServedEditions(Optional.of(folder), "")) {
      Editions first = served.now();
      served.again();
      assertThat(served.now()).isSameAs(first);

      write(DATA.replace("label: Web", "label: Wide Web"));
      served.again();
      assertThat(label(served)).isEqualTo("Wide Web");

      write(
          DATA.replace("label: Web", "label: Broken Web").replace("category: any", "category: no"));
      served.again();
      assertThat(label(served)).isEqualTo("Wide Web");

      Files.delete(folder.resolve("data.yaml"));
      served.again();
      assertThat(label(served)).isEqualTo("Wide Web");

      write(DATA.replace("label: Web", "label: Mended Web"));
      served.again();
      assertThat(label(served)).isEqualTo("Mended Web");
    }
  }
}
