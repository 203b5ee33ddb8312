package vividtrellis.catalog.audit;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Options.Framework;
import vividtrellis.core.catalog.Options.Line;
import vividtrellis.core.document.Documents;
import vividtrellis.core.document.Documents.Notation;
import vividtrellis.core.document.Node;
import vividtrellis.core.version.Version;

/**
 * The next edition, as far as a registry can tell: each line with its newest patch, and lines that
 * came since. Rules are left as they are; the audit of what is written here says which of them do
 * not hold any more.
 */
final class Proposal {

  private final Edition edition;
  private final Function<String, Optional<String>> files;
  private final Registry registry;
  private final List<String> changes = new ArrayList<>();

  Proposal(Edition edition, Function<String, Optional<String>> files, Registry registry) {
    this.edition = edition;
    this.files = files;
    this.registry = registry;
  }

  /**
   * Writes the data files; templates are not copied, since nothing changes in them.
   *
   * @return what changed, line by line
   */
  List<String> write(Path folder) throws IOException {
    String index = files.apply("edition.yaml").orElseThrow();
    String next = next(edition.id());
    changes.add("edition " + edition.id() + " becomes " + next);
    Files.createDirectories(folder);
    Files.writeString(
        folder.resolve("edition.yaml"),
        index.replaceFirst("edition: *" + Pattern.quote(edition.id()), "edition: " + next));
    Node.Fields read = (Node.Fields) Documents.readTrusted(index, Notation.YAML);
    for (Node name : ((Node.Items) read.get("files").orElseThrow()).values()) {
      String file = String.valueOf(((Node.Scalar) name).text());
      String text = files.apply(file).orElseThrow();
      for (Framework framework : edition.frameworks()) {
        String bom = framework.bom();
        if (text.contains("- id: " + framework.id() + "\n") && bom != null) {
          text = newer(text, framework, bom);
        }
      }
      Files.writeString(folder.resolve(file), text);
    }
    Files.write(folder.resolve("changes.txt"), changes);
    return changes;
  }

  private static String next(String id) {
    return id.matches("20[0-9]{2}-(0[1-9]|1[0-2])") ? YearMonth.parse(id).plusMonths(1) + "" : id;
  }

  private String newer(String text, Framework framework, String bom) {
    List<Version> known =
        registry.versions(bom).stream()
            .filter(Version::isVersion)
            .map(Version::new)
            .sorted(Comparator.reverseOrder())
            .toList();
    String changed = text;
    for (Line line : framework.lines()) {
      Version newest = line.versions().get(0);
      Optional<Version> patch =
          known.stream()
              .filter(each -> each.line().equals(line.line()) && !each.isPreRelease())
              .findFirst()
              .filter(each -> each.compareTo(newest) > 0);
      if (patch.isPresent()) {
        changes.add(framework.id() + " " + line.line() + ": " + newest + " becomes " + patch.get());
        changed = changed.replace("[" + newest, "[" + patch.get() + ", " + newest);
      }
    }
    Version highest = framework.lines().get(0).versions().get(0);
    List<String> lines = new ArrayList<>();
    for (Version each : known) {
      if (each.compareTo(highest) > 0
          && !each.line().equals(highest.line())
          && !lines.contains(each.line())) {
        lines.add(each.line());
        changes.add(framework.id() + ": the line " + each.line() + " is new, with " + each);
        changed =
            changed.replaceFirst("( +)lines:\n", "$1" + Matcher.quoteReplacement(block(each)));
      }
    }
    return changed;
  }

  private static String block(Version version) {
    String standing = version.isPreRelease() ? "pre-release" : "supported";
    return """
    lines:
          - line: %s
            standing: %s
            estimated: yes
            source: "the registry lists %s"
            versions: [%s]
    """
        .formatted(version.line(), standing, version, version);
  }
}
