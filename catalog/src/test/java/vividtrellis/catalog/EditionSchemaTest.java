package vividtrellis.catalog;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vividtrellis.core.catalog.EditionLoader;
import vividtrellis.core.catalog.InvalidEdition;
import vividtrellis.core.document.Documents;
import vividtrellis.core.document.Documents.Notation;

/** The published schema of the data files says what the loader does. */
class EditionSchemaTest {

  private static final String FOLDER = "/vividtrellis/catalog/";
  private final Schema schema =
      SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
          .getSchema(text("edition.schema.json"));

  private static String text(String name) {
    try (InputStream in = EditionSchemaTest.class.getResourceAsStream(FOLDER + name)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new AssertionError(name, e);
    }
  }

  private List<Error> faults(String yaml) {
    return schema.validate(yaml, InputFormat.YAML);
  }

  @Test
  void everyDataFileOfTheShippedEditionKeepsToIt() {
    Map<?, ?> index =
        (Map<?, ?>)
            Documents.plain(Documents.readTrusted(text("edition/edition.yaml"), Notation.YAML));
    List<?> files = (List<?>) index.get("files");

    assertThat(files).hasSizeGreaterThan(10);
    assertThat(files).allSatisfy(file -> assertThat(faults(text("edition/" + file))).isEmpty());
  }

  private static final String SMALL =
      """
      builds:
        - { id: maven, label: Maven, summary: S., documentation: "https://s.example", versions: [3.9] }
      languages:
        - id: java
          label: Java
          summary: S.
          documentation: "https://s.example"
          levels: [{ level: 21, long-term: yes }]
      frameworks:
        - id: frame
          label: Frame
          summary: S.
          documentation: "https://s.example"
          environment: "${NAME}"
          profiles: [{ id: shared, path: settings, purpose: S. }]
          lines:
            - { line: 2.0, standing: past, until: 2026-05, standards: { servlet: 6.1 }, source: x, versions: [2.0.1] }
      packagings: [{ id: jar, label: Jar, summary: S., documentation: "https://s.example" }]
      samples: [{ id: none, label: None, summary: S., documentation: "https://s.example" }]
      layouts: [{ id: flat, label: Flat, summary: S., documentation: "https://s.example" }]
      categories: [{ id: any, label: Any }]
      starters:
        - id: web
          label: Web
          summary: S.
          documentation: "https://s.example"
          verb: answers
          category: any
          bindings:
            - when: ["framework:frame *"]
              artifacts: [{ artifact: "a.b:c", version: 1.0, scope: runtime }]
              settings: { shared: { port: 1 } }
      rules:
        - id: web-needs-21
          kind: range
          when: ["starter:web"]
          within: ["jvm:[21,)"]
          because: It does.
          evidence: [{ kind: pom, source: x }]
      """;

  private static Optional<String> file(String name, String data) {
    return switch (name) {
      case "edition.yaml" -> Optional.of("edition: small\nfiles: [all.yaml]\ntemplates: []\n");
      case "all.yaml" -> Optional.of(data);
      default -> Optional.empty();
    };
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '~',
      value = {
        "verb: answers          | verbs: answers",
        "category: any          | sort: any",
        "id: web\\n             | id: Web Api\\n",
        "https://s.example\"    | http://s.example\"",
        "standing: past         | standing: dead",
        "until: 2026-05         | until: May 2026",
        "levels: [{ level: 21,  | versions: [1.0], levels: [{ level: 21,",
        "a.b:c                  | a.b.c",
        "scope: runtime         | scope: sometimes",
        "framework:frame *      | frame:frame *",
        "kind: range            | kind: limits",
        "kind: range            | kind: needs",
        "within: [\"jvm:[21,)\"]| one-of: [\"jvm:[21,)\"]",
        "kind: pom              | kind: hearsay",
        "[{ kind: pom, source: x }] | []",
        "versions: [2.0.1]      | versions: []",
        "environment: \"${NAME}\" | environment: \"${ANY}\"",
        "path: settings         | file: settings",
      })
  void whatItRefusesTheLoaderRefusesToo(String good, String bad) {
    assertThat(faults(SMALL)).isEmpty();
    assertThat(EditionLoader.load(name -> file(name, SMALL)).starters()).hasSize(1);

    String data = SMALL.replace(good.replace("\\n", "\n"), bad.replace("\\n", "\n"));
    if (good.startsWith("levels")) {
      data = SMALL.replace("    levels:", "    versions: [1.0]\n    levels:");
    }
    String broken = data;
    assertThat(broken).isNotEqualTo(SMALL);
    assertThat(faults(broken)).as("the schema").isNotEmpty();
    InvalidEdition e =
        catchThrowableOfType(
            InvalidEdition.class, () -> EditionLoader.load(name -> file(name, broken)));
    assertThat(e).as("the loader").isNotNull();
    assertThat(e.faults()).allSatisfy(fault -> assertThat(fault.line()).isPositive());
  }
}
