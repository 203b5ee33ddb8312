package vividtrellis.catalog.audit;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.net.httpserver.HttpServer;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import vividtrellis.catalog.ShippedEdition;
import vividtrellis.catalog.audit.Audit.Outcome;
import vividtrellis.catalog.audit.Audit.Report;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.catalog.Contribution;
import vividtrellis.core.catalog.Contribution.Artifact;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.EditionLoader;
import vividtrellis.core.catalog.Options.Framework;
import vividtrellis.core.catalog.Options.Option;
import vividtrellis.core.catalog.Term;
import vividtrellis.core.catalog.Term.Variable;
import vividtrellis.core.compat.Verdicts;
import vividtrellis.core.document.Documents;
import vividtrellis.core.document.Documents.Notation;
import vividtrellis.core.document.Node;
import vividtrellis.core.version.Version;

class AuditTest {

  private static final String EDITION =
      """
      builds: [{ id: b, label: B, summary: S., documentation: "https://b.example", versions: [1.0] }]
      languages:
        - { id: java, label: J, summary: S., documentation: "https://j.example", levels: [{ level: 21, long-term: yes }, { level: 17, long-term: yes }] }
        - { id: kotlin, label: K, summary: S., documentation: "https://k.example", versions: [2.3.0] }
      frameworks:
        - id: frame
          label: F
          summary: S.
          documentation: https://f.example
          lines: [{ line: 1.0, standing: supported, source: x, versions: [1.0.0] }]
          probes: [{ bom: "g:bom", floor: "g:main!a.Main", reader: "g:main!a.Reader", languages: { kotlin: "k:lib" } }]
      packagings: [{ id: jar, label: J, summary: S., documentation: "https://p.example" }]
      samples: [{ id: none, label: N, summary: S., documentation: "https://s.example" }]
      layouts: [{ id: flat, label: F, summary: S., documentation: "https://l.example" }]
      categories: [{ id: c, label: C }]
      starters:
        - id: one
          label: O
          summary: S.
          documentation: https://o.example
          verb: does
          category: c
          bindings:
            - when: ["framework:frame"]
              artifacts: [{ artifact: "g:there" }, { artifact: "g:hole" }, { artifact: "g:unmanaged" }]
      """;

  private final Map<String, byte[]> served = new HashMap<>();
  private HttpServer server;
  @TempDir Path kept;

  @BeforeEach
  void serve() throws IOException {
    server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
    server.createContext(
        "/",
        exchange -> {
          byte[] body = served.get(exchange.getRequestURI().getPath().substring(1));
          boolean head = exchange.getRequestMethod().equals("HEAD");
          exchange.sendResponseHeaders(
              body == null ? 404 : 200, body == null || head ? -1 : body.length);
          if (body != null && !head) {
            exchange.getResponseBody().write(body);
          }
          exchange.close();
        });
    server.start();
  }

  @AfterEach
  void stop() {
    server.stop(0);
  }

  private static byte[] classFile(int level, String constants) {
    byte[] head = {
      (byte) 0xCA, (byte) 0xFE, (byte) 0xBA, (byte) 0xBE, 0, 0, 0, (byte) (44 + level)
    };
    return (new String(head, StandardCharsets.ISO_8859_1) + constants)
        .getBytes(StandardCharsets.ISO_8859_1);
  }

  @Test
  void tellsWhatTheRegistrySaysOtherwiseAndKeepsHolesApart() throws IOException {
    served.put(
        "g/bom/1.0.0/bom-1.0.0.pom",
        """
        <project><modelVersion>4.0.0</modelVersion><groupId>g</groupId><artifactId>bom</artifactId>
        <version>1.0.0</version><packaging>pom</packaging><dependencyManagement><dependencies>
        <dependency><groupId>g</groupId><artifactId>there</artifactId><version>5</version></dependency>
        <dependency><groupId>g</groupId><artifactId>hole</artifactId><version>5</version></dependency>
        <dependency><groupId>k</groupId><artifactId>lib</artifactId><version>2.2.0</version></dependency>
        </dependencies></dependencyManagement></project>
        """
            .getBytes(StandardCharsets.UTF_8));
    served.put("g/there/5/there-5.jar", new byte[] {1});
    ByteArrayOutputStream jar = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(jar)) {
      zip.putNextEntry(new ZipEntry("a/Main.class"));
      zip.write(classFile(17, ""));
      zip.putNextEntry(new ZipEntry("a/Reader.class"));
      zip.write(classFile(17, "V1_8 V17 V19"));
    }
    served.put("g/main/1.0.0/main-1.0.0.jar", jar.toByteArray());
    Edition edition =
        EditionLoader.load(
            name ->
                Optional.of(
                    name.equals("edition.yaml")
                        ? "edition: small\nfiles: [all.yaml]\ntemplates: []\n"
                        : EDITION));

    Report report = Audit.run(edition, "http://127.0.0.1:" + server.getAddress().getPort(), kept);

    assertThat(report.of(Outcome.FAULT))
        .extracting(row -> row.what() + "; " + row.says())
        .containsExactly(
            "g:unmanaged has its version from the BOM; the BOM does not manage it",
            "Java 21 can be had; class files of Java 17, a reader for up to 19",
            "kotlin@2.3.0 can be had; the BOM manages 2.2.0");
    assertThat(report.of(Outcome.NOT_FETCHABLE_HERE))
        .extracting(r -> r.what())
        .containsExactly("g:hole");
    assertThat(report.of(Outcome.HOLDS))
        .extracting(r -> r.what())
        .contains("g:there has its version from the BOM", "Java 17 can be had");
    assertThat(Files.exists(kept.resolve("g/bom/1.0.0/bom-1.0.0.pom"))).isTrue();
  }

  private static Node.Fields evidence() {
    return (Node.Fields)
        Documents.readTrusted(ShippedEdition.file(Evidence.FILE).orElseThrow(), Notation.YAML);
  }

  private static String text(Node.Fields fields, String key) {
    return String.valueOf(((Node.Scalar) fields.get(key).orElseThrow()).text());
  }

  @Test
  void theShippedDataWasNotChangedSinceItsAudit() {
    assertThat(text(evidence(), "digest"))
        .as("run 'vivid audit --edition … --write' after a change of the data")
        .isEqualTo(Evidence.digest(ShippedEdition::file));
  }

  @Test
  void theEvidenceCoversEveryBindingAndLevel() {
    Edition edition = ShippedEdition.load();
    Node.Fields artifacts = (Node.Fields) evidence().get("artifacts").orElseThrow();
    Node.Fields versions = (Node.Fields) evidence().get("versions").orElseThrow();
    Verdicts verdicts = new Verdicts(edition);
    for (Framework framework : edition.frameworks()) {
      for (Version version :
          framework.lines().stream().flatMap(l -> l.versions().stream()).toList()) {
        for (Option option : edition.options().toList()) {
          boolean other = option instanceof Framework && option != framework;
          for (Contribution binding : other ? List.<Contribution>of() : option.bindings()) {
            for (Artifact artifact : binding.artifacts()) {
              List<Term> conditions = new ArrayList<>(binding.when());
              conditions.addAll(artifact.when());
              boolean isFor =
                  (artifact.version() == null || !artifact.version().contains("{"))
                      && conditions.stream()
                          .filter(term -> term.variable() == Variable.FRAMEWORK)
                          .allMatch(
                              term ->
                                  framework.id().equals(term.id()) && term.range().holds(version));
              if (!isFor) {
                continue;
              }
              assertThat(text(artifacts, artifact.key()).split(" ", -1))
                  .as("%s of %s", artifact.key(), option.id())
                  .contains(version.text());
            }
          }
        }
        String word = framework.id() + "@" + version;
        Node.Fields seen = (Node.Fields) versions.get(word).orElseThrow();
        edition
            .levels()
            .forEach(
                level ->
                    assertThat(
                            verdicts
                                .judge(
                                    Brief.empty()
                                        .with(Key.NAME, "tide-board")
                                        .with(Key.FRAMEWORK, word)
                                        .with(Key.JVM, level.version().text()),
                                    2026)
                                .fits())
                        .as("%s at %d", word, level.level())
                        .isEqualTo(
                            level.level() >= Integer.parseInt(text(seen, "floor"))
                                && level.level() <= Integer.parseInt(text(seen, "reader"))));
      }
    }
    assertThat(Verdicts.contradictions(edition)).isEmpty();
  }
}
