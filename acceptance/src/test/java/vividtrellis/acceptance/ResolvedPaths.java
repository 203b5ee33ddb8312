package vividtrellis.acceptance;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.maven.artifact.versioning.ComparableVersion;
import vividtrellis.catalog.ShippedEdition;
import vividtrellis.core.brief.Key;
import vividtrellis.core.catalog.Contribution.Scope;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.compat.Verdict;
import vividtrellis.core.compat.Verdicts;
import vividtrellis.core.plan.BuildModel.Dependency;
import vividtrellis.core.plan.ProjectPlanner;

/**
 * The class paths that a real build with Gradle resolved, held against those that Maven resolves
 * for the same brief: the same artifacts in the same versions.
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
            project.configurations.getByName(path).incoming.resolutionResult.allComponents.each { one ->
              one.dependents.each { println "${one.id.displayName} <- ${it.from.id.displayName}" } } } } } } }
      """;

  /** Scopes that are on other class paths with one build than with the other. */
  private static final Set<Scope> OTHERWISE =
      Set.of(Scope.COMPILE_ONLY, Scope.DEVELOPMENT, Scope.PROCESSOR);

  /** What the module metadata that only Gradle reads has for compiling alone. */
  private static final Set<String> FOR_COMPILING = Set.of("org.apiguardian:apiguardian-api");

  private static final Pattern SHOWN =
      Pattern.compile("(runtime|testRuntime)Classpath (\\S+):([^:\\s]+)");
  private static final Pattern BROUGHT = Pattern.compile("(\\S+):[^:\\s]+ <- (.*)");
  private static final Pattern LISTED =
      Pattern.compile("\\s+([^:\\s]+:[^:\\s]+):[^:\\s]+:(?:[^:\\s]+:)?([^:\\s]+):([a-z]+)(?: .*)?");
  private static final Edition EDITION = ShippedEdition.load();

  private final Set<String> explained;
  private final Map<String, Set<String>> broughtBy;
  private final Set<String> newer = new TreeSet<>();
  private final Set<String> faults = new TreeSet<>();

  private ResolvedPaths(Set<String> explained, String shown) {
    this.explained = explained;
    this.broughtBy =
        shown
            .lines()
            .map(BROUGHT::matcher)
            .filter(Matcher::matches)
            .collect(
                Collectors.groupingBy(
                    each -> each.group(1),
                    Collectors.mapping(
                        each -> each.group(2).replaceFirst(":[^:]*$", ""), Collectors.toSet())));
  }

  /**
   * What differs.
   *
   * @param fault that nothing explains; empty for none
   * @param newer what Gradle has newer, since a list of versions that is not enforced sets no upper
   *     bound there; empty for nothing
   */
  record Difference(String fault, String newer) {}

  /**
   * Looks.
   *
   * @param shown what the build with Gradle printed
   * @param folder for the same project with Maven; it is not there yet
   */
  static Difference of(Verdict verdict, String shown, Path folder, Path jdk) throws Exception {
    Verdict twin = new Verdicts(EDITION).judge(verdict.brief().with(Key.BUILD, "maven"), 2026);
    if (!twin.isWritable()) {
      return new Difference("", "");
    }
    RealBuild.write(twin, folder);
    Command.Result listed =
        new Command(
                folder,
                List.of(
                    "./mvnw",
                    "-B",
                    "-ntp",
                    "org.apache.maven.plugins:maven-dependency-plugin:3.9.0:list",
                    "-DincludeScope=test",
                    "-DoutputFile=listed.txt"))
            .with(Map.of("JAVA_HOME", jdk.toString()))
            .run(300);
    if (listed.code() != 0) {
      return new Difference("Maven does not list what the same project resolves", "");
    }
    List<String> lines = Files.readAllLines(folder.resolve("listed.txt"));
    ResolvedPaths paths = new ResolvedPaths(explained(verdict, twin), shown);
    paths.compare(shown(shown, "runtime"), listed(lines, Set.of("compile", "runtime", "provided")));
    paths.compare(
        shown(shown, "testRuntime"),
        listed(lines, Set.of("compile", "runtime", "provided", "test")));
    return new Difference(String.join(", ", paths.faults), String.join(", ", paths.newer));
  }

  /** What the catalog itself has otherwise for the two builds. */
  private static Set<String> explained(Verdict gradle, Verdict maven) {
    Set<String> explained = new HashSet<>(FOR_COMPILING);
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
    return ProjectPlanner.plan(verdict, EDITION, ShippedEdition.surroundings())
        .build()
        .dependencies()
        .stream();
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
    if (gradle.isEmpty() || maven.isEmpty()) {
      faults.add("a class path was not shown");
      return;
    }
    Set<String> keys = new TreeSet<>(gradle.keySet());
    keys.addAll(maven.keySet());
    keys.removeAll(explained);
    Set<String> moved = new HashSet<>();
    Set<String> alone = new TreeSet<>();
    for (String key : keys) {
      String one = gradle.get(key);
      String other = maven.get(key);
      if (one == null) {
        faults.add(key + " only with Maven");
      } else if (other == null) {
        alone.add(key);
      } else if (new ComparableVersion(one).compareTo(new ComparableVersion(other)) > 0) {
        moved.add(key);
        newer.add(key.substring(key.indexOf(':') + 1) + " " + one);
      } else if (!one.equals(other)) {
        faults.add(key + " " + one + " with Gradle, " + other + " with Maven");
      }
    }
    // What only newer ones bring, the older ones with Maven do not.
    while (alone.removeIf(key -> moved.containsAll(broughtBy.getOrDefault(key, Set.of(""))))) {
      keys.stream()
          .filter(key -> gradle.containsKey(key) && !maven.containsKey(key))
          .filter(key -> !alone.contains(key))
          .forEach(moved::add);
    }
    alone.forEach(key -> faults.add(key + " only with Gradle"));
  }
}
