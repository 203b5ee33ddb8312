package vividtrellis.catalog.reach;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.eclipse.aether.artifact.Artifact;
import org.eclipse.aether.artifact.DefaultArtifact;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.catalog.Options.Framework;
import vividtrellis.core.catalog.Root;
import vividtrellis.core.catalog.Root.Kind;
import vividtrellis.core.version.Version;
import vividtrellis.core.version.VersionedId;

/** By what name and version a build asks for a root. */
final class Coordinates {

  private static final Pattern WORD =
      Pattern.compile("\\{\\{([a-zA-Z]+)}}|\\$\\{([A-Za-z0-9.-]+)}");

  private final List<Root> roots;
  private final Closures closures;

  Coordinates(List<Root> roots, Closures closures) {
    this.roots = roots;
    this.closures = closures;
  }

  /** What is asked for. */
  static Artifact artifact(Root root, String coordinates) {
    String[] parts = coordinates.split(":", -1);
    boolean described = root.kind() == Kind.POM || root.kind() == Kind.SCRIPT_PLUGIN;
    return new DefaultArtifact(parts[0], parts[1], described ? "pom" : "jar", parts[2]);
  }

  /** The version of the language that a root depends on; empty if there is none. */
  static String own(
      Root root, Framework framework, @Nullable Version version, @Nullable String language) {
    if (language != null) {
      return VersionedId.read(language).version();
    }
    String id = root.language();
    return id == null || version == null
        ? ""
        : framework.managed(id, version).map(Version::text).orElse("");
  }

  /** {@code group:artifact:version} of a root; the version is empty where none is to be seen. */
  String of(Root root, @Nullable Version version, String own, @Nullable Base base) {
    String said = root.version();
    Optional<String> found =
        said != null
            ? Optional.of(filled(said, version, own, base))
            : base == null ? Optional.empty() : version(root, version, own, base);
    return root.coordinates() + ":" + found.orElse("");
  }

  private Optional<String> version(Root root, @Nullable Version version, String own, Base base) {
    String key = root.coordinates();
    Optional<String> managed = base.managed(key);
    if (root.kind() != Kind.PLUGIN) {
      return managed;
    }
    // Another binding of the same option, or the framework's, may say the version.
    Optional<String> elsewhere =
        roots.stream()
            .filter(each -> each.kind() == Kind.PLUGIN && each.coordinates().equals(key))
            .filter(each -> each.version() != null)
            .filter(
                each -> each.option().equals(root.option()) || each.option() instanceof Framework)
            .filter(each -> isOf(each, version))
            .map(each -> filled(String.valueOf(each.version()), version, own, base))
            .findFirst();
    return elsewhere.or(() -> base.plugin(key)).or(() -> closures.bound(key));
  }

  /** Whether what one framework says holds for a project with a version, or for one without. */
  private static boolean isOf(Root root, @Nullable Version version) {
    return !(root.option() instanceof Framework framework)
        || framework.lines().isEmpty() == (version == null);
  }

  /** A template with its words filled in. */
  static String filled(
      String template, @Nullable Version version, String own, @Nullable Base base) {
    Matcher words = WORD.matcher(template);
    StringBuilder text = new StringBuilder();
    while (words.find()) {
      String word = words.group(1);
      String value =
          word == null
              ? base == null ? own : base.property(words.group(2)).orElse(own)
              : word.equals("frameworkVersion") ? String.valueOf(version) : own;
      words.appendReplacement(text, Matcher.quoteReplacement(value));
    }
    words.appendTail(text);
    return text.toString();
  }
}
