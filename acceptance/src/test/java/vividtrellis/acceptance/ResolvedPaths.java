package vividtrellis.acceptance;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import vividtrellis.acceptance.ExplainedDifferences.Difference;
import vividtrellis.catalog.ShippedEdition;
import vividtrellis.core.brief.Key;
import vividtrellis.core.catalog.Contribution.Scope;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.compat.Verdict;
import vividtrellis.core.compat.judging.Verdicts;
import vividtrellis.core.plan.BuildModel.Dependency;
import vividtrellis.core.plan.ProjectPlanner;

/**
 * The class paths that a real build with Gradle resolved, held against those that Maven resolves
 * for the same brief: the same artifacts in the same versions, but for what {@link
 * ExplainedDifferences} explains.
 */
final class ResolvedPaths {

  /** Prints what was resolved, beside whatever else is built. */
  static final String SHOWING =
      """
      allprojects { afterEvaluate { project ->
        project.tasks.register('shownPaths') { doLast {
          ['runtimeClasspath', 'testRuntimeClasspath'].each { path ->
            project.configurations.getByName(path).incoming.artifacts.artifacts.each {
              println "$path ${it.id.componentIdentifier.displayName}" }
            project.configurations.getByName(path).incoming.resolutionResult.allDependencies.each {
              if (!it.constraint && it.hasProperty('selected'))
                println "$path ${it.from.id.displayName} > ${it.selected.id.displayName}" } } } } } }
      """;

  /** Scopes that are on other class paths with one build than with the other. */
  private static final Set<Scope> OTHERWISE =
      Set.of(Scope.COMPILE_ONLY, Scope.DEVELOPMENT, Scope.PROCESSOR);

  /**
   * What only Maven reads: a profile in the POM of spring-grpc-core, that brings a faster transport
   * on Linux.
   */
  private static final Set<String> READ_BY_ONE =
      Set.of("io.netty:netty-transport-native-epoll", "io.netty:netty-transport-classes-epoll");

  private static final Path REPOSITORY =
      Path.of(System.getProperty("user.home"), ".m2", "repository");

  private static final Pattern SHOWN =
      Pattern.compile("(runtime|testRuntime)Classpath (\\S+):([^:\\s]+)");
  private static final Pattern LISTED =
      Pattern.compile("\\s+([^:\\s]+:[^:\\s]+):[^:\\s]+:(?:[^:\\s]+:)?([^:\\s]+):([a-z]+)(?: .*)?");
  private static final Edition EDITION = ShippedEdition.load();

  private final Set<String> explained;
  private final Set<Difference> differences = new LinkedHashSet<>();

  private ResolvedPaths(Set<String> explained) {
    this.explained = explained;
  }

  /**
   * What differs and nothing explains; empty for nothing.
   *
   * @param shown what the build with Gradle printed
   * @param folder for the same project with Maven; it is not there yet
   */
  static String of(Verdict verdict, String shown, Path folder, Path jdk) throws Exception {
    Verdict twin = new Verdicts(EDITION).judge(verdict.brief().with(Key.BUILD, "maven"), 2026);
    if (!twin.isWritable()) {
      return "";
    }
    RealBuild.write(twin, folder);
    if (!asked(folder, jdk, "list", "listed.txt")) {
      return "Maven does not list what the same project resolves";
    }
    List<String> lines = Files.readAllLines(folder.resolve("listed.txt"));
    ResolvedPaths paths = new ResolvedPaths(explained(verdict, twin));
    Map<String, String> tests = shown(shown, "testRuntime");
    Map<String, String> all = listed(lines, Set.of("compile", "runtime", "provided", "test"));
    if (tests.isEmpty() || all.isEmpty()) {
      return "a class path was not shown";
    }
    paths.compare(tests, all);
    // Maven has one version for all class paths, also where only a test asked for that one.
    Map<String, String> program = shown(shown, "runtime");
    program.replaceAll(
        (key, version) -> all.containsKey(key) ? tests.getOrDefault(key, version) : version);
    paths.compare(program, listed(lines, Set.of("compile", "runtime", "provided")));
    if (paths.differences.isEmpty()) {
      return "";
    }
    if (!asked(folder, jdk, "tree", "tree.txt")) {
      return "Maven does not show what brings what";
    }
    Set<String> ownExclusions =
        dependencies(twin)
            .flatMap(each -> each.without().stream())
            .map(each -> each.group() + ":" + each.artifact())
            .collect(Collectors.toSet());
    return new ExplainedDifferences(
            Files.readAllLines(folder.resolve("tree.txt")), shown, ownExclusions, REPOSITORY)
        .unexplained(List.copyOf(paths.differences)).stream()
            .map(ResolvedPaths::told)
            .collect(Collectors.joining(", "));
  }

  private static boolean asked(Path folder, Path jdk, String goal, String file) throws Exception {
    return new Command(
                folder,
                List.of(
                    "./mvnw",
                    "-B",
                    "-ntp",
                    "org.apache.maven.plugins:maven-dependency-plugin:3.9.0:" + goal,
                    "-DincludeScope=test",
                    "-Dverbose",
                    "-DoutputFile=" + file))
            .with(jdk)
            .run(300)
            .code()
        == 0;
  }

  private static String told(Difference each) {
    if (each.gradle() == null) {
      return each.key() + " only with Maven";
    }
    return each.maven() == null
        ? each.key() + " only with Gradle"
        : "%s %s with Gradle, %s with Maven".formatted(each.key(), each.gradle(), each.maven());
  }

  /** What the catalog itself has otherwise for the two builds. */
  private static Set<String> explained(Verdict gradle, Verdict maven) {
    Set<String> explained = new HashSet<>(READ_BY_ONE);
    Set<String> one = keys(gradle).collect(Collectors.toSet());
    Set<String> other = keys(maven).collect(Collectors.toSet());
    Stream.concat(keys(gradle), keys(maven))
        .filter(key -> !one.contains(key) || !other.contains(key))
        .forEach(explained::add);
    dependencies(gradle)
        .filter(each -> OTHERWISE.contains(each.scope()))
        .forEach(each -> explained.add(each.key()));
    return explained;
  }

  private static Stream<Dependency> dependencies(Verdict verdict) {
    return ProjectPlanner.plan(verdict, EDITION, ShippedEdition.inputs()).builds().stream()
        .flatMap(build -> build.dependencies().stream());
  }

  private static Stream<String> keys(Verdict verdict) {
    return dependencies(verdict).map(Dependency::key);
  }

  /** Versions by {@code group:artifact}. */
  private static Map<String, String> shown(String text, String path) {
    return text.lines()
        .map(SHOWN::matcher)
        .filter(Matcher::matches)
        .filter(each -> each.group(1).equals(path))
        .collect(Collectors.toMap(m -> m.group(2), m -> m.group(3), (one, other) -> one));
  }

  private static Map<String, String> listed(List<String> lines, Set<String> scopes) {
    return lines.stream()
        .map(LISTED::matcher)
        .filter(Matcher::matches)
        .filter(each -> scopes.contains(each.group(3)))
        .collect(Collectors.toMap(m -> m.group(1), m -> m.group(2), (one, other) -> one));
  }

  private void compare(Map<String, String> gradle, Map<String, String> maven) {
    Set<String> keys = new TreeSet<>(gradle.keySet());
    keys.addAll(maven.keySet());
    keys.removeAll(explained);
    for (String key : keys) {
      Difference each = new Difference(key, gradle.get(key), maven.get(key));
      if (each.gradle() == null
          || each.maven() == null
          || !plain(each.gradle()).equals(plain(each.maven()))) {
        differences.add(each);
      }
    }
  }

  /** Module metadata leads from a library's flavour for phones to the one for other machines. */
  private static String plain(String version) {
    return version.replaceFirst("-(android|jre)$", "");
  }
}
