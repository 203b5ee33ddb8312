package vividtrellis.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.brief.Key;
import vividtrellis.core.catalog.Contribution;
import vividtrellis.core.catalog.Contribution.Artifact;
import vividtrellis.core.catalog.Options.Module;
import vividtrellis.core.plan.BuildModel.Dependency;
import vividtrellis.core.plan.BuildModel.Exclusion;
import vividtrellis.core.plan.BuildModel.Plugin;
import vividtrellis.core.plan.BuildModel.Property;
import vividtrellis.core.plan.Contributions.Contributed;
import vividtrellis.core.template.Cause;
import vividtrellis.core.template.TemplateContext;
import vividtrellis.core.template.TemplateContext.Filled;
import vividtrellis.core.tree.TracedPart;
import vividtrellis.core.tree.TreeMerge;

/** Gathers what the build is made of. */
final class BuildPlanner {

  private final Contributions picked;
  private final TemplateContext context;

  private Optional<Dependency> parent = Optional.empty();
  private final Map<String, Property> properties = new LinkedHashMap<>();
  private final Map<String, Dependency> boms = new LinkedHashMap<>();
  private final Map<String, Dependency> dependencies = new LinkedHashMap<>();
  private final Map<String, List<Exclusion>> exclusions = new LinkedHashMap<>();
  private final Map<String, Property> sources = new LinkedHashMap<>();
  private final Map<String, Plugin> plugins = new LinkedHashMap<>();
  private List<TracedPart> script = List.of();
  private final Map<Contribution.Scope, String> configurations =
      new EnumMap<>(Contribution.Scope.class);

  private BuildPlanner(Contributions picked, TemplateContext context) {
    this.picked = picked;
    this.context = context;
  }

  /** The builds of a project: one, or one above those of its modules. */
  static List<BuildModel> plan(
      Contributions picked, List<Contributed> contributions, TemplateContext context) {
    BuildModel whole = of(picked, contributions, context).model();
    List<Module> modules = picked.modules();
    if (modules.isEmpty()) {
      return List.of(whole);
    }
    List<BuildModel> builds = new ArrayList<>();
    builds.add(whole.above(modules.stream().map(Module::id).toList()));
    for (Module module : modules) {
      List<Contributed> own =
          contributions.stream()
              .filter(each -> each.everywhere() || picked.moduleOf(each.what()).equals(module.id()))
              .toList();
      boolean last = module.equals(modules.get(modules.size() - 1));
      builds.add(of(picked, own, context).model().below(whole, module, last, picked.split()));
    }
    return List.copyOf(builds);
  }

  private static BuildPlanner of(
      Contributions picked, List<Contributed> contributions, TemplateContext context) {
    BuildPlanner planner = new BuildPlanner(picked, context);
    contributions.forEach(each -> planner.contribute(each.what(), each.cause()));
    return planner;
  }

  private BuildModel model() {
    List<Dependency> sorted = new ArrayList<>();
    dependencies.values().forEach(each -> sorted.add(withExclusions(each)));
    sorted.sort(Comparator.comparing(Dependency::scope).thenComparing(Dependency::place));
    return new BuildModel(
        picked.selection().build(),
        "",
        List.of(),
        List.of(),
        parent,
        about(),
        List.copyOf(properties.values()),
        List.copyOf(boms.values()),
        sorted,
        List.copyOf(sources.values()),
        List.copyOf(plugins.values()),
        script,
        Map.copyOf(configurations),
        picked.brief().get(Key.MIRROR).map(mirror -> property("mirror", Key.MIRROR)));
  }

  private boolean isMaven() {
    return picked.selection().build().equals("maven");
  }

  private void contribute(Contribution binding, Cause cause) {
    if (binding.parent() != null) {
      parent = Optional.of(dependency(binding.parent(), cause));
    }
    binding
        .properties()
        .forEach(
            (name, value) -> {
              Property property = named(name, value, cause);
              if (!property.value().isEmpty()) {
                properties.put(name, property);
              }
            });
    binding.sources().forEach((name, value) -> sources.put(name, named(name, value, cause)));
    lists(binding.boms(), boms, cause);
    for (Artifact artifact : binding.artifacts()) {
      if (picked.holdsAll(artifact.when())) {
        Dependency more = dependency(artifact, picked.with(cause, artifact.when()));
        // What writes code while compiling is often also used by that code: two entries then.
        boolean processor = more.scope() == Contribution.Scope.PROCESSOR;
        dependencies.merge(
            more.key() + ":" + more.classifier().orElse("") + (processor ? " processor" : ""),
            more,
            BuildPlanner::widest);
      }
    }
    binding.without().forEach((out, from) -> from.forEach(key -> exclude(out, key, cause)));
    binding.configurations().forEach(configurations::putIfAbsent);
    (isMaven() ? binding.plugins() : binding.script()).forEach(each -> plugin(each, cause));
  }

  private void lists(List<Artifact> more, Map<String, Dependency> lists, Cause cause) {
    for (Artifact each : more) {
      Dependency list = dependency(each, cause);
      if (!list.version().orElse("").isEmpty()) {
        lists.putIfAbsent(each.key(), list);
      }
    }
  }

  private Property named(String name, String template, Cause cause) {
    Filled value = context.value(template);
    return new Property(name, value.text(), value.cause().map(cause::and).orElse(cause));
  }

  private void exclude(String out, String from, Cause cause) {
    int colon = out.indexOf(':');
    exclusions
        .computeIfAbsent(from, key -> new ArrayList<>())
        .add(new Exclusion(out.substring(0, colon), out.substring(colon + 1), cause));
  }

  private void plugin(Contribution.Plugin plugin, Cause cause) {
    Cause why =
        plugin.because() == null
            ? cause
            : cause.because(context.value(String.valueOf(plugin.because())).text());
    List<TracedPart> body = TreeMerge.of(plugin.body(), context, why);
    if (plugin.id().isEmpty()) {
      script = TreeMerge.joined(script, body);
      return;
    }
    @Nullable String version =
        plugin.version() == null ? null : context.value(String.valueOf(plugin.version())).text();
    plugins.merge(
        plugin.id(),
        new Plugin(plugin.id(), version, plugin.alias(), plugin.withFile(), body, why),
        (first, second) ->
            new Plugin(
                first.id(),
                first.version() == null ? second.version() : first.version(),
                first.alias() == null ? second.alias() : first.alias(),
                first.withFile() == null ? second.withFile() : first.withFile(),
                TreeMerge.joined(first.body(), second.body()),
                first.cause().and(second.cause())));
  }

  private Dependency dependency(Artifact artifact, Cause cause) {
    Optional<Filled> version = Optional.ofNullable(artifact.version()).map(context::value);
    Optional<Filled> classifier = Optional.ofNullable(artifact.classifier()).map(context::value);
    return new Dependency(
        artifact.group(),
        artifact.artifact(),
        version.map(Filled::text),
        classifier.map(Filled::text).filter(text -> !text.isEmpty()),
        Optional.ofNullable(artifact.type()),
        artifact.scope(),
        artifact.place(),
        List.of(),
        version.flatMap(Filled::cause).map(cause::and).orElse(cause));
  }

  private Dependency withExclusions(Dependency plain) {
    List<Exclusion> without =
        exclusions.getOrDefault(plain.key(), List.of()).stream()
            .filter(each -> !isWanted(each.group() + ":" + each.artifact()))
            .toList();
    return plain.without(without);
  }

  /** Whether the application depends on it itself; Gradle would leave it out all the same. */
  private boolean isWanted(String key) {
    Dependency own = dependencies.get(key + ":");
    return own != null && own.scope() != Contribution.Scope.TEST;
  }

  private static Dependency widest(Dependency first, Dependency second) {
    Dependency wide = first.scope().compareTo(second.scope()) <= 0 ? first : second;
    return wide.because(first.cause().and(second.cause()));
  }

  private List<Property> about() {
    List<Property> about = new ArrayList<>();
    about.add(property("groupId", Key.GROUP));
    about.add(property("artifactId", Key.NAME));
    about.add(property("version", Key.VERSION));
    about.add(property("packaging", Key.PACKAGING));
    about.add(property("name", Key.TITLE));
    for (Key key : List.of(Key.SUMMARY, Key.ORGANISATION, Key.LICENCE)) {
      if (picked.brief().get(key).isPresent()) {
        about.add(property(key.word(), key));
      }
    }
    if (picked.brief().get(Key.LICENCE).isPresent()) {
      about.add(property("inceptionYear", Key.YEAR));
    }
    return about;
  }

  private Property property(String name, Key key) {
    return new Property(
        name, picked.brief().require(key), Cause.of(key.pointer(), "The project's " + key.word()));
  }
}
