package vividtrellis.catalog.reach;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import vividtrellis.catalog.ShippedEdition;
import vividtrellis.catalog.reach.ReachAudit.Report;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.EditionLoader;
import vividtrellis.core.catalog.Options.Framework;
import vividtrellis.core.catalog.Options.Line;
import vividtrellis.core.catalog.Reach.Hole;
import vividtrellis.core.catalog.ReachReader;
import vividtrellis.core.catalog.Root;
import vividtrellis.core.compat.Verdict;
import vividtrellis.core.compat.Verdict.Finding;
import vividtrellis.core.compat.Verdict.Remedy;
import vividtrellis.core.compat.Verdict.Severity;
import vividtrellis.core.compat.judging.Verdicts;
import vividtrellis.core.version.Version;

class ReachAuditTest {

  private static final String EDITION =
      """
      builds:
        - { id: maven, label: M, summary: S., documentation: "https://b.example", versions: [3.9] }
        - { id: scripted, label: S, summary: S., documentation: "https://b.example", versions: [8.8] }
      languages:
        - { id: java, label: J, summary: S., documentation: "https://j.example", levels: [{ level: 17, long-term: yes }] }
        - id: tongue
          label: Tongue
          summary: S.
          documentation: https://j.example
          versions: [2.1, 2.0]
          bindings:
            - when: ["no build:maven", "language:tongue"]
              script: [{ plugin: t.plugin, version: "{{languageVersion}}", alias: t }]
              fetches: [{ artifact: "t:tool", version: "{{languageVersion}}" }]
      frameworks:
        - id: frame
          label: Frame
          summary: S.
          documentation: https://f.example
          bom: "g:bom"
          lines: [{ line: 1.0, standing: supported, source: x, versions: [1.0.2, 1.0.1] }]
          bindings: [{ boms: [{ artifact: "g:bom", version: "{{frameworkVersion}}" }] }]
        - id: hull
          label: Hull
          summary: S.
          documentation: https://h.example
          lines: [{ line: 1.0, standing: supported, source: x, versions: [1.0.2, 1.0.1] }]
          bindings: [{ parent: [{ artifact: "g:hull", version: "{{frameworkVersion}}" }] }]
      packagings: [{ id: jar, label: J, summary: S., documentation: "https://p.example" }]
      samples: [{ id: none, label: N, summary: S., documentation: "https://s.example" }]
      layouts: [{ id: flat, label: F, summary: S., documentation: "https://l.example" }]
      categories: [{ id: c, label: C }]
      starters:
        - { id: one, label: One, summary: S., documentation: "https://o.example", verb: does, category: c, bindings: [{ when: ["framework:frame"], artifacts: [{ artifact: "g:one" }] }] }
        - id: other
          label: Other
          summary: S.
          documentation: https://o.example
          verb: does
          category: c
          bindings: [{ when: ["framework:frame"], artifacts: [{ artifact: "g:other" }], without: [{ artifact: "g:deep", from: ["g:one"] }] }]
        - { id: made, label: Made, summary: S., documentation: "https://m.example", verb: does, category: c, bindings: [{ when: ["framework:hull"], artifacts: [{ artifact: "g:maker", scope: processor }] }] }
      """;

  /** What a parent says about processors. */
  private static final String PROCESSORS =
      "<build><pluginManagement><plugins><plugin><artifactId>maven-compiler-plugin</artifactId>"
          + "<configuration><annotationProcessorPathsUseDepMgmt>%s</annotationProcessorPathsUseDepMgmt>"
          + "</configuration></plugin></plugins></pluginManagement></build>";

  private final Map<String, byte[]> served = new ConcurrentHashMap<>();
  private final Set<String> downloaded = ConcurrentHashMap.newKeySet();
  private HttpServer server;
  @TempDir Path kept;

  @BeforeEach
  void serve() throws IOException {
    server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
    server.createContext(
        "/",
        exchange -> {
          String path = exchange.getRequestURI().getPath().substring(1);
          byte[] body = served.get(path);
          boolean head = exchange.getRequestMethod().equals("HEAD");
          if (!head) {
            downloaded.add(path);
          }
          exchange.sendResponseHeaders(
              body == null ? 404 : 200, body == null || head ? -1 : body.length);
          if (body != null && !head) {
            exchange.getResponseBody().write(body);
          }
          exchange.close();
        });
    server.start();
    for (String version : List.of("1.0.1", "1.0.2")) {
      pom(
          "bom",
          version,
          "<packaging>pom</packaging><dependencyManagement>%s</dependencyManagement>"
              .formatted(needs("one", version, "other", "5", "deep", version)));
      pom("one", version, needs("deep", version));
      pom("deep", version, "");
      jar("one", version);
      boolean managed = version.equals("1.0.2");
      pom(
          "hull",
          version,
          "<packaging>pom</packaging><dependencyManagement>%s</dependencyManagement>%s"
              .formatted(needs("maker", "1", "deep", "1.0.1"), PROCESSORS.formatted(managed)));
    }
    pom("maker", "1", needs("deep", "1.0.2"));
    jar("maker", "1");
    for (String version : List.of("2.0", "2.1")) {
      served.put(
          "t/plugin/t.plugin.gradle.plugin/%1$s/t.plugin.gradle.plugin-%1$s.pom".formatted(version),
          pomOf("t.plugin", "t.plugin.gradle.plugin", version, needs("deep", "1.0.1")));
      served.put("t/tool/%1$s/tool-%1$s.pom".formatted(version), pomOf("t", "tool", version, ""));
    }
    served.put("t/tool/2.0/tool-2.0.jar", new byte[] {1});
    pom("other", "5", "");
    jar("other", "5");
    jar("deep", "1.0.1");
  }

  @AfterEach
  void stop() {
    server.stop(0);
  }

  private static String needs(String... pairs) {
    StringBuilder text = new StringBuilder("<dependencies>");
    for (int i = 0; i < pairs.length; i += 2) {
      text.append("<dependency><groupId>g</groupId><artifactId>%s</artifactId>".formatted(pairs[i]))
          .append("<version>%s</version></dependency>".formatted(pairs[i + 1]));
    }
    return text.append("</dependencies>").toString();
  }

  private void pom(String name, String version, String more) {
    served.put(
        "g/%s/%s/%s-%s.pom".formatted(name, version, name, version),
        pomOf("g", name, version, more));
  }

  private static byte[] pomOf(String group, String name, String version, String more) {
    return ("<project><modelVersion>4.0.0</modelVersion><groupId>%s</groupId><artifactId>%s</artifactId>"
                .formatted(group, name)
            + "<version>%s</version>%s</project>".formatted(version, more))
        .getBytes(StandardCharsets.UTF_8);
  }

  private void jar(String name, String version) {
    served.put("g/%s/%s/%s-%s.jar".formatted(name, version, name, version), new byte[] {1});
  }

  private static Edition edition() {
    Map<String, String> files =
        Map.of(
            "edition.yaml",
            "edition: small\nfiles: [all.yaml]\ntemplates: []\n",
            "all.yaml",
            EDITION);
    return EditionLoader.load(name -> Optional.ofNullable(files.get(name)));
  }

  private Report run(Optional<Path> settings, Duration most) throws IOException {
    String base = "http://127.0.0.1:" + server.getAddress().getPort();
    return ReachAudit.run(
        edition(), base, settings, kept, "digest", "2026-11-27", most, line -> {});
  }

  private static Verdict judge(Edition edition, String framework, String... starters) {
    Brief brief = Brief.empty().with(Key.NAME, "tide-board").withStarters(List.of(starters));
    return new Verdicts(edition)
        .judge(framework.isEmpty() ? brief : brief.with(Key.FRAMEWORK, framework), 2026);
  }

  @Test
  void whatIsMissingDeepDownIsTheReasonToFillInAnotherVersion() throws IOException {
    Report report = run(Optional.empty(), Duration.ofMinutes(1));

    assertThat(report.whole()).isTrue();
    assertThat(report.holes())
        .containsExactly(
            new Hole(
                "apart t:tool:{{languageVersion}}",
                "any",
                "tongue@2.1",
                List.of("t:tool:jar:2.1"),
                null),
            new Hole("g:one", "frame@1.0.2", null, List.of("g:deep:jar:1.0.2"), "g:deep"),
            // With hull 1.0.2 a processor takes the managed version, which is there.
            new Hole("apart g:maker", "hull@1.0.1", null, List.of("g:deep:jar:1.0.2"), null));
    assertThat(downloaded).as("asked for, not fetched").noneMatch(p -> p.matches("g/.*[.]jar"));

    Edition reaching = edition().reaching(ReachReader.read("reach.yaml", report.text()));
    assertThat(judge(reaching, "", "one").brief().get(Key.FRAMEWORK)).contains("frame@1.0.1");
    assertThat(judge(reaching, "", "one").findings()).isEmpty();
    assertThat(judge(edition(), "", "one").brief().get(Key.FRAMEWORK)).contains("frame@1.0.2");

    Finding caution = judge(reaching, "frame@1.0.2", "one").findings().get(0);
    assertThat(caution.severity()).isEqualTo(Severity.CAUTION);
    assertThat(caution.because()).contains("One", "g:deep:jar:1.0.2", "2026-11-27");
    assertThat(caution.remedies())
        .extracting(Remedy::title)
        .contains("Go to Frame 1.0.1", "Drop One");
    assertThat(judge(reaching, "frame@1.0.2", "one", "other").findings())
        .as("the other one keeps out what is missing")
        .isEmpty();
  }

  @Test
  void whatARunningBuildAsksForIsMissingWithThatBuildAlone() throws IOException {
    Report report = run(Optional.empty(), Duration.ofMinutes(1));
    Verdicts verdicts =
        new Verdicts(edition().reaching(ReachReader.read("reach.yaml", report.text())));
    Brief tongue = Brief.empty().with(Key.NAME, "tide-board").with(Key.LANGUAGE, "tongue@2.1");

    Verdict scripted = verdicts.judge(tongue.with(Key.BUILD, "scripted"), 2026);
    assertThat(scripted.findings())
        .extracting(Finding::rule)
        .containsExactly("tongue-out-of-reach");
    assertThat(scripted.findings().get(0).because()).startsWith("Tongue 2.1 cannot be fetched");
    assertThat(scripted.findings().get(0).picks()).containsExactly("/language", "/build");
    assertThat(verdicts.judge(tongue.with(Key.BUILD, "maven"), 2026).findings()).isEmpty();
    Brief open = tongue.with(Key.BUILD, "scripted").with(Key.LANGUAGE, "tongue");
    assertThat(verdicts.judge(open, 2026).brief().get(Key.LANGUAGE)).contains("tongue@2.0");
  }

  /** A pick that nobody looked at would count as within reach. */
  @Test
  void theShippedReachKnowsEveryRootOfTheShippedEdition() {
    Edition shipped = ShippedEdition.load();
    Framework framework = shipped.frameworks().get(0);
    for (Line line : framework.lines()) {
      for (Version version : line.versions()) {
        String of = framework.id() + "@" + version;
        Set<String> holes =
            shipped.reach().holes().stream()
                .filter(hole -> hole.of().equals(of) || hole.of().equals(Root.ANY))
                .map(Hole::root)
                .collect(Collectors.toSet());
        assertThat(Root.of(shipped))
            .filteredOn(root -> root.isFor(framework.id(), version) && !holes.contains(root.key()))
            .isNotEmpty()
            .allSatisfy(
                root ->
                    assertThat(shipped.reach().whole().getOrDefault(root.key(), Set.of()))
                        .as(root.key())
                        .anyMatch(
                            each ->
                                (each + "+").startsWith((root.isAlike() ? Root.ANY : of) + "+")));
      }
    }
  }

  @Test
  void aRunThatWasStoppedGoesOnAndWhatWasMissingIsAskedAgain() throws IOException {
    assertThat(run(Optional.empty(), Duration.ZERO).whole()).isFalse();
    Report first = run(Optional.empty(), Duration.ofMinutes(1));
    jar("deep", "1.0.2");
    Report second = run(Optional.empty(), Duration.ofMinutes(1));

    assertThat(first.holes()).hasSize(3);
    assertThat(second.holes()).extracting(Hole::of).containsExactly(Root.ANY);
  }

  @Test
  void aMirrorOfTheSettingsIsAskedInPlaceOfTheRegistry() throws IOException {
    String address = "http://127.0.0.1:" + server.getAddress().getPort();
    Path settings = kept.resolve("settings.xml");
    Files.writeString(
        settings,
        """
        <settings><mirrors><mirror><id>ours</id><mirrorOf>*</mirrorOf><url>%s</url></mirror></mirrors></settings>
        """
            .formatted(address));

    Report report =
        ReachAudit.run(
            edition(),
            "http://127.0.0.1:9",
            Optional.of(settings),
            kept,
            "digest",
            "2026-11-27",
            Duration.ofMinutes(1),
            line -> {});

    assertThat(report.holes()).hasSize(3);
    server.stop(0);
    assertThatThrownBy(() -> run(Optional.empty(), Duration.ofMinutes(1)))
        .isInstanceOf(UncheckedIOException.class)
        .hasMessageContaining("does not answer");
  }
}
