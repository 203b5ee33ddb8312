package vividtrellis.core.plan;

import com.google.common.base.Splitter;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.IdList;
import vividtrellis.core.brief.Key;
import vividtrellis.core.brief.Names;
import vividtrellis.core.catalog.Contribution;
import vividtrellis.core.catalog.EntityWord;
import vividtrellis.core.catalog.Options.Starter;
import vividtrellis.core.catalog.ProjectWord;
import vividtrellis.core.catalog.Settings;
import vividtrellis.core.catalog.Settings.Profile;
import vividtrellis.core.compat.Selection;
import vividtrellis.core.compat.SuitableJdks;
import vividtrellis.core.document.Node;
import vividtrellis.core.plan.Contributions.Contributed;
import vividtrellis.core.template.Cause;
import vividtrellis.core.template.TemplateContext;
import vividtrellis.core.version.Version;
import vividtrellis.core.version.VersionedId;

/** Gathers the words of a project: names, levels, versions, and what picks add to them. */
final class TemplateVariables {

  private final Contributions picked;
  private final Settings form;
  private final TemplateContext context = new TemplateContext();

  private TemplateVariables(Contributions picked, Settings form) {
    this.picked = picked;
    this.form = form;
  }

  static TemplateContext of(
      Contributions picked,
      List<Contributed> contributions,
      Settings form,
      GenerationInputs inputs) {
    TemplateVariables variables = new TemplateVariables(picked, form);
    variables.names();
    variables.versions();
    variables.settings(inputs);
    variables.starters(contributions);
    Optional<EntityVariables> entity = EntityVariables.of(variables.context, picked);
    entity.ifPresentOrElse(
        EntityVariables::names, () -> variables.context.put(EntityWord.OWN.word(), ""));
    variables.contributed(contributions);
    entity.ifPresent(each -> each.fields(contributions));
    variables.environment(contributions);
    variables.services(contributions);
    return variables.context;
  }

  /**
   * What picks say of words. Where two say something of one, the one that names more picks in its
   * conditions counts, since it knows more of the project; of equals the first, as with settings.
   */
  private void contributed(List<Contributed> contributions) {
    Map<String, Contributed> best = new LinkedHashMap<>();
    for (Contributed each : contributions) {
      for (String word : each.what().variables().keySet()) {
        best.merge(word, each, (one, other) -> other.named() > one.named() ? other : one);
      }
    }
    // In the order of the picks, since a word may have others in it.
    for (Contributed each : contributions) {
      each.what()
          .variables()
          .forEach(
              (word, value) -> {
                if (each.equals(best.get(word))) {
                  context.put(word, context.value(value).text(), each.cause());
                }
              });
    }
  }

  /** What settings that hold away from one's own machine read from the environment. */
  private void environment(List<Contributed> contributions) {
    Map<String, Contributed> names = new LinkedHashMap<>();
    for (Contributed each : contributions) {
      for (Profile profile : form.profiles()) {
        if (profile.away()) {
          each.what().settings().getOrDefault(profile.id(), Map.of()).values().stream()
              .flatMap(value -> form.variables(value).stream())
              .forEach(name -> names.putIfAbsent(name, each));
        }
      }
    }
    List<Map<String, String>> entries = new ArrayList<>();
    names.forEach(
        (name, by) ->
            entries.add(Map.of("variable", context.marked(name, by.cause()), "for", by.label())));
    context.put(ProjectWord.ENVIRONMENT.word(), entries);
    context.put(ProjectWord.READS_ENVIRONMENT.word(), entries.isEmpty() ? "" : "yes");
  }

  /**
   * What has to answer on one's own machine, and where; a port that the settings name comes first.
   */
  private void services(List<Contributed> contributions) {
    List<Map<String, String>> entries = new ArrayList<>();
    // The first profile holds everywhere; another one that holds elsewhere has to be told of.
    Set<String> elsewhere =
        form.profiles().stream()
            .skip(1)
            .filter(Profile::away)
            .map(Profile::id)
            .collect(Collectors.toSet());
    boolean production = false;
    for (Contributed each : contributions) {
      production |= !Collections.disjoint(each.what().settings().keySet(), elsewhere);
      for (Node service : each.what().services().values().values()) {
        if (service instanceof Node.Fields fields
            && fields.get("ports").orElse(null) instanceof Node.Items ports
            && ports.values().get(0) instanceof Node.Scalar first) {
          // [address:]here:there
          List<String> port = Splitter.on(':').splitToList(String.valueOf(first.text()));
          entries.add(
              Map.of(
                  "service",
                  context.marked(each.label(), each.cause()),
                  "address",
                  "localhost:" + port.get(Math.max(0, port.size() - 2))));
        }
      }
    }
    context.put(ProjectWord.SERVICES.word(), entries);
    context.put(ProjectWord.ANY_SERVICES.word(), entries.isEmpty() ? "" : "yes");
    context.put(ProjectWord.HAS_PRODUCTION.word(), production ? "yes" : "");
  }

  private void names() {
    Brief brief = picked.brief();
    Names names = picked.names();
    put(ProjectWord.ARTIFACT, names.artifact(), Key.NAME);
    put(ProjectWord.TITLE, names.title(), Key.TITLE);
    boolean said = brief.get(Key.SUMMARY).isPresent();
    put(ProjectWord.SUMMARY_GIVEN, brief.get(Key.SUMMARY).orElse(""), Key.SUMMARY);
    put(
        ProjectWord.SUMMARY,
        brief.get(Key.SUMMARY).orElse(names.title()),
        said ? Key.SUMMARY : Key.TITLE);
    put(ProjectWord.GROUP, names.group(), Key.GROUP);
    put(ProjectWord.PACKAGE, names.packageName(), Key.PACKAGE);
    put(ProjectWord.PACKAGE_PATH, names.packagePath(), Key.PACKAGE);
    put(ProjectWord.ENTRY_CLASS, names.entryClass(), Key.ENTRY);
    put(ProjectWord.DATABASE, names.database(), Key.DATABASE);
    put(ProjectWord.VERSION, brief.require(Key.VERSION), Key.VERSION);
    boolean held = brief.get(Key.ORGANISATION).isPresent();
    put(
        ProjectWord.HOLDER,
        brief.get(Key.ORGANISATION).orElse("The authors of " + names.title()),
        held ? Key.ORGANISATION : Key.TITLE);
    put(ProjectWord.LICENCE, brief.get(Key.LICENCE).orElse(""), Key.LICENCE);
    put(ProjectWord.YEAR, brief.get(Key.YEAR).orElse(""), Key.YEAR);
  }

  private void versions() {
    Selection selection = picked.selection();
    put(ProjectWord.LEVEL, selection.jvm().text(), Key.JVM);
    put(ProjectWord.JDK, selection.jdk().text(), Key.JDK);
    SuitableJdks jdks = picked.jdks();
    put(ProjectWord.JDK_RANGE, jdks.range(), Key.JDK);
    put(ProjectWord.NEWEST_JDK, jdks.highest().map(Version::text).orElse(""), Key.JDK);
    put(
        ProjectWord.JDKS,
        jdks.tested().stream().map(jdk -> '"' + jdk.text() + '"').collect(Collectors.joining(", ")),
        Key.JDK);
    boolean cross = !selection.jdk().equals(selection.jvm());
    put(ProjectWord.CROSS_LEVEL, cross ? selection.jvm().text() : "", Key.JVM);
    Version own = selection.languageVersion();
    put(ProjectWord.LANGUAGE_VERSION, own == null ? "" : own.text(), Key.LANGUAGE);
    put(
        ProjectWord.LANGUAGE_OVERRIDE,
        own == null ? "" : override(selection.language(), own),
        Key.LANGUAGE);
    VersionedId second = VersionedId.read(selection.alongside());
    put(ProjectWord.ALONGSIDE_VERSION, second.version(), Key.ALONGSIDE);
    put(
        ProjectWord.ALONGSIDE_OVERRIDE,
        second.comparable().map(version -> override(second.id(), version)).orElse(""),
        Key.ALONGSIDE);
    Version framework = selection.frameworkVersion();
    put(ProjectWord.FRAMEWORK_VERSION, framework == null ? "" : framework.text(), Key.FRAMEWORK);
    put(ProjectWord.FRAMEWORK_LINE, framework == null ? "" : framework.line(), Key.FRAMEWORK);
    picked.edition().frameworks().stream()
        .flatMap(each -> each.lines().stream())
        .flatMap(line -> line.standards().keySet().stream())
        .distinct()
        .forEach(name -> put(name + "Level", standard(selection, name), Key.FRAMEWORK));
    put(ProjectWord.BUILD_VERSION, selection.buildVersion().text(), Key.BUILD);
    put(ProjectWord.PACKAGING, selection.packaging(), Key.PACKAGING);
  }

  private static String standard(Selection selection, String name) {
    Version level = selection.standards().get(name);
    return level == null ? "" : level.text();
  }

  /** The version of a language where the framework comes with another one; else empty. */
  private String override(String language, Version version) {
    Version framework = picked.selection().frameworkVersion();
    Optional<Version> managed =
        framework == null
            ? Optional.empty()
            : picked
                .edition()
                .framework(picked.selection().framework())
                .flatMap(each -> each.managed(language, framework));
    return managed.isEmpty() || managed.get().equals(version) ? "" : version.text();
  }

  private void settings(GenerationInputs inputs) {
    Brief brief = picked.brief();
    put(ProjectWord.PORT, brief.require(Key.PORT), Key.PORT);
    put(ProjectWord.SETTINGS_FORMAT, brief.require(Key.FORMAT), Key.FORMAT);
    String management = brief.get(Key.MANAGEMENT_PORT).orElse("");
    put(ProjectWord.MANAGEMENT_PORT, management, Key.MANAGEMENT_PORT);
    Selection selection = picked.selection();
    String build = VersionedId.word(selection.build(), selection.buildVersion().text());
    put(ProjectWord.BUILD_DIGEST, inputs.digests().getOrDefault(build, ""), Key.BUILD);
    String mirror = brief.get(Key.MIRROR).orElse("").replaceFirst("/+$", "");
    put(ProjectWord.MIRROR, mirror, Key.MIRROR);
    if (mirror.isEmpty()) {
      context.put(ProjectWord.MAVEN_BASE.word(), inputs.mavenBase());
    } else {
      put(ProjectWord.MAVEN_BASE, mirror, Key.MIRROR);
    }
  }

  private void starters(List<Contributed> contributions) {
    List<Map<String, String>> entries = new ArrayList<>();
    for (String id : picked.selection().starters()) {
      Starter starter = picked.edition().starter(id).orElseThrow();
      Cause cause = Cause.of(IdList.STARTERS.pointer(picked.brief(), id), starter.about().label());
      String documentation =
          contributions.stream()
              .map(Contributed::what)
              .filter(what -> what.documentation() != null && starter.bindings().contains(what))
              .map(Contribution::documentation)
              .findFirst()
              .orElse(starter.about().documentation());
      entries.add(
          Map.of(
              "label", context.marked(starter.about().label(), cause),
              "sentence", starter.about().summary(),
              "documentation", documentation));
    }
    context.put(ProjectWord.STARTERS.word(), entries);
    context.put(ProjectWord.ANY_STARTERS.word(), entries.isEmpty() ? "" : "yes");
  }

  private void put(ProjectWord word, String value, Key key) {
    put(word.word(), value, key);
  }

  private void put(String word, String value, Key key) {
    String pick = picked.brief().get(key).orElse(value);
    context.put(word, value, Cause.of(key.pointer(), key.word() + " " + pick));
  }
}
