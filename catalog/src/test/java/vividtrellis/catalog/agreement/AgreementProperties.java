package vividtrellis.catalog.agreement;

import static org.assertj.core.api.Assertions.assertThat;
import static vividtrellis.catalog.TestedEdition.text;

import java.io.StringReader;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.ShrinkingMode;
import org.jsoup.Jsoup;
import vividtrellis.catalog.TestedEdition;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Briefs;
import vividtrellis.core.brief.Key;
import vividtrellis.core.brief.Names;
import vividtrellis.core.brief.Trace;
import vividtrellis.core.compat.Selection;
import vividtrellis.core.compat.Verdict;
import vividtrellis.core.document.Documents;
import vividtrellis.core.document.Documents.Notation;
import vividtrellis.core.document.Node;
import vividtrellis.core.pack.Receipt;
import vividtrellis.core.render.FileSet;
import vividtrellis.core.render.FileSet.GeneratedFile;

/** Drawn briefs: every file is read by its own format's parser, and all say the same. */
class AgreementProperties {

  /** One edition for even seeds, the other for odd ones: nothing may hang on a framework's name. */
  private static TestedEdition tested(long seed) {
    return seed % 2 == 0 ? TestedEdition.SHIPPED : TestedEdition.RENAMED;
  }

  private static Verdict drawn(long seed) {
    Optional<Verdict> verdict = new Drawing(tested(seed), seed).verdict();
    Assume.that(verdict.isPresent());
    return verdict.get();
  }

  private static FileSet files(long seed, Verdict verdict) {
    FileSet files = tested(seed).files(verdict);
    return Receipt.added(files, verdict.brief(), verdict.edition(), verdict.usedReach(), "0.0.0");
  }

  @Property(tries = 100, shrinking = ShrinkingMode.OFF, maxDiscardRatio = 20)
  void threeBuildSystemsBuildTheSame(@ForAll long seed) throws Exception {
    Brief brief = drawn(seed).brief();
    Verdict maven = tested(seed).judge(brief.with(Key.BUILD, "maven"));
    assertThat(maven.isWritable()).as("%s", maven.findings()).isTrue();
    BuildFacts facts = BuildFacts.maven(files(seed, maven));

    brief.get(Key.SUMMARY).ifPresent(s -> assertThat(facts.about()).containsValue(s));
    for (String system : List.of("gradle-kotlin", "gradle-groovy")) {
      Verdict gradle = tested(seed).judge(brief.with(Key.BUILD, system));
      if (brief.require(Key.FRAMEWORK).startsWith(tested(seed).on(""))) {
        assertThat(gradle.isWritable()).as("%s", gradle.findings()).isTrue();
      }
      Assume.that(gradle.isWritable());
      FileSet files = files(seed, gradle);
      BuildFacts others = BuildFacts.gradle(files, system.endsWith("kotlin"));
      assertThat(others).as(system).isEqualTo(facts);
    }
  }

  @Property(tries = 150, shrinking = ShrinkingMode.OFF, maxDiscardRatio = 20)
  void everySourceLiesWhereItsPackageSays(@ForAll long seed) throws Exception {
    Verdict verdict = drawn(seed);
    Brief brief = verdict.brief();
    FileSet files = files(seed, verdict);
    List<String> literals = new ArrayList<>();
    for (GeneratedFile file : files.files()) {
      if (file.path().endsWith("/module-info.java")) {
        assertThat(file.text()).contains("\nmodule " + brief.require(Key.PACKAGE) + " {\n");
      } else if (Sources.isSource(file.path())) {
        Sources.Source source = Sources.read(file.path(), file.text());
        String folder = file.path().replaceFirst("src/\\w+/\\w+/", "").replaceFirst("/[^/]+$", "");
        assertThat(source.packageName()).as(file.path()).isEqualTo(folder.replace('/', '.'));
        assertThat(source.packageName()).startsWith(brief.require(Key.PACKAGE));
        literals.addAll(source.literals());
      }
    }
    if (brief.require(Key.SAMPLE).equals("endpoint")) {
      assertThat(literals)
          .contains("/about")
          .containsAnyOf(brief.require(Key.NAME), "\"name\":\"" + brief.require(Key.NAME) + "\"");
    }
  }

  @Property(tries = 150, shrinking = ShrinkingMode.OFF, maxDiscardRatio = 20)
  void namesPortsAndAccountsAreTheSameEverywhere(@ForAll long seed) throws Exception {
    Verdict verdict = drawn(seed);
    Brief brief = verdict.brief();
    Selection selection = verdict.selection().orElseThrow();
    FileSet files = files(seed, verdict);
    String format = brief.require(Key.FORMAT);
    Map<String, String> local = new HashMap<>();
    for (String file :
        List.of(
            "src/main/resources/application", "config/application-local", "config/application")) {
      if (files.files().stream().anyMatch(each -> each.path().equals(file + "." + format))) {
        local.putAll(settings(files, file + "." + format));
      }
    }

    if (brief.require(Key.SAMPLE).equals("endpoint")) {
      String summary = brief.get(Key.SUMMARY).orElse(brief.require(Key.TITLE));
      assertThat(local).containsEntry("about.summary", summary);
    }
    String port = brief.require(Key.PORT);
    Keys keys = Keys.of(selection);
    if (selection.starters().contains("http-api")) {
      assertThat(local).containsEntry(keys.port(), port);
    }
    if (brief.extras().contains("container")) {
      List<String> lines = text(files, "Dockerfile").replace("\\\n", "").lines().toList();
      assertThat(lines.contains("EXPOSE " + port)).isEqualTo(local.containsKey(keys.port()));
      assertThat(lines)
          .filteredOn(line -> line.startsWith("FROM "))
          .isNotEmpty()
          .allMatch(line -> line.contains(":" + selection.jdk().text() + "-"));
      assertThat(lines.stream().map(line -> line.replaceFirst(" .*", "")))
          .allMatch(
              word ->
                  word.matches("|#|FROM|WORKDIR|COPY|RUN|USER|ENV|EXPOSE|HEALTHCHECK|ENTRYPOINT"));
    }
    if (brief.extras().contains("compose")
        && local.containsKey(keys.dataSource() + keys.address())) {
      accounts(files, local, keys, Names.of(brief).database());
    }
    for (String path : List.of(".github/workflows/build.yml", ".gitlab-ci.yml")) {
      if (files.files().stream().anyMatch(file -> file.path().equals(path))) {
        Documents.readTrusted(text(files, path), Notation.YAML);
        assertThat(text(files, path)).contains("\"" + selection.jdk().text() + "\"");
      }
    }
    if (brief.extras().contains("licence-file") && brief.require(Key.LICENCE).equals("MIT")) {
      String holder =
          brief.get(Key.ORGANISATION).orElse("The authors of " + brief.require(Key.TITLE));
      assertThat(text(files, "LICENSE"))
          .contains("Copyright (c) " + brief.require(Key.YEAR) + " " + holder + "\n");
    }
  }

  /** What frameworks call the settings that others have to agree with. */
  private record Keys(String port, String dataSource, String address) {
    static Keys of(Selection selection) {
      return switch (selection.framework()) {
        case "micronaut" -> new Keys("micronaut.server.port", "datasources.default.", "url");
        case "quarkus" -> new Keys("quarkus.http.port", "quarkus.datasource.", "jdbc.url");
        default -> new Keys("server.port", "spring.datasource.", "url");
      };
    }
  }

  private static void accounts(
      FileSet files, Map<String, String> local, Keys keys, String database) {
    boolean any = files.files().stream().anyMatch(file -> file.path().equals("compose.yaml"));
    if (!any || local.get(keys.dataSource() + keys.address()).startsWith("jdbc:h2:")) {
      return;
    }
    String url = local.get(keys.dataSource() + keys.address());
    Map<String, String> services = flat(text(files, "compose.yaml"));
    String service = url.replaceFirst("jdbc:(\\w+):.*", "$1");
    String start = "services." + service + ".";
    Matcher port = Pattern.compile(":([0-9]{4,5})").matcher(url);
    assertThat(port.find()).isTrue();
    assertThat(services.get(start + "ports.0")).startsWith("127.0.0.1:" + port.group(1) + ":");
    List<String> values =
        services.entrySet().stream()
            .filter(each -> each.getKey().startsWith(start + "environment."))
            .map(Map.Entry::getValue)
            .toList();
    assertThat(values).contains(local.get(keys.dataSource() + "password"));
    if (!service.equals("sqlserver")) {
      assertThat(values).contains(local.get(keys.dataSource() + "username"));
      assertThat(local).containsEntry(keys.dataSource() + "username", database);
    }
    if (!List.of("sqlserver", "oracle").contains(service)) {
      assertThat(url).endsWith("/" + database);
      assertThat(values).contains(database);
    }
  }

  @Property(tries = 150, shrinking = ShrinkingMode.OFF, maxDiscardRatio = 20)
  void readersSeeTheTextsThatWereGiven(@ForAll long seed) {
    Brief brief = drawn(seed).brief().with(Key.SAMPLE, "walkthrough");
    Verdict verdict = tested(seed).judge(brief);
    Assume.that(verdict.isWritable());
    FileSet files = files(seed, verdict);
    List<String> shown = Shown.of(text(files, "README.md"));
    assertThat(shown).first().isEqualTo(brief.require(Key.TITLE));
    brief.get(Key.SUMMARY).ifPresent(summary -> assertThat(shown.get(1)).isEqualTo(summary));
    for (GeneratedFile file : files.files()) {
      if (file.path().matches(".*/notes\\.(html|ftlh|mustache)")) {
        String title = Jsoup.parse(file.text()).head().getElementsByTag("title").text();
        String head = file.text().substring(0, file.text().indexOf("</head>"));
        // Browsers show several spaces in a row as one; some readers do, some do not.
        assertThat(title.replaceAll(" +", " "))
            .isEqualTo("Notes - " + brief.require(Key.TITLE).replaceAll(" +", " "));
        assertThat(head).as("what engines replace").doesNotContain("[[", "[(", "${", "<#", "{{");
      }
    }
  }

  private static Map<String, String> settings(FileSet files, String path) throws Exception {
    if (path.endsWith("yaml")) {
      return flat(text(files, path));
    }
    Properties properties = new Properties();
    properties.load(new StringReader(text(files, path)));
    Map<String, String> settings = new HashMap<>();
    properties.forEach(
        (key, value) ->
            settings.put(String.valueOf(key).replaceFirst("^%dev\\.", ""), String.valueOf(value)));
    return settings;
  }

  private static Map<String, String> flat(String yaml) {
    Map<String, String> flat = new HashMap<>();
    flatten("", Documents.readTrusted(yaml, Notation.YAML), flat);
    return flat;
  }

  private static void flatten(String start, Node node, Map<String, String> flat) {
    if (node instanceof Node.Fields fields) {
      fields.values().forEach((key, value) -> flatten(start + "." + key, value, flat));
    } else if (node instanceof Node.Items items) {
      for (int i = 0; i < items.values().size(); i++) {
        flatten(start + "." + i, items.values().get(i), flat);
      }
    } else {
      flat.put(start.substring(1), String.valueOf(((Node.Scalar) node).text()));
    }
  }

  @Property(tries = 150, shrinking = ShrinkingMode.OFF, maxDiscardRatio = 20)
  void everyFileIsWholeAndEveryLineHasAReason(@ForAll long seed) {
    Verdict verdict = drawn(seed);
    FileSet files = files(seed, verdict);
    Object tree = Documents.plain(Briefs.tree(verdict.brief()));
    Receipt receipt = Receipt.read(text(files, Receipt.PATH));

    assertThat(receipt.brief()).isEqualTo(verdict.brief());
    for (GeneratedFile file : files.files()) {
      String text = file.text();
      assertThat(text).as(file.path()).endsWith("\n").doesNotContain("\u0001");
      if (!file.path().contains("/vendor/")) { // A library's own file is taken as it is.
        assertThat(text).as(file.path()).doesNotContain("\n\n\n");
      }
      assertThat(text).as(file.path()).doesNotContainPattern("[^\n]\n## ");
      assertThat(file.purpose()).as(file.path()).isNotBlank();
      assertThat(file.path()).doesNotContain("..", "\\", "{").doesNotStartWith("/");
      if (!file.path().matches(".*(\\.cmd|mvnw|LICENSE)")) {
        assertThat(text.lines()).as(file.path()).noneMatch(line -> line.matches(".*[ \\t]"));
      }
      int line = 1;
      for (Trace trace : file.traces()) {
        assertThat(trace.from()).as(file.path()).isEqualTo(line);
        assertThat(trace.because()).isNotBlank();
        trace
            .picks()
            .forEach(
                pick -> assertThat(at(tree, pick)).as("%s %s", file.path(), trace).isNotNull());
        line = trace.to() + 1;
      }
      assertThat(line - 1L).as(file.path()).isEqualTo(text.lines().count());
      if (!file.path().equals(Receipt.PATH)) {
        Receipt.Entry entry = receipt.file(file.path()).orElseThrow();
        assertThat(entry.digest()).isEqualTo(Receipt.digest(text));
        assertThat(entry.reasons()).isEqualTo(file.traces());
      }
    }
  }

  private static Object at(Object tree, String pointer) {
    Object at = tree;
    for (String part : pointer.substring(1).split("/", -1)) {
      at =
          at instanceof List<?> list
              ? list.get(Integer.parseInt(part))
              : ((Map<?, ?>) at).get(part);
    }
    return at;
  }
}
