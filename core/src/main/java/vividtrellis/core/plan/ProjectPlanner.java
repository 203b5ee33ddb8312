package vividtrellis.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.brief.Names;
import vividtrellis.core.catalog.Contribution;
import vividtrellis.core.catalog.Contribution.Artifact;
import vividtrellis.core.catalog.Contribution.FilePart;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Options.Option;
import vividtrellis.core.catalog.Options.Starter;
import vividtrellis.core.catalog.Term;
import vividtrellis.core.compat.Selection;
import vividtrellis.core.plan.BuildModel.Dependency;
import vividtrellis.core.plan.BuildModel.Exclusion;
import vividtrellis.core.plan.BuildModel.Plugin;
import vividtrellis.core.plan.BuildModel.Property;
import vividtrellis.core.plan.ProjectPlan.Part;
import vividtrellis.core.plan.ProjectPlan.Setting;
import vividtrellis.core.plan.Words.Escaping;
import vividtrellis.core.version.Version;

/** The door of this room: a completed brief and what was chosen give a plan. */
public final class ProjectPlanner {

  private final Brief brief;
  private final Selection selection;
  private final Edition edition;
  private final Words words;

  private Optional<Dependency> parent = Optional.empty();
  private final Map<String, Property> properties = new LinkedHashMap<>();
  private final Map<String, Dependency> dependencies = new LinkedHashMap<>();
  private final Map<String, List<Exclusion>> exclusions = new LinkedHashMap<>();
  private final Map<String, Plugin> plugins = new LinkedHashMap<>();
  private final Map<String, List<Setting>> settings = new LinkedHashMap<>();
  private final List<Part> parts = new ArrayList<>();

  private ProjectPlanner(
      Brief brief, Selection selection, Edition edition, Surroundings surroundings) {
    this.brief = brief;
    this.selection = selection;
    this.edition = edition;
    this.words = words(surroundings);
  }

  /**
   * Plans a project.
   *
   * @param brief completed
   * @param selection what belongs to it
   */
  public static ProjectPlan plan(
      Brief brief, Selection selection, Edition edition, Surroundings surroundings) {
    return new ProjectPlanner(brief, selection, edition, surroundings).plan();
  }

  private ProjectPlan plan() {
    for (Chosen chosen : chosen()) {
      for (Contribution binding : chosen.option().bindings()) {
        if (selection.holdsAll(binding.when())) {
          contribute(binding, chosen);
        }
      }
    }
    List<Dependency> sorted = new ArrayList<>();
    dependencies.values().forEach(each -> sorted.add(withExclusions(each)));
    sorted.sort(Comparator.comparing(Dependency::scope));
    BuildModel build =
        new BuildModel(
            parent,
            about(),
            List.copyOf(properties.values()),
            sorted,
            List.copyOf(plugins.values()));
    return new ProjectPlan(
        brief.require(Key.NAME),
        words,
        build,
        settings,
        brief.require(Key.FORMAT),
        parts,
        edition.templates());
  }

  /** A picked option and where it was picked. */
  private record Chosen(Option option, String pointer) {
    Cause cause() {
      return Cause.of(pointer, option.about().label());
    }
  }

  private List<Chosen> chosen() {
    List<Chosen> chosen = new ArrayList<>();
    chosen.add(chosen(edition.builds(), selection.build(), Key.BUILD));
    chosen.add(chosen(edition.languages(), selection.language(), Key.LANGUAGE));
    chosen.add(chosen(edition.frameworks(), selection.framework(), Key.FRAMEWORK));
    chosen.add(chosen(edition.packagings(), selection.packaging(), Key.PACKAGING));
    for (String id : selection.starters()) {
      chosen.add(
          new Chosen(
              edition.starter(id).orElseThrow(), "/starters/" + brief.starters().indexOf(id)));
    }
    for (String id : selection.extras()) {
      chosen.add(
          new Chosen(
              Edition.find(edition.extras(), id).orElseThrow(),
              "/extras/" + brief.extras().indexOf(id)));
    }
    chosen.add(chosen(edition.samples(), selection.sample(), Key.SAMPLE));
    chosen.add(chosen(edition.layouts(), selection.layout(), Key.LAYOUT));
    return chosen;
  }

  private static Chosen chosen(List<? extends Option> options, String id, Key key) {
    return new Chosen(Edition.find(options, id).orElseThrow(), key.pointer());
  }

  private void contribute(Contribution binding, Chosen chosen) {
    Cause cause = chosen.cause();
    if (binding.parent() != null) {
      parent = Optional.of(dependency(binding.parent(), cause));
    }
    binding
        .properties()
        .forEach(
            (name, value) ->
                properties.put(name, new Property(name, small(value), language(cause))));
    for (Artifact artifact : binding.artifacts()) {
      if (selection.holdsAll(artifact.when())) {
        Dependency more = dependency(artifact, with(cause, artifact.when()));
        dependencies.merge(artifact.key(), more, ProjectPlanner::widest);
      }
    }
    binding
        .without()
        .forEach(
            (out, from) ->
                from.forEach(
                    key ->
                        exclusions
                            .computeIfAbsent(key, k -> new ArrayList<>())
                            .add(
                                new Exclusion(
                                    out.substring(0, out.indexOf(':')),
                                    out.substring(out.indexOf(':') + 1),
                                    cause))));
    for (Contribution.Plugin plugin : binding.plugins()) {
      Cause why =
          plugin.because() == null
              ? cause
              : new Cause(cause.picks(), small(String.valueOf(plugin.because())));
      Plugin more =
          new Plugin(
              plugin.group(), plugin.artifact(), Filling.fill(plugin.body(), this::small), why);
      plugins.merge(plugin.group() + ":" + plugin.artifact(), more, ProjectPlanner::joined);
    }
    binding
        .settings()
        .forEach(
            (profile, values) ->
                values.forEach(
                    (key, value) -> {
                      Setting setting = new Setting(path(small(key)), small(value), cause);
                      List<Setting> there =
                          settings.computeIfAbsent(profile, p -> new ArrayList<>());
                      // Where two picks set one thing, the one that comes first wins.
                      if (there.stream().noneMatch(s -> s.path().equals(setting.path()))) {
                        there.add(setting);
                      }
                    }));
    for (FilePart part : binding.files()) {
      if (selection.holdsAll(part.when())) {
        add(part, with(cause, part.when()));
      }
    }
  }

  /** The level in a build file is the language's doing, whichever option writes it. */
  private static Cause language(Cause cause) {
    return cause.picks().contains(Key.LANGUAGE.pointer())
        ? cause.and(Cause.of(Key.JVM.pointer(), cause.because()))
        : cause;
  }

  private void add(FilePart part, Cause cause) {
    String path = small(part.path());
    Optional<Part> first = parts.stream().filter(p -> p.path().equals(path)).findFirst();
    String role = part.role() == null ? first.map(Part::role).orElse("yours") : part.role();
    String purpose =
        part.purpose() == null ? first.map(Part::purpose).orElse("") : small(part.purpose());
    Cause why =
        part.tracedTo() == null
            ? cause
            : Cause.of(String.valueOf(part.tracedTo()), cause.because());
    parts.add(
        new Part(
            path, part.template(), part.mode(), role, purpose, part.verbatim(), part.place(), why));
  }

  private Dependency dependency(Artifact artifact, Cause cause) {
    return new Dependency(
        artifact.group(),
        artifact.artifact(),
        Optional.ofNullable(artifact.version()).map(this::small),
        artifact.scope(),
        List.of(),
        cause);
  }

  private Dependency withExclusions(Dependency plain) {
    return new Dependency(
        plain.group(),
        plain.artifact(),
        plain.version(),
        plain.scope(),
        List.copyOf(exclusions.getOrDefault(plain.key(), List.of())),
        plain.cause());
  }

  /** Two options may configure one plugin: what both say is joined, lists one after the other. */
  private static Plugin joined(Plugin first, Plugin second) {
    return new Plugin(
        first.group(),
        first.artifact(),
        Filling.joined(first.body(), second.body()),
        first.cause().and(second.cause()));
  }

  private static Dependency widest(Dependency first, Dependency second) {
    Dependency wide = first.scope().compareTo(second.scope()) <= 0 ? first : second;
    return new Dependency(
        wide.group(),
        wide.artifact(),
        wide.version(),
        wide.scope(),
        wide.without(),
        first.cause().and(second.cause()));
  }

  /** A condition on another starter makes that starter a cause as well. */
  private Cause with(Cause cause, List<Term> when) {
    Cause all = cause;
    for (Term term : when) {
      if (term.variable() == Term.Variable.STARTER && !term.negated()) {
        Starter starter = edition.starter(String.valueOf(term.id())).orElseThrow();
        String pointer = "/starters/" + brief.starters().indexOf(starter.id());
        all = all.and(Cause.of(pointer, starter.about().label()));
      }
    }
    return all;
  }

  private List<Property> about() {
    List<Property> about = new ArrayList<>();
    about.add(property("groupId", Key.GROUP));
    about.add(property("artifactId", Key.NAME));
    about.add(property("version", Key.VERSION));
    about.add(property("packaging", Key.PACKAGING));
    about.add(property("name", Key.TITLE));
    for (Key key : List.of(Key.SUMMARY, Key.ORGANISATION, Key.LICENCE)) {
      if (brief.get(key).isPresent()) {
        about.add(property(key.word(), key));
      }
    }
    if (brief.get(Key.LICENCE).isPresent()) {
      about.add(property("inceptionYear", Key.YEAR));
    }
    return about;
  }

  private Property property(String name, Key key) {
    return new Property(
        name, brief.require(key), Cause.of(key.pointer(), "The project's " + key.word()));
  }

  private String small(String template) {
    return template.contains("{{") ? words.fill(template, Escaping.NONE) : template;
  }

  /** A key with dots; what stands in brackets is one part, dots and all. */
  private static List<String> path(String key) {
    List<String> path = new ArrayList<>();
    int at = 0;
    while (at < key.length()) {
      boolean bracket = key.charAt(at) == '[';
      int end = bracket ? key.indexOf(']', at) : key.indexOf('.', at);
      end = end < 0 ? key.length() : end;
      path.add(key.substring(bracket ? at + 1 : at, end));
      at = bracket ? end + 2 : end + 1;
    }
    return path;
  }

  private Words words(Surroundings surroundings) {
    Names names =
        Names.of(brief, edition.framework(selection.framework()).orElseThrow().takenTypes());
    Map<String, Object> values = new HashMap<>();
    values.put("artifact", names.artifact());
    values.put("title", names.title());
    values.put("summary", brief.get(Key.SUMMARY).orElse(names.title()));
    values.put("group", names.group());
    values.put("package", names.packageName());
    values.put("packagePath", names.packagePath());
    values.put("entryClass", names.entryClass());
    values.put("database", names.database());
    values.put("version", brief.require(Key.VERSION));
    values.put("level", selection.jvm().text());
    values.put("jdk", selection.jdk().text());
    Version framework = selection.frameworkVersion();
    values.put("frameworkVersion", framework == null ? "" : framework.text());
    values.put("frameworkLine", framework == null ? "" : framework.line());
    values.put("buildVersion", selection.buildVersion().text());
    values.put("packaging", selection.packaging());
    values.put("port", brief.require(Key.PORT));
    values.put("settingsFormat", brief.require(Key.FORMAT));
    values.put("mavenBase", surroundings.mavenBase());
    List<Map<String, Object>> list = new ArrayList<>();
    for (String id : selection.starters()) {
      Starter starter = edition.starter(id).orElseThrow();
      list.add(
          Map.of(
              "label", starter.about().label(),
              "sentence", starter.about().summary(),
              "documentation", starter.about().documentation()));
    }
    values.put("starters", list);
    values.put("anyStarters", !list.isEmpty());
    for (Chosen chosen : chosen()) {
      for (Contribution binding : chosen.option().bindings()) {
        if (selection.holdsAll(binding.when())) {
          values.putAll(binding.variables());
        }
      }
    }
    return new Words(values);
  }
}
