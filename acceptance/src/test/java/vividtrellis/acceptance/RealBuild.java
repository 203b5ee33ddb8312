package vividtrellis.acceptance;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import vividtrellis.catalog.ShippedEdition;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.compat.Selection;
import vividtrellis.core.compat.Verdict;
import vividtrellis.core.plan.ProjectPlanner;
import vividtrellis.core.render.FileSet;
import vividtrellis.core.render.FileSet.GeneratedFile;
import vividtrellis.core.render.Renderer;

/**
 * Builds and tests a project, a Maven one with its own wrapper, and has what comes out started and
 * asked.
 */
final class RealBuild implements AutoCloseable {

  /** The newest JDK that code of Gradle 8.8 runs on. */
  static final int NEWEST_FOR_GRADLE = 22;

  private static final Edition EDITION = ShippedEdition.load();

  private final Path temp;
  private final LocalServers servers;
  private final GradleBuild gradle;

  RealBuild(Path temp, LocalServers servers) throws IOException {
    this.temp = temp;
    this.servers = servers;
    this.gradle = new GradleBuild(jdk(17, NEWEST_FOR_GRADLE).orElseThrow());
  }

  @Override
  public void close() throws IOException {
    gradle.close();
  }

  /**
   * How far a project came.
   *
   * @param how evaluated, not fetchable here, failed, built, started or answered
   */
  record Reached(String brief, String how, long seconds, String note) {
    boolean isFailed() {
      return how.equals("failed");
    }
  }

  static FileSet files(Verdict verdict) {
    return Renderer.render(ProjectPlanner.plan(verdict, EDITION, ShippedEdition.inputs()));
  }

  static void write(Verdict verdict, Path project) throws IOException {
    for (GeneratedFile file : files(verdict).files()) {
      Path there = project.resolve(file.path());
      Files.createDirectories(there.getParent());
      Files.writeString(there, file.text());
      if (file.mode().equals("755") && !there.toFile().setExecutable(true)) {
        throw new IOException(there + " cannot be made to run");
      }
    }
  }

  /** Whether the check told beforehand that the registry lacks something of it. */
  private static boolean isToldOutOfReach(Verdict verdict) {
    return verdict.findings().stream().anyMatch(each -> each.rule().endsWith("-out-of-reach"));
  }

  /** Whether there is a JDK here that the project takes. */
  static boolean canBuild(Verdict verdict) {
    return jdk(verdict).isPresent();
  }

  Reached reach(Verdict verdict) throws Exception {
    Selection selection = verdict.selection().orElseThrow();
    String brief = words(selection);
    boolean maven = selection.build().equals("maven");
    Optional<Path> jdk = jdk(verdict);
    if (jdk.isEmpty()) {
      return new Reached(brief, "evaluated", 0, "no JDK " + selection.jdk().text() + " is here");
    }
    Path project = Files.createTempDirectory(temp, "case");
    write(verdict, project);
    long start = System.nanoTime();
    Command.Result built =
        maven ? build(project, jdk.get(), "-o") : gradle.build(project, selection);
    if (maven && built.code() != 0 && isMissing(built)) {
      built = build(project, jdk.get());
    }
    boolean told = isMissing(built) && isToldOutOfReach(verdict);
    String how = built.code() == 0 ? "built" : told ? "not fetchable here" : "failed";
    String note = built.code() == 0 ? "" : fault(built.both());
    if (how.equals("built")) {
      String passed = maven ? "" : gradle.note(selection);
      String differs = CompiledLevel.fault(project, selection);
      if (differs.isEmpty()) {
        differs =
            maven
                ? EffectiveModel.fault(project, jdk.get(), selection)
                : ResolvedPaths.of(verdict, built.out(), project.resolve("build/twin"), jdk.get());
      }
      if (differs.isEmpty()) {
        differs = ReadmeCommands.of(project).unreadable();
      }
      boolean plain = StartedProject.canStart(selection);
      String said =
          !differs.isEmpty()
              ? differs
              : plain ? new StartedProject(project, jdk.get(), servers).fault(selection) : "";
      how = said.length() > 1 ? "failed" : !plain ? how : said.isEmpty() ? "answered" : "started";
      note = said.length() > 1 ? said.strip().replaceAll("\\s+", " ") : passed;
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

  private static Optional<Path> jdk(Verdict verdict) {
    int from = Integer.parseInt(verdict.selection().orElseThrow().jdk().text());
    if (!verdict.selection().orElseThrow().build().equals("maven")) {
      // A tool chain is one JDK and no other.
      return jdk(from, from);
    }
    int to =
        verdict
            .jdks()
            .orElseThrow()
            .highest()
            .map(each -> Integer.parseInt(each.text()))
            .orElse(Integer.MAX_VALUE);
    return jdk(from, to);
  }

  static Optional<Path> jdk(int from, int to) {
    try (Stream<Path> jdks = Files.list(Path.of("/usr/lib/jvm"))) {
      return jdks.filter(jdk -> Files.exists(jdk.resolve("bin/javac")))
          .filter(jdk -> level(jdk) >= from && level(jdk) <= to)
          .min((a, b) -> Integer.compare(level(a), level(b)));
    } catch (IOException e) {
      return Optional.empty();
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
    return new Command(project, words).with(jdk).run(600);
  }

  private static boolean isMissing(Command.Result built) {
    return built.both().contains("Could not resolve")
        || built.both().contains("Could not find ")
        || built.out().contains("Non-resolvable parent")
        || built.out().contains("could not be resolved");
  }

  static String fault(String log) {
    String line =
        log.lines()
            .filter(each -> each.startsWith("[ERROR]") || (each.startsWith("> ") && !isTask(each)))
            .findFirst()
            .orElse("no reason told");
    // Gradle tells the reason of a reason below it.
    String last =
        log.lines()
            .filter(each -> each.startsWith("   "))
            .filter(RealBuild::isReason)
            .reduce("", (a, b) -> a + b.strip() + " ");
    line = last.isEmpty() ? line : last;
    String plain = line.replaceAll("https?://\\S+", "(address)").replaceAll("/\\S*/", "");
    return plain.substring(0, Math.min(160, plain.length())).replace('|', '/').replace('\t', ' ');
  }

  private static boolean isReason(String line) {
    return line.strip().startsWith("> ");
  }

  private static boolean isTask(String line) {
    return line.startsWith("> Task ") || line.startsWith("> Configure ");
  }

  static void delete(Path folder) throws IOException {
    try (Stream<Path> all = Files.walk(folder)) {
      for (Path each : all.sorted(Comparator.reverseOrder()).toList()) {
        Files.delete(each);
      }
    }
  }
}
