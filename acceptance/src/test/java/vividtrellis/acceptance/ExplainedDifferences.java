package vividtrellis.acceptance;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Of a library that nothing manages and that is asked for in several versions, Maven takes the one
 * that is asked for nearest to the project and Gradle the newest; each then brings what that one
 * asks for. Of what a library excludes from another, Maven hears where that way is the nearest, and
 * Gradle where all ways do so. And of a library that is published with Gradle's own metadata,
 * Gradle reads that, and Maven the POM beside it; they may bring different things. Tells the
 * differences of two class paths that come of it, seen in Maven's own tree and in POMs, from those
 * that do not.
 */
final class ExplainedDifferences {

  private static final Pattern NODE =
      Pattern.compile(
          "([|+\\\\"
              + " -]*)\\(?([^:\\s(]+:[^:\\s]+):[^:\\s]+:(?:[^:\\s]+:)?([^:\\s]+):(?:compile|runtime|provided|test)(.*)");
  private static final Pattern EDGE =
      Pattern.compile("\\w+Classpath ([^:\\s]+:[^:\\s]+):\\S+ > ([^:\\s]+:[^:\\s]+):\\S+");

  /** Every version that something in Maven's tree asks for, taken or not. */
  private final Map<String, Set<String>> asked = new HashMap<>();

  private final Map<String, Set<String>> bringersWithMaven = new HashMap<>();
  private final Map<String, Set<String>> bringersWithGradle = new HashMap<>();
  private final Set<String> declared = new HashSet<>();
  private final Set<String> ownExclusions;
  private final Path repository;
  private final Set<String> explained = new HashSet<>();

  /**
   * From what the builds say of themselves.
   *
   * @param tree of Maven, verbose
   * @param edges that the build with Gradle printed, among other lines
   * @param ownExclusions {@code group:artifact} of what the project itself wants not to be brought
   * @param repository of Maven, with every POM of the tree
   */
  ExplainedDifferences(
      List<String> tree, String edges, Set<String> ownExclusions, Path repository) {
    this.ownExclusions = ownExclusions;
    this.repository = repository;
    Deque<String> above = new ArrayDeque<>();
    for (String line : tree) {
      Matcher node = NODE.matcher(line);
      if (!node.matches()) {
        continue;
      }
      int depth = node.group(1).length() / 3;
      String key = node.group(2);
      while (above.size() >= depth && !above.isEmpty()) {
        above.pop();
      }
      asked.computeIfAbsent(key, k -> new HashSet<>()).add(node.group(3));
      if (depth == 1) {
        declared.add(key);
      } else if (!above.isEmpty()) {
        bringersWithMaven.computeIfAbsent(key, k -> new HashSet<>()).add(above.peek());
      }
      above.push(key);
    }
    edges
        .lines()
        .map(EDGE::matcher)
        .filter(Matcher::matches)
        .forEach(
            edge ->
                bringersWithGradle
                    .computeIfAbsent(edge.group(2), k -> new HashSet<>())
                    .add(edge.group(1)));
  }

  /** A library that is on one class path only, or on both in other versions; null for none. */
  record Difference(String key, @Nullable String gradle, @Nullable String maven) {}

  /** Those that are something else. */
  List<Difference> unexplained(List<Difference> differences) {
    List<Difference> left = new ArrayList<>(differences);
    while (left.removeIf(this::isExplained)) {
      // What one library of another version brings, or asks for, may explain the next.
    }
    return left;
  }

  private boolean isExplained(Difference each) {
    boolean known;
    if (each.gradle() == null) {
      // One that Gradle has, too, but without a file: its metadata leads on to another.
      known =
          bringersWithGradle.containsKey(each.key())
              || areExplained(bringersWithMaven.get(each.key()));
    } else if (each.maven() == null) {
      known = areExplained(bringersWithGradle.get(each.key())) || isExcludedOnTheWay(each.key());
    } else {
      known =
          !declared.contains(each.key())
              && (asked.getOrDefault(each.key(), Set.of()).contains(each.gradle())
                  || isExcludedOnTheWay(each.key())
                  || bringersWithGradle.getOrDefault(each.key(), Set.of()).stream()
                      .anyMatch(explained::contains));
    }
    return known && explained.add(each.key());
  }

  private boolean areExplained(@Nullable Set<String> bringers) {
    return bringers != null
        && bringers.stream().allMatch(each -> explained.contains(each) || hasMetadata(each));
  }

  /** Whether its POM says that there is something better to read beside it. */
  private boolean hasMetadata(String key) {
    String[] parts = key.split(":", 2);
    return asked.getOrDefault(key, Set.of()).stream()
        .map(
            version ->
                repository
                    .resolve(parts[0].replace('.', '/'))
                    .resolve(parts[1])
                    .resolve(version)
                    .resolve(parts[1] + "-" + version + ".pom"))
        .anyMatch(ExplainedDifferences::isMarked);
  }

  private static boolean isMarked(Path pom) {
    try {
      return Files.exists(pom)
          && Files.readString(pom).contains("do_not_remove: published-with-gradle-metadata");
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Whether something that both have asks for it, which Maven, and no one of ours, leaves out. */
  private boolean isExcludedOnTheWay(String key) {
    Set<String> withMaven = bringersWithMaven.getOrDefault(key, Set.of());
    return !ownExclusions.contains(key)
        && bringersWithGradle.getOrDefault(key, Set.of()).stream()
            .anyMatch(bringer -> asked.containsKey(bringer) && !withMaven.contains(bringer));
  }
}
