package vividtrellis.bench;

import java.util.Map;
import java.util.Optional;
import java.util.Random;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.EditionLoader;

/** Editions of any size, drawn with a seed: three versions to a line, six levels. */
final class Synthetic {

  private final Random random = new Random(20261123);
  private final StringBuilder yaml = new StringBuilder();
  private final int starters;
  private final int lines;

  private Synthetic(int starters, int lines) {
    this.starters = starters;
    this.lines = lines;
  }

  /**
   * An edition.
   *
   * @param versions of the one framework
   * @param rules written ones; each starter adds the one that says where it can be had
   */
  static Edition edition(int starters, int versions, int rules) {
    String all = new Synthetic(starters, versions / 3).write(rules);
    Map<String, String> files =
        Map.of(
            "edition.yaml",
            "edition: synthetic\nfiles: [all.yaml]\ntemplates: []\n",
            "all.yaml",
            all);
    return EditionLoader.load(name -> Optional.ofNullable(files.get(name)));
  }

  private static String about(String id) {
    return "id: %s, label: %s, summary: S., documentation: \"https://s.example\"".formatted(id, id);
  }

  private String write(int rules) {
    yaml.append(
            "builds: [{ %s, versions: [1.0] }, { %s, versions: [9.8, 8.1] }]\n"
                .formatted(about("one"), about("two")))
        .append("languages: [{ %s, levels: [".formatted(about("java")));
    for (int level = 26; level > 20; level--) {
      yaml.append("{ level: %d, long-term: %s }, ".formatted(level, level % 4 == 1 ? "yes" : "no"));
    }
    yaml.append("] }]\nframeworks: [{ %s, lines: [".formatted(about("frame")));
    for (int line = lines; line > 0; line--) {
      yaml.append(
          "{ line: %1$d.0, standing: supported, source: x, versions: [%1$d.0.3, %1$d.0.2, %1$d.0.1] }, "
              .formatted(line));
    }
    yaml.append("] }]\npackagings: [{ %s }, { %s }]\n".formatted(about("jar"), about("war")))
        .append("samples: [{ %s }]\nlayouts: [{ %s }]\n".formatted(about("none"), about("flat")))
        .append("categories: [{ id: c, label: C }]\nstarters:\n");
    for (int s = 0; s < starters; s++) {
      yaml.append(
          "  - { %s, verb: does, category: c, bindings: [{ when: [\"framework:frame %s\"] }] }\n"
              .formatted(about("s" + s), range()));
    }
    yaml.append("rules:\n");
    for (int r = 0; r < rules; r++) {
      rule(r);
    }
    return yaml.toString();
  }

  private String range() {
    return switch (random.nextInt(4)) {
      case 0 -> "[%d.0,)".formatted(1 + random.nextInt(lines / 2));
      case 1 -> "[1.0,%d.0)".formatted(lines / 2 + random.nextInt(lines / 2));
      default -> "[1.0,)";
    };
  }

  /** Starters need and refuse earlier ones only, so that every one can be had somehow. */
  private void rule(int r) {
    int from = 10 + random.nextInt(starters - 10);
    yaml.append("  - { id: r%d, because: R., evidence: [{ kind: pom, source: x }], ".formatted(r));
    switch (random.nextInt(4)) {
      case 0 ->
          yaml.append(
              "kind: needs, when: [\"starter:s%d\"], one-of: [\"starter:s%d\", \"starter:s%d\"]"
                  .formatted(from, random.nextInt(from), random.nextInt(from)));
      case 1 ->
          yaml.append(
              "kind: clashes, when: [\"starter:s%d\", \"starter:s%d\"]"
                  .formatted(from, random.nextInt(from)));
      case 2 ->
          yaml.append(
              "kind: range, when: [\"starter:s%d\", \"framework:frame %s\"], within: [\"jvm:[%d,)\"]"
                  .formatted(from, range(), 21 + random.nextInt(4)));
      default ->
          yaml.append(
              "kind: wants, when: [\"starter:s%d\"], one-of: [\"starter:s%d\"]"
                  .formatted(from, random.nextInt(from)));
    }
    yaml.append(" }\n");
  }
}
