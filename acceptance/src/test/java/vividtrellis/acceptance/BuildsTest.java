package vividtrellis.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import vividtrellis.catalog.ShippedEdition;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.compat.Selection;
import vividtrellis.core.compat.Verdict;
import vividtrellis.core.pack.Receipt;
import vividtrellis.core.plan.ProjectPlanner;
import vividtrellis.core.render.FileSet;
import vividtrellis.core.render.FileSet.GeneratedFile;
import vividtrellis.core.render.Renderer;

/**
 * What the verdict accepts is built, started and asked. A few cases each day by turns; with {@code
 * -Dbuilds=all} every one, which goes on where it was stopped and writes {@code docs/builds.md}.
 */
class BuildsTest {

  private static final int A_FEW = 2;
  private static final Path KEPT = Product.CHECKOUT.resolve(".state/builds.tsv");
  private static final Path TABLE = Product.CHECKOUT.resolve("docs/builds.md");

  /** Starters whose server is not here: their projects are built, and not started. */
  private static final Set<String> ELSEWHERE =
      Set.of(
          "postgresql",
          "mysql",
          "mariadb",
          "oracle",
          "sqlserver",
          "mongodb",
          "redis",
          "cassandra",
          "neo4j",
          "elasticsearch",
          "couchbase",
          "ldap",
          "rabbitmq",
          "kafka",
          "jms-artemis",
          "jms-activemq",
          "pulsar",
          "sessions-redis",
          "tokens",
          "local-containers");

  @TempDir Path temp;

  private final Edition edition = ShippedEdition.load();

  /** How far a case came. */
  private record Reached(String brief, String how, long seconds, String note) {
    String line(String digest) {
      return String.join("\t", digest, brief, how, Long.toString(seconds), note);
    }
  }

  @Test
  void whatTheVerdictAcceptsBuilds() throws Exception {
    List<Verdict> cases = BuildCases.all();
    boolean all = "all".equals(System.getProperty("builds"));
    if (!all) {
      List<Verdict> maven =
          cases.stream().filter(v -> v.selection().orElseThrow().build().equals("maven")).toList();
      int first = (int) (LocalDate.now(java.time.ZoneOffset.UTC).toEpochDay() * A_FEW);
      List<Verdict> few = new ArrayList<>();
      for (int i = 0; i < A_FEW; i++) {
        few.add(maven.get(Math.floorMod(first + i, maven.size())));
      }
      cases = few;
    }
    Map<String, Reached> known = all ? known() : new LinkedHashMap<>();
    List<Reached> faults = new ArrayList<>();
    Map<String, Reached> current = new LinkedHashMap<>();
    for (Verdict verdict : cases) {
      FileSet files = files(verdict);
      String digest = Receipt.digest(files.files().toString()).substring(0, 16);
      Reached reached = known.get(digest);
      if (reached == null || reached.how().equals("failed")) {
        reached = reach(verdict, files);
        if (reached.how().equals("not fetchable here")) {
          // The registry copy lacks artifacts of the newest patches; an older one has all of them.
          Optional<Verdict> older = BuildCases.older(verdict);
          reached = older.isPresent() ? reach(older.get(), files(older.get())) : reached;
        }
        if (all) {
          keep(digest, reached);
        }
      }
      current.put(digest, reached);
      if (all) {
        write(current, cases.size());
      }
      if (reached.how().equals("failed")) {
        faults.add(reached);
      }
    }
    assertThat(faults).isEmpty();
  }

  private FileSet files(Verdict verdict) {
    return Renderer.render(ProjectPlanner.plan(verdict, edition, ShippedEdition.surroundings()));
  }

  private Reached reach(Verdict verdict, FileSet files) throws Exception {
    Selection selection = verdict.selection().orElseThrow();
    String brief = words(selection);
    if (!selection.build().equals("maven")) {
      return new Reached(brief, "evaluated", 0, "no Gradle of this version is in a registry");
    }
    Optional<Path> jdk = jdk(Integer.parseInt(selection.jdk().text()));
    if (jdk.isEmpty()) {
      return new Reached(brief, "evaluated", 0, "no JDK " + selection.jdk().text() + " is here");
    }
    Path project = Files.createTempDirectory(temp, "case");
    for (GeneratedFile file : files.files()) {
      Path there = project.resolve(file.path());
      Files.createDirectories(there.getParent());
      Files.writeString(there, file.text());
      if (file.mode().equals("755")) {
        assertThat(there.toFile().setExecutable(true)).isTrue();
      }
    }
    long start = System.nanoTime();
    Command.Result built = build(project, jdk.get(), "-o");
    if (built.code() != 0 && isMissing(built)) {
      built = build(project, jdk.get());
    }
    String how = built.code() == 0 ? "built" : isMissing(built) ? "not fetchable here" : "failed";
    String note = built.code() == 0 ? "" : fault(built.out());
    String differs = how.equals("built") ? EffectiveModel.fault(project, jdk.get(), selection) : "";
    if (!differs.isEmpty()) {
      how = "failed";
      note = differs;
    }
    if (how.equals("built") && selection.starters().stream().noneMatch(ELSEWHERE::contains)) {
      String said = start(project, jdk.get(), selection);
      how = said.isEmpty() ? "answered" : said.equals("-") ? "started" : "failed";
      note = said.length() > 1 ? said : "";
    }
    long seconds = (System.nanoTime() - start) / 1_000_000_000L;
    delete(project);
    return new Reached(brief, how, seconds, note);
  }

  private static String words(Selection s) {
    String own = s.languageVersion() == null ? "" : "@" + s.languageVersion().text();
    String second = s.alongside().equals("none") ? "" : " with " + s.alongside();
    String framework = s.frameworkVersion() == null ? "" : "@" + s.frameworkVersion().text();
    return "%s%s, %s%s%s at %s, %s, %s, %s, %s: %s"
        .formatted(
            s.framework(),
            framework,
            s.language(),
            own,
            second,
            s.jvm().text(),
            s.build(),
            s.packaging(),
            s.sample(),
            s.layout(),
            String.join(" ", s.starters()));
  }

  private static Optional<Path> jdk(int wanted) throws IOException {
    try (Stream<Path> jdks = Files.list(Path.of("/usr/lib/jvm"))) {
      return jdks.filter(jdk -> Files.exists(jdk.resolve("bin/javac")))
          .filter(jdk -> level(jdk) >= wanted)
          .min((a, b) -> Integer.compare(level(a), level(b)));
    }
  }

  private static int level(Path jdk) {
    try {
      return Files.readAllLines(jdk.resolve("release")).stream()
          .filter(line -> line.startsWith("JAVA_VERSION="))
          .map(line -> line.replaceAll("[^0-9.]", "").replaceFirst("\\..*", ""))
          .mapToInt(Integer::parseInt)
          .findFirst()
          .orElse(0);
    } catch (IOException e) {
      return 0;
    }
  }

  private static Command.Result build(Path project, Path jdk, String... more) throws Exception {
    List<String> words = new ArrayList<>(List.of("./mvnw", "-B", "-ntp"));
    words.addAll(List.of(more));
    words.add("verify");
    return new Command(project, words).with(Map.of("JAVA_HOME", jdk.toString())).run(600);
  }

  private static boolean isMissing(Command.Result built) {
    return built.out().contains("Could not resolve")
        || built.out().contains("Could not find artifact")
        || built.out().contains("Non-resolvable parent")
        || built.out().contains("could not be resolved");
  }

  private static String fault(String log) {
    String line =
        log.lines().filter(each -> each.startsWith("[ERROR]")).findFirst().orElse("no reason told");
    String plain = line.replaceAll("https?://\\S+", "(address)").replaceAll("/\\S*/", "");
    return plain.substring(0, Math.min(160, plain.length())).replace('|', '/').replace('\t', ' ');
  }

  /** Empty if it answered, a dash if it started and has no address to ask, else what went wrong. */
  private String start(Path project, Path jdk, Selection selection) throws Exception {
    Path packaged;
    try (Stream<Path> made = Files.list(project.resolve("target"))) {
      packaged =
          made.filter(f -> f.toString().endsWith("." + selection.packaging()))
              .findFirst()
              .orElseThrow();
    }
    int port = Product.freePort();
    Path log = project.resolve("target/run.log");
    Process app =
        new ProcessBuilder(
                jdk + "/bin/java",
                "-jar",
                packaged.toString(),
                "--server.port=" + port,
                "--debug=false")
            .directory(project.toFile())
            .redirectErrorStream(true)
            .redirectOutput(log.toFile())
            .start();
    try {
      for (int i = 0; i < 600 && app.isAlive() && !isUp(log); i++) {
        Thread.sleep(100);
      }
      if (!isUp(log)) {
        return "it did not start: " + fault(Files.readString(log).replace("\n***", "\n[ERROR]"));
      }
      if (!selection.starters().contains("http-api")) {
        return "-";
      }
      String path = selection.sample().equals("walkthrough") ? "/notes" : "/about";
      int status =
          HttpClient.newHttpClient()
              .send(
                  HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path)).build(),
                  HttpResponse.BodyHandlers.discarding())
              .statusCode();
      boolean asksWho =
          selection.starters().stream().anyMatch(id -> id.matches("sign-in.*|token.*"));
      boolean none = selection.sample().equals("none");
      boolean right = none ? status < 500 : asksWho ? status < 500 : status == 200;
      return right ? "" : path + " answered " + status;
    } finally {
      app.destroy();
      app.waitFor();
    }
  }

  /** Servers say that they started, too, a while before the application does. */
  private static boolean isUp(Path log) throws IOException {
    return Files.readString(log).lines().anyMatch(line -> line.matches(".* Started \\S+ in .*"));
  }

  private static void delete(Path folder) throws IOException {
    try (Stream<Path> all = Files.walk(folder)) {
      for (Path each : all.sorted(java.util.Comparator.reverseOrder()).toList()) {
        Files.delete(each);
      }
    }
  }

  private static Map<String, Reached> known() throws IOException {
    Map<String, Reached> known = new LinkedHashMap<>();
    for (String line : Files.exists(KEPT) ? Files.readAllLines(KEPT) : List.<String>of()) {
      String[] parts = line.split("\t", -1);
      known.put(parts[0], new Reached(parts[1], parts[2], Long.parseLong(parts[3]), parts[4]));
    }
    return known;
  }

  private static void keep(String digest, Reached reached) throws IOException {
    Files.createDirectories(KEPT.getParent());
    Files.writeString(
        KEPT,
        reached.line(digest) + "\n",
        java.nio.file.StandardOpenOption.CREATE,
        java.nio.file.StandardOpenOption.APPEND);
  }

  private static void write(Map<String, Reached> all, int cases) throws IOException {
    StringBuilder text = new StringBuilder();
    text.append("# What was built\n\n")
        .append("Written by `./verify --builds`. Each two values of framework line, language with")
        .append(" level, build\nsystem, packaging, sample and layout meet in one case, and each")
        .append(" starter is in one at least. *Evaluated*\nmeans read by the real compilers and")
        .append(
            " held against the same project with Maven, *built* with its tests,\n*started* from")
        .append(" the packaged file, *answered* over HTTP. Level 21 is built on JDK 25.\n\n");
    Map<String, Integer> counts = new java.util.TreeMap<>();
    all.values().forEach(each -> counts.merge(each.how(), 1, Integer::sum));
    text.append("%d of %d cases:\n\n".formatted(all.size(), cases));
    counts.forEach(
        (how, count) -> text.append(String.format(Locale.ROOT, "- %s: %d%n", how, count)));
    text.append("\n| brief | reached | seconds | note |\n|---|---|---|---|\n");
    all.values()
        .forEach(
            each ->
                text.append("| ")
                    .append(
                        String.join(
                            " | ", each.brief(), each.how(), each.seconds() + "", each.note()))
                    .append(" |\n"));
    Files.writeString(TABLE, text.toString());
  }
}
