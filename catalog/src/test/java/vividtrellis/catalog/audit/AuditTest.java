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
import vividtrellis.catalog.audit.Audit.Report;
import vividtrellis.catalog.audit.Row.Outcome;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.catalog.Contribution;
import vividtrellis.core.catalog.Contribution.Artifact;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.EditionLoader;
import vividtrellis.core.catalog.Options.Framework;
import vividtrellis.core.catalog.Options.Option;
import vividtrellis.core.catalog.Options.Probe;
import vividtrellis.core.catalog.Term;
import vividtrellis.core.catalog.Term.Variable;
import vividtrellis.core.compat.judging.Verdicts;
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
          bom: "g:bom"
          probes: [{ reads: floor, class: "g:main!a.Main" }, { reads: reader, class: "g:main!a.Reader" }, { reads: mock-reader, class: "g:main!a.Mocks" }]
          manages: { kotlin: "k:lib" }
        # No parent and no list of versions; its profiles share a file and are told apart by a prefix.
        - id: tide
          label: T
          summary: S.
          documentation: https://t.example
          lines: [{ line: 2.0, standing: supported, source: x, versions: [2.0.0] }]
          formats: [properties]
          profiles:
            - { id: shared, path: src/main/resources/tide.properties, purpose: P., away: yes }
            - { id: local, path: src/main/resources/tide.properties, prefix: "%local.", purpose: P. }
          bindings:
            - artifacts: [{ artifact: "t:core", version: "{{frameworkVersion}}" }]
              settings: { local: { tide.level: high } }
        # No settings at all.
        - id: bare
          label: B
          summary: S.
          documentation: https://r.example
          lines: [{ line: 3.0, standing: supported, source: x, versions: [3.0.0] }]
          probes: [{ reads: floor, class: "r:core!a.Main" }]
          bindings: [{ artifacts: [{ artifact: "r:core", version: "{{frameworkVersion}}" }] }]
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
              artifacts: [{ artifact: "g:there" }, { artifact: "g:hole" }, { artifact: "g:unmanaged" }, { artifact: "n:listed", version: 1.0 }, { artifact: "n:listed-not", version: 99.14.1 }, { artifact: "n:unknown", version: 1.0 }]
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
      zip.putNextEntry(new ZipEntry("a/Mocks.class"));
      zip.write(classFile(17, "JAVA_V17 JAVA_V18"));
    }
    served.put("g/main/1.0.0/main-1.0.0.jar", jar.toByteArray());
    served.put("r/core/3.0.0/core-3.0.0.jar", jar.toByteArray());
    served.put("t/core/2.0.0/core-2.0.0.jar", new byte[] {1});
    for (String core : List.of("t/core 2.0.0", "r/core 3.0.0")) {
      served.put(
          core.replaceFirst(" .*", "/maven-metadata.xml"),
          "<metadata><versions><version>%s</version></versions></metadata>"
              .formatted(core.replaceFirst(".* ", ""))
              .getBytes(StandardCharsets.UTF_8));
    }
    for (String name : List.of("listed", "listed-not")) {
      served.put(
          "n/%s/maven-metadata.xml".formatted(name),
          "<metadata><versions><version>1.0</version></versions></metadata>"
              .getBytes(StandardCharsets.UTF_8));
    }
    Map<String, String> files =
        Map.of(
            "edition.yaml",
            "edition: small\nfiles: [all.yaml]\ntemplates: []\n",
            "all.yaml",
            EDITION,
            "evidence.yaml",
            "versions: { frame@1.0.0: { floor: 17, reader: 27, mock-reader: 18 }, bare@3.0.0: {"
                + " floor: 17 } }");
    Edition edition = EditionLoader.load(name -> Optional.ofNullable(files.get(name)));

    Report report = Audit.run(edition, "http://127.0.0.1:" + server.getAddress().getPort(), kept);

    assertThat(report.of(Outcome.FAULT))
        .extracting(row -> row.subject() + ": " + row.says())
        .containsExactly(
            "g:unmanaged: the BOM does not manage it",
            "n:listed-not: 99.14.1 is no version of it; the newest is 1.0",
            "n:unknown: the registry knows no such artifact",
            "what it can do: {FLOOR=17, READER=19, MOCK_READER=18} {kotlin=2.2.0}",
            "kotlin: the BOM manages 2.2.0, filled in is kotlin@2.3.0");
    assertThat(report.written().of(Outcome.FAULT)).hasSize(4);
    assertThat(report.of(Outcome.NOT_FETCHABLE_HERE))
        .extracting(Row::subject)
        .containsExactly("g:hole", "n:listed");
    assertThat(report.of(Outcome.HOLDS))
        .extracting(Row::subject)
        .contains("g:there", "Java 17", "Java 21", "t:core", "r:core");
    assertThat(new Verdicts(edition).judge(on("21"), 2026).fits()).as("what was read").isTrue();
    assertThat(Evidence.text("d", report, "2026-11-27"))
        .contains("reader: 19", "mock-reader: 18", "kotlin: \"2.2.0\"", "\"bare@3.0.0\":\n");
    assertThat(Files.exists(kept.resolve("g/main/1.0.0/main-1.0.0.jar"))).isTrue();
  }

  private static Brief on(String level) {
    return Brief.empty().with(Key.NAME, "tide-board").with(Key.JVM, level);
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
              String own = artifact.version();
              boolean isFor =
                  (own == null ? framework.bom() != null : !own.contains("{"))
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
                  .contains(framework.id() + "@" + version);
            }
          }
        }
        String word = framework.id() + "@" + version;
        Node.Fields seen = (Node.Fields) versions.get(word).orElseThrow();
        Key asked = framework.probes().stream().anyMatch(Probe::ofJdk) ? Key.JDK : Key.JVM;
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
                                        .with(asked, level.version().text()),
                                    2026)
                                .fits())
                        .as("%s at %d", word, level.level())
                        .isEqualTo(
                            level.level() >= Integer.parseInt(text(seen, "floor"))
                                && (seen.get("reader").isEmpty()
                                    || level.level() <= Integer.parseInt(text(seen, "reader")))));
      }
    }
    assertThat(Verdicts.contradictions(edition)).isEmpty();
  }
}
