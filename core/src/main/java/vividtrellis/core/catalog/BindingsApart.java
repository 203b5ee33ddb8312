package vividtrellis.core.catalog;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import vividtrellis.core.catalog.InvalidEdition.Fault;
import vividtrellis.core.catalog.Term.Variable;
import vividtrellis.core.version.VersionRange;

/**
 * Bindings that stand apart from their option, under {@code bindings} of any data file, each with
 * {@code for}: so one file can hold all that belongs to one framework.
 */
final class BindingsApart {

  private final Map<Term, List<Contribution>> all = new LinkedHashMap<>();
  private final Map<Term, Fault> unread = new LinkedHashMap<>();

  private BindingsApart() {}

  static BindingsApart of(List<Section> files, ContributionReader reader) {
    BindingsApart apart = new BindingsApart();
    files.forEach(file -> file.sections("bindings", each -> apart.add(each, reader)));
    return apart;
  }

  private boolean add(Section section, ContributionReader reader) {
    List<Contribution> read = reader.read(section);
    try {
      Term option = Term.parse(section.text("for"));
      if (option.negated()
          || option.id() == null
          || option.variable() == Variable.ALONGSIDE
          || !option.range().equals(VersionRange.ANY)) {
        throw new IllegalArgumentException(
            "'for' is one option, as in starter:http-api; conditions belong to 'when'");
      }
      all.computeIfAbsent(option, any -> new ArrayList<>()).addAll(read);
      unread.putIfAbsent(option, section.origin());
    } catch (IllegalArgumentException e) {
      section.fault(section.at("for"), String.valueOf(e.getMessage()));
    }
    return true;
  }

  /** Those of an option, in the order of the files. */
  List<Contribution> of(Variable variable, String id) {
    Term option = new Term(false, variable, id, VersionRange.ANY);
    unread.remove(option);
    return all.getOrDefault(option, List.of());
  }

  /** A fault for each option that is not there. To be asked for when all options are read. */
  List<Fault> unused() {
    List<Fault> faults = new ArrayList<>();
    unread.forEach(
        (option, at) ->
            faults.add(
                new Fault(
                    at.file(), at.line(), "'for' names '" + option + "', which is not there")));
    return faults;
  }
}
