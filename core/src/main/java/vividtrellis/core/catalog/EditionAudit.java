package vividtrellis.core.catalog;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import vividtrellis.core.catalog.InvalidEdition.Fault;
import vividtrellis.core.catalog.Options.Option;
import vividtrellis.core.catalog.Options.Starter;

/** What can only be seen when all files of an edition are together: references and doubles. */
final class EditionAudit {

  private final Edition edition;
  private final List<Fault> faults = new ArrayList<>();

  private EditionAudit(Edition edition) {
    this.edition = edition;
  }

  static List<Fault> faults(Edition edition) {
    EditionAudit audit = new EditionAudit(edition);
    audit.doubles("builds", edition.builds());
    audit.doubles("languages", edition.languages());
    audit.doubles("frameworks", edition.frameworks());
    audit.doubles("starters", edition.starters());
    audit.doubles("extras", edition.extras());
    edition.options().forEach(audit::option);
    audit.rules();
    return audit.faults;
  }

  private void fault(String where, String reason) {
    faults.add(new Fault(where, 0, reason));
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
    for (Contribution binding : option.bindings()) {
      references(option.id(), binding.when());
      binding.artifacts().forEach(artifact -> references(option.id(), artifact.when()));
      for (Contribution.FilePart part : binding.files()) {
        references(option.id(), part.when());
        if (!edition.templates().containsKey(part.template())) {
          fault(option.id(), "there is no template '" + part.template() + "'");
        }
      }
    }
  }

  private void rules() {
    Set<String> seen = new HashSet<>();
    for (Rule rule : edition.rules()) {
      if (!seen.add(rule.id())) {
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

  private void references(String where, List<Term> terms) {
    for (Term term : terms) {
      if (term.id() != null && named(term.variable()).noneMatch(id -> id.equals(term.id()))) {
        fault(where, "'" + term + "' names a " + term.variable().word() + " that is not there");
      }
    }
  }

  private Stream<String> named(Term.Variable variable) {
    List<? extends Option> options =
        switch (variable) {
          case BUILD -> edition.builds();
          case LANGUAGE -> edition.languages();
          case FRAMEWORK -> edition.frameworks();
          case PACKAGING -> edition.packagings();
          case SAMPLE -> edition.samples();
          case LAYOUT -> edition.layouts();
          case STARTER -> edition.starters();
          case EXTRA -> edition.extras();
          case JVM, JDK -> List.of();
        };
    return options.stream().map(Option::id);
  }
}
