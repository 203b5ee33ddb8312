package vividtrellis.catalog.reach;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import org.eclipse.aether.artifact.Artifact;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.catalog.Contribution;
import vividtrellis.core.catalog.Contribution.Scope;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Options.Framework;
import vividtrellis.core.catalog.Options.Language;
import vividtrellis.core.catalog.Options.Line;
import vividtrellis.core.catalog.Options.Option;
import vividtrellis.core.catalog.Reach.Hole;
import vividtrellis.core.catalog.Root;
import vividtrellis.core.catalog.Root.Kind;
import vividtrellis.core.version.Version;
import vividtrellis.core.version.VersionedId;

/**
 * Asks a registry for everything that projects of an edition would ask it for: each root, for each
 * framework version, and for each language version that stands in for the managed one.
 */
public final class ReachAudit {

  private final Edition edition;
  private final Repository registry;
  private final Closures closures;
  private final Answers answers;
  private final Instant deadline;
  private final Consumer<String> told;
  private final Map<Object, Object> models = Base.cache();
  private final Map<String, Optional<Base>> bases = new HashMap<>();
  private final List<Root> roots;
  private final Coordinates written;

  private ReachAudit(
      Edition edition,
      Repository registry,
      Answers answers,
      Instant deadline,
      Consumer<String> told) {
    this.edition = edition;
    this.registry = registry;
    this.answers = answers;
    this.deadline = deadline;
    this.told = told;
    this.roots = Root.of(edition);
    this.closures = new Closures(registry, Closures.maven(edition));
    this.written = new Coordinates(roots, closures);
  }

  /**
   * How a run ended.
   *
   * @param whole whether everything was asked; if not, the next run goes on
   * @param text the file to keep
   * @param holes what lacks something
   * @param asked how many roots were looked at
   * @param files how many files the registry was asked for
   */
  public record Report(boolean whole, String text, List<Hole> holes, int asked, int files) {}

  /**
   * Asks.
   *
   * @param base address that Maven asks unless settings say otherwise
   * @param settings a settings file of Maven; empty for none
   * @param kept folder for what was fetched and answered
   * @param digest of the data of the edition
   * @param day for the file
   * @param most how long to go on
   * @param told a line of progress for each framework version
   * @throws IllegalArgumentException when the settings cannot be read
   * @throws java.io.UncheckedIOException when the registry does not answer
   */
  public static Report run(
      Edition edition,
      String base,
      Optional<Path> settings,
      Path kept,
      String digest,
      String day,
      Duration most,
      Consumer<String> told)
      throws IOException {
    Answers answers = Answers.open(kept.resolve("answers.tsv"));
    try (Repository registry = Repository.open(base, settings, kept)) {
      ReachAudit audit = new ReachAudit(edition, registry, answers, Instant.now().plus(most), told);
      boolean whole = audit.all();
      Report report =
          new Report(
              whole,
              ReachText.of(digest, day, answers, registry.asked()),
              answers.holes(),
              answers.size(),
              registry.asked());
      if (whole) {
        answers.forget();
      }
      return report;
    }
  }

  private boolean all() throws IOException {
    for (Root root : roots) {
      for (String own : root.isAlike() ? versions(root) : List.<String>of()) {
        if (Instant.now().isAfter(deadline)) {
          return false;
        }
        String which =
            own.isEmpty() ? null : VersionedId.word(String.valueOf(root.language()), own);
        if (!answers.has(root.key(), Root.ANY, which)) {
          String coordinates =
              root.coordinates()
                  + ":"
                  + Coordinates.filled(String.valueOf(root.version()), null, own, null);
          Set<String> lacks = closures.apart(Coordinates.artifact(root, coordinates));
          answers.put(new Hole(root.key(), Root.ANY, which, List.copyOf(lacks), null));
        }
      }
    }
    told.accept(Root.ANY + ": " + answers.holesOf(Root.ANY) + " roots lack something");
    for (Framework framework : edition.frameworks()) {
      for (Line line : framework.lines()) {
        for (Version version : line.versions()) {
          if (!of(framework, version)) {
            return false;
          }
        }
      }
      if (framework.lines().isEmpty() && !of(framework, null)) {
        return false;
      }
    }
    return true;
  }

  /** Gives whether there was time for all of it. */
  private boolean of(Framework framework, @Nullable Version version) throws IOException {
    String of = version == null ? framework.id() : VersionedId.word(framework.id(), version);
    for (Root root : roots) {
      if (!root.isAlike() && root.isFor(framework.id(), version)) {
        for (Optional<String> language : languages(root, framework, version)) {
          if (Instant.now().isAfter(deadline)) {
            return false;
          }
          if (!answers.has(root.key(), of, language.orElse(null))) {
            ask(root, framework, version, of, language);
          }
        }
      }
    }
    told.accept(of + ": " + answers.holesOf(of) + " roots lack something");
    return true;
  }

  /** The versions of its language that a root has to be asked for with; an empty one for none. */
  private List<String> versions(Root root) {
    String template = String.valueOf(root.version());
    Optional<Language> language =
        edition.languages().stream().filter(each -> each.id().equals(root.language())).findFirst();
    return template.contains("{{") && language.isPresent()
        ? language.get().versions().stream().map(Version::text).toList()
        : List.of("");
  }

  /**
   * The language versions that a root has to be asked for with; empty stands for the managed one.
   */
  private List<Optional<String>> languages(
      Root root, Framework framework, @Nullable Version version) {
    String id = root.language();
    Optional<Language> language =
        edition.languages().stream()
            .filter(each -> each.id().equals(id) && !each.isLevelled())
            .findFirst();
    if (language.isEmpty()) {
      return List.of(Optional.empty());
    }
    Optional<Version> managed = version == null ? Optional.empty() : framework.managed(id, version);
    List<Optional<String>> all = new ArrayList<>();
    for (Version each : language.get().versions()) {
      all.add(
          managed.equals(Optional.of(each))
              ? Optional.empty()
              : Optional.of(VersionedId.word(String.valueOf(id), each)));
    }
    return all;
  }

  private void ask(
      Root root,
      Framework framework,
      @Nullable Version version,
      String of,
      Optional<String> language)
      throws IOException {
    Optional<Base> base = base(framework, version, of, language);
    String which = language.orElse(null);
    String own = Coordinates.own(root, framework, version, which);
    if (base.isEmpty()) {
      // Without its base nothing of it can be built; that is told once, of what makes the base.
      if (root.kind() == Kind.POM && root.option() instanceof Framework) {
        Set<String> lacks = Set.of(written.of(root, version, own, null) + " or what it names");
        answers.put(new Hole(root.key(), of, which, List.copyOf(lacks), null));
      }
      return;
    }
    String coordinates = written.of(root, version, own, base.get());
    if (coordinates.endsWith(":")) {
      answers.put(new Hole(root.key(), of, which, List.of(coordinates + " no version"), null));
      return;
    }
    Artifact artifact = Coordinates.artifact(root, coordinates);
    Set<String> lacks =
        switch (root.kind()) {
          case POM -> {
            Set<String> missing = new TreeSet<>();
            registry.missing(List.of(artifact)).forEach(each -> missing.add(each.toString()));
            yield missing;
          }
          case DEPENDENCY -> closures.onPath(artifact, List.of(), base.get());
          case APART ->
              root.scope() == Scope.PROCESSOR && base.get().managesProcessors()
                  ? closures.onPath(artifact, List.of(), base.get())
                  : closures.apart(artifact);
          case SCRIPT_PLUGIN -> closures.apart(artifact);
          case PLUGIN -> closures.plugin(artifact);
        };
    String under = lacks.isEmpty() ? null : under(root, artifact, base.get());
    answers.put(new Hole(root.key(), of, which, List.copyOf(lacks), under));
  }

  /** What brings all along that is missing, of what another pick would keep out. */
  private @Nullable String under(Root root, Artifact artifact, Base base) {
    if (root.kind() != Kind.DEPENDENCY) {
      return null;
    }
    Set<String> candidates = new TreeSet<>();
    for (Option option : edition.options().toList()) {
      for (Contribution binding : option.bindings()) {
        binding
            .without()
            .forEach(
                (out, from) -> {
                  if (from.contains(root.coordinates())) {
                    candidates.add(out);
                  }
                });
      }
    }
    for (String out : candidates) {
      if (closures.onPath(artifact, List.of(out), base).isEmpty()) {
        return out;
      }
    }
    return null;
  }

  private Optional<Base> base(
      Framework framework, @Nullable Version version, String of, Optional<String> language) {
    return bases.computeIfAbsent(
        of + " " + language.orElse(""),
        key -> {
          Map<String, String> properties = new LinkedHashMap<>(own(framework, version));
          language.map(this::properties).ifPresent(properties::putAll);
          Optional<String> parent = Optional.empty();
          List<String> lists = new ArrayList<>();
          for (Contribution binding : framework.bindings()) {
            if (binding.parent() != null) {
              parent = Optional.of(coordinates(binding.parent(), version, properties));
            }
            binding.boms().forEach(bom -> lists.add(coordinates(bom, version, properties)));
          }
          return Base.of(
              parent, parent.isPresent() ? List.of() : lists, properties, registry, models);
        });
  }

  private static String coordinates(
      Contribution.Artifact list, @Nullable Version version, Map<String, String> properties) {
    String said = String.valueOf(list.version());
    for (Map.Entry<String, String> property : properties.entrySet()) {
      said = said.replace("${" + property.getKey() + "}", property.getValue());
    }
    return list.key() + ":" + Coordinates.filled(said, version, "", null);
  }

  /** The properties in which a build of the framework keeps its version. */
  private static Map<String, String> own(Framework framework, @Nullable Version version) {
    Map<String, String> properties = new LinkedHashMap<>();
    for (Contribution binding : framework.bindings()) {
      binding.properties().entrySet().stream()
          .filter(each -> version != null && each.getValue().equals("{{frameworkVersion}}"))
          .forEach(each -> properties.put(each.getKey(), version.text()));
    }
    return properties;
  }

  /** The properties by which a build takes another version of a language than the managed one. */
  private Map<String, String> properties(String language) {
    VersionedId named = VersionedId.read(language);
    Map<String, String> properties = new LinkedHashMap<>();
    edition.languages().stream()
        .filter(each -> each.id().equals(named.id()))
        .flatMap(each -> each.bindings().stream())
        .forEach(
            binding ->
                binding
                    .properties()
                    .forEach(
                        (name, value) -> {
                          if (value.endsWith("Override}}")) {
                            properties.put(name, named.version());
                          }
                        }));
    return properties;
  }
}
