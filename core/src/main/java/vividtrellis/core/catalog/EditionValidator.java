package vividtrellis.core.catalog;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.catalog.InvalidEdition.Fault;
import vividtrellis.core.catalog.Options.Choice;
import vividtrellis.core.catalog.Options.Option;
import vividtrellis.core.catalog.Options.Starter;
import vividtrellis.core.catalog.TemplateNames.Named;
import vividtrellis.core.document.Escaping;
import vividtrellis.core.entity.EntityClashes;
import vividtrellis.core.entity.EntityReader;

/** What can only be seen when all files of an edition are together: references and doubles. */
final class EditionValidator {

  private final Edition edition;
  private final Map<String, Fault> origins;
  private final List<Fault> faults = new ArrayList<>();

  private EditionValidator(Edition edition, Map<String, Fault> origins) {
    this.edition = edition;
    this.origins = origins;
  }

  /**
   * Everything that is wrong.
   *
   * @param origins where the option or rule of an id stands
   */
  static List<Fault> faults(Edition edition, Map<String, Fault> origins) {
    EditionValidator validator = new EditionValidator(edition, origins);
    validator.doubles("builds", edition.builds());
    validator.doubles("languages", edition.languages());
    validator.doubles("frameworks", edition.frameworks());
    validator.doubles("starters", edition.starters());
    validator.doubles("extras", edition.extras());
    edition.options().forEach(validator::option);
    validator.openTemplates();
    validator.formats();
    validator.words();
    validator.rules();
    validator.circles();
    return validator.faults;
  }

  private void fault(String id, String reason) {
    Fault origin = origins.get(id);
    faults.add(
        origin == null
            ? new Fault(id, 0, reason)
            : new Fault(origin.file(), origin.line(), id + ": " + reason));
  }

  private void doubles(String list, List<? extends Option> options) {
    if (options.isEmpty() && !list.equals("extras")) {
      fault(list, "the edition has none");
    }
    Set<String> seen = new HashSet<>();
    for (Option option : options) {
      if (!seen.add(option.id())) {
        fault(list, "'" + option.id() + "' is there twice");
      }
    }
  }

  private void option(Option option) {
    if (option instanceof Starter starter) {
      if (edition.categories().stream().noneMatch(c -> c.id().equals(starter.category()))) {
        fault(starter.id(), "its category '" + starter.category() + "' is none of the edition's");
      }
      if (starter.bindings().isEmpty()) {
        fault(starter.id(), "a starter needs at least one binding");
      }
    }
    if (option instanceof Choice choice && choice.entity() != null) {
      EntityReader.read(choice.entity(), EntityClashes.NONE)
          .faults()
          .forEach(fault -> fault(option.id(), "its entity is none: " + fault.code()));
    }
    for (Contribution binding : option.bindings()) {
      references(option.id(), binding.when());
      profiles(option.id(), binding.settings().keySet());
      module(option.id(), binding.module());
      binding.artifacts().forEach(artifact -> references(option.id(), artifact.when()));
      for (Contribution.FilePart part : binding.files()) {
        references(option.id(), part.when());
      }
    }
  }

  private void module(String where, @Nullable String module) {
    Set<String> known =
        edition.frameworks().stream()
            .flatMap(framework -> framework.modules().stream())
            .map(Options.Module::id)
            .collect(Collectors.toCollection(LinkedHashSet::new));
    if (module != null && !known.contains(module)) {
      fault(
          where,
          "goes into the module '%s', which no framework has; there are %s"
              .formatted(module, known));
    }
  }

  private void profiles(String where, Set<String> used) {
    Set<String> known =
        edition.frameworks().stream()
            .flatMap(framework -> framework.settings().profiles().stream())
            .map(Settings.Profile::id)
            .collect(Collectors.toCollection(LinkedHashSet::new));
    for (String profile : used) {
      if (!known.contains(profile)) {
        fault(
            where,
            "settings of the profile '%s', which no framework has; there are %s"
                .formatted(profile, known));
      }
    }
  }

  /** What only a brief fills in stands for whatever the index lists; there has to be something. */
  private void openTemplates() {
    for (Named named : TemplateNames.of(edition)) {
      if (named.isOpen() && !isThere(named.name())) {
        fault(
            named.of(),
            "there is no template '%s'; list those that it may become under 'templates' in edition.yaml"
                .formatted(named.name()));
      }
    }
  }

  /** A word that nothing gives a value would end the making of a project that asks for it. */
  private void words() {
    TemplateWords.unknown(edition)
        .forEach(
            (name, word) ->
                faults.add(
                    new Fault(
                        "templates/" + name,
                        TemplateWords.line(edition.templates().getOrDefault(name, ""), word),
                        "nothing gives the word '%s' a value; give it one under 'variables' of a binding"
                            .formatted(word))));
  }

  /** What is filled into a file is made harmless for its format, so that has to be known. */
  private void formats() {
    for (Named named : TemplateNames.paths(edition)) {
      String name = named.name();
      boolean open = name.substring(Math.max(0, name.lastIndexOf('.'))).contains("{{");
      if (!open && Escaping.of(name).isEmpty()) {
        fault(
            named.of(),
            "the format of '%s' is not known, so that nothing can be filled in safely; say with 'format' which of %s it is like, or copy it with 'verbatim: yes'"
                .formatted(name, Escaping.endings()));
      }
    }
  }

  private boolean isThere(String open) {
    Pattern form = TemplateWords.form(open);
    return edition.templates().keySet().stream().anyMatch(form.asMatchPredicate());
  }

  private void rules() {
    Map<String, Saying> seen = new LinkedHashMap<>();
    for (Rule rule : edition.rules()) {
      Saying before = seen.putIfAbsent(rule.id(), rule.because());
      if (before != null && !before.equals(rule.because())) {
        fault("rules", "'" + rule.id() + "' is there twice");
      }
      references(rule.id(), rule.when());
      if (rule instanceof Rule.Needs needs) {
        references(rule.id(), needs.oneOf());
      } else if (rule instanceof Rule.Wants wants) {
        references(rule.id(), wants.oneOf());
      } else if (rule instanceof Rule.Range range) {
        references(rule.id(), List.of(range.within()));
      }
    }
  }

  /** Starters that need each other could as well be one; most often a rule is turned round. */
  private void circles() {
    Map<String, Set<String>> needs = new LinkedHashMap<>();
    for (Rule rule : edition.rules()) {
      if (rule instanceof Rule.Needs need && need.when().size() == 1 && need.oneOf().size() == 1) {
        Term from = need.when().get(0);
        Term to = need.oneOf().get(0);
        if (isStarter(from) && isStarter(to)) {
          needs.computeIfAbsent(from.id(), id -> new LinkedHashSet<>()).add(to.id());
        }
      }
    }
    Set<String> told = new HashSet<>();
    for (String start : needs.keySet()) {
      List<String> path = circle(start, start, needs, new ArrayList<>());
      if (!path.isEmpty() && told.addAll(path)) {
        fault(start, "needs itself in a circle: " + String.join(" needs ", path));
      }
    }
  }

  private static boolean isStarter(Term term) {
    return term.variable() == Term.Variable.STARTER && !term.negated();
  }

  private static List<String> circle(
      String from, String back, Map<String, Set<String>> needs, List<String> path) {
    path.add(from);
    for (String next : needs.getOrDefault(from, Set.of())) {
      if (next.equals(back)) {
        path.add(next);
        return path;
      }
      if (!path.contains(next)) {
        List<String> found = circle(next, back, needs, path);
        if (!found.isEmpty()) {
          return found;
        }
      }
    }
    path.remove(path.size() - 1);
    return List.of();
  }

  private void references(String where, List<Term> terms) {
    for (Term term : terms) {
      if (term.variable().isBare() != (term.id() == null)) {
        fault(
            where, "'" + term + "' should have " + (term.id() == null ? "an id" : "a range only"));
      } else if (term.id() != null
          && named(term.variable()).noneMatch(id -> id.equals(term.id()))) {
        fault(where, "'" + term + "' names a " + term.variable().word() + " that is not there");
      }
    }
  }

  private Stream<String> named(Term.Variable variable) {
    if (variable.isOfWords()) {
      return Settings.words(variable).stream();
    }
    Stream<String> ids = edition.options(variable).stream().map(Option::id);
    return variable == Term.Variable.ALONGSIDE ? Stream.concat(Stream.of("none"), ids) : ids;
  }
}
