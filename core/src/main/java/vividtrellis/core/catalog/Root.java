package vividtrellis.core.catalog;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.catalog.Contribution.Artifact;
import vividtrellis.core.catalog.Contribution.Scope;
import vividtrellis.core.catalog.Options.Option;
import vividtrellis.core.catalog.Term.Variable;
import vividtrellis.core.document.Node;
import vividtrellis.core.version.Version;

/**
 * Something that a project asks a registry for by name, because an option was picked; whatever it
 * brings along is its closure.
 *
 * @param kind how a build resolves it
 * @param option that asks for it
 * @param variable by which the option is picked
 * @param group of the artifact
 * @param artifact its name
 * @param version as a binding writes it, with words to fill in; {@code null} where the framework,
 *     its parent or the build system says it
 * @param scope on which class paths a dependency is
 * @param when conditions beside the option itself
 */
public record Root(
    Kind kind,
    Option option,
    Variable variable,
    String group,
    String artifact,
    @Nullable String version,
    Scope scope,
    List<Term> when) {

  /** In a hole: with every framework version alike. */
  public static final String ANY = "any";

  /** What stands in a version that the framework version has a say in. */
  private static final Pattern OF_FRAMEWORK = Pattern.compile("\\{\\{frameworkVersion}}|\\$\\{");

  /** How a build resolves a root. */
  public enum Kind {
    /** A parent or a list of versions: its own file and those that it names. */
    POM("pom "),
    /** On a class path, with the versions that the framework manages. */
    DEPENDENCY(""),
    /** Read by a compiler or by a plugin, with versions of its own. */
    APART("apart "),
    /** A plugin of a Maven build. */
    PLUGIN("plugin "),
    /** A plugin of a Gradle build: its marker, and what that leads to. */
    SCRIPT_PLUGIN("script plugin ");

    private final String word;

    Kind(String word) {
      this.word = word;
    }
  }

  /** Copies its list. */
  public Root {
    when = List.copyOf(when);
  }

  /** {@code group:artifact}. */
  public String coordinates() {
    return group + ":" + artifact;
  }

  /** Tells it from other roots; the same in the file of a reach. */
  public String key() {
    boolean own = version != null && kind != Kind.PLUGIN && kind != Kind.SCRIPT_PLUGIN;
    return kind.word + coordinates() + (own ? ":" + version : "");
  }

  /** Every root of the builds of an edition, in the catalog's order. */
  public static List<Root> of(Edition edition) {
    List<Root> roots = new ArrayList<>();
    for (Variable kind : Variable.values()) {
      add(edition.options(kind), kind, roots);
    }
    return List.copyOf(roots);
  }

  private static void add(List<? extends Option> options, Variable variable, List<Root> roots) {
    for (Option option : options) {
      for (Contribution binding : option.bindings()) {
        if (isPickedBy(variable, option, binding)) {
          of(option, variable, binding).forEach(roots::add);
        }
      }
    }
  }

  /** A binding of a language can be for the first one alone, or for the second. */
  private static boolean isPickedBy(Variable variable, Option option, Contribution binding) {
    Set<Variable> roles = Set.of(Variable.LANGUAGE, Variable.ALONGSIDE);
    return !roles.contains(variable)
        || binding.when().stream()
            .filter(term -> !term.negated() && option.id().equals(term.id()))
            .map(Term::variable)
            .filter(roles::contains)
            .allMatch(variable::equals);
  }

  private static Stream<Root> of(Option option, Variable variable, Contribution binding) {
    Stream.Builder<Root> roots = Stream.builder();
    if (binding.parent() != null) {
      roots.add(of(Kind.POM, option, variable, binding.parent(), binding));
    }
    binding.boms().forEach(bom -> roots.add(of(Kind.POM, option, variable, bom, binding)));
    for (Artifact artifact : binding.artifacts()) {
      Kind kind = artifact.scope() == Scope.PROCESSOR ? Kind.APART : Kind.DEPENDENCY;
      roots.add(of(kind, option, variable, artifact, binding));
      artifact
          .beside()
          .ifPresent(other -> roots.add(of(Kind.DEPENDENCY, option, variable, other, binding)));
    }
    for (Artifact artifact : binding.fetches()) {
      Kind kind = artifact.artifact().endsWith("-plugin") ? Kind.PLUGIN : Kind.APART;
      roots.add(of(kind, option, variable, artifact, binding));
    }
    for (Contribution.Plugin plugin : binding.plugins()) {
      String[] id = plugin.id().split(":", -1);
      Artifact named = Artifact.of(id[0], id[1], plugin.version());
      roots.add(of(Kind.PLUGIN, option, variable, named, binding));
      parts(plugin.body())
          .forEach(part -> roots.add(of(Kind.APART, option, variable, part, binding)));
    }
    for (Contribution.Plugin plugin : binding.script()) {
      if (plugin.version() != null) {
        Artifact marker =
            Artifact.of(plugin.id(), plugin.id() + ".gradle.plugin", plugin.version());
        roots.add(of(Kind.SCRIPT_PLUGIN, option, variable, marker, binding));
      }
    }
    return roots.build();
  }

  private static Root of(
      Kind kind, Option option, Variable variable, Artifact artifact, Contribution binding) {
    List<Term> when = new ArrayList<>(binding.when());
    when.addAll(artifact.when());
    return new Root(
        kind,
        option,
        variable,
        artifact.group(),
        artifact.artifact(),
        artifact.version(),
        artifact.scope(),
        when);
  }

  /** The dependencies that a binding adds to a plugin. */
  private static List<Artifact> parts(Node.Fields body) {
    List<Artifact> parts = new ArrayList<>();
    if (body.get("dependencies").orElse(null) instanceof Node.Items items) {
      for (Node item : items.values()) {
        if (item instanceof Node.Fields fields) {
          Map<String, Node> values = fields.values();
          parts.add(
              Artifact.of(
                  text(values.get("groupId")),
                  text(values.get("artifactId")),
                  text(values.get("version"))));
        }
      }
    }
    return parts;
  }

  private static String text(@Nullable Node node) {
    return node instanceof Node.Scalar scalar ? String.valueOf(scalar.text()) : "";
  }

  /** Whether it is resolved alike with every framework version. */
  public boolean isAlike() {
    return (kind == Kind.APART || kind == Kind.SCRIPT_PLUGIN)
        && version != null
        && !OF_FRAMEWORK.matcher(version).find();
  }

  /** Whether it is asked for by a build with one of a framework's versions. */
  public boolean isFor(String framework, @Nullable Version version) {
    boolean own = !(option instanceof Options.Framework) || option.id().equals(framework);
    return own
        && when.stream()
            .filter(term -> term.variable() == Variable.FRAMEWORK)
            .allMatch(
                term ->
                    term.negated()
                        != (framework.equals(term.id())
                            && (version == null || term.range().holds(version))));
  }

  /** The language whose versions it depends on, if it does: id of it. */
  public @Nullable String language() {
    if (option instanceof Options.Language language && !language.isLevelled()) {
      return language.id();
    }
    return when.stream()
        .filter(term -> !term.negated())
        .filter(
            term -> term.variable() == Variable.LANGUAGE || term.variable() == Variable.ALONGSIDE)
        .map(Term::id)
        .findFirst()
        .orElse(null);
  }
}
