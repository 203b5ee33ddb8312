package vividtrellis.core.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.IdList;
import vividtrellis.core.brief.Names;
import vividtrellis.core.catalog.Contribution;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Options.BuildSystem;
import vividtrellis.core.catalog.Options.Framework;
import vividtrellis.core.catalog.Options.Language;
import vividtrellis.core.catalog.Options.Module;
import vividtrellis.core.catalog.Options.Option;
import vividtrellis.core.catalog.Term;
import vividtrellis.core.catalog.Term.Variable;
import vividtrellis.core.compat.Axis;
import vividtrellis.core.compat.Selection;
import vividtrellis.core.compat.SuitableJdks;
import vividtrellis.core.template.Cause;

/** The options that were picked, and what they contribute, each with its cause. */
final class Contributions {

  /** The kinds of picks in the order in which they speak. */
  private static final List<Variable> IN_ORDER =
      List.of(
          Variable.BUILD,
          Variable.LANGUAGE,
          Variable.ALONGSIDE,
          Variable.FRAMEWORK,
          Variable.PACKAGING,
          Variable.STARTER,
          Variable.EXTRA,
          Variable.SAMPLE,
          Variable.LAYOUT);

  /** Those that are a cause of what is only there with them. */
  private static final Set<Variable> CAUSES =
      Set.of(
          Variable.STARTER,
          Variable.EXTRA,
          Variable.ALONGSIDE,
          Variable.LANGUAGE,
          Variable.PACKAGING,
          Variable.LAYOUT,
          Variable.SAMPLE);

  private final Brief brief;
  private final Selection selection;
  private final SuitableJdks jdks;
  private final Names names;
  private final Edition edition;
  private final List<Module> modules;
  private final FrameworkTies ties;
  private final Cause framework;

  /** Conditions ask for the same picks again and again. */
  private final Map<Pick, Cause> causes = new HashMap<>();

  private record Pick(Variable kind, String id) {}

  Contributions(Brief brief, Selection selection, SuitableJdks jdks, Names names, Edition edition) {
    this.brief = brief;
    this.selection = selection;
    this.jdks = jdks;
    this.names = names;
    this.edition = edition;
    this.modules = framework().map(Framework::modules).orElse(List.of());
    this.ties = FrameworkTies.of(edition);
    this.framework = cause(new Pick(Variable.FRAMEWORK, selection.framework()));
  }

  Brief brief() {
    return brief;
  }

  Selection selection() {
    return selection;
  }

  Names names() {
    return names;
  }

  SuitableJdks jdks() {
    return jdks;
  }

  Edition edition() {
    return edition;
  }

  /** The framework that was picked. */
  Optional<Framework> framework() {
    return edition.framework(selection.framework());
  }

  /** The modules of the project; none where it is one whole. */
  List<Module> modules() {
    return modules;
  }

  /** The module that a binding goes into; empty where there are none. */
  String moduleOf(Contribution what) {
    String named = what.module();
    return modules.isEmpty() ? "" : named == null ? modules.get(modules.size() - 1).id() : named;
  }

  /** Where a file of a binding lies: code in its module, all else at the root unless it says so. */
  String path(Contribution what, String path) {
    String module = moduleOf(what);
    boolean inside = !module.isEmpty() && (what.module() != null || path.startsWith("src/"));
    return inside ? module + "/" + path : path;
  }

  /** Why a project has modules. */
  Cause split() {
    return framework;
  }

  /**
   * Something that an option puts into the project, since all its conditions hold.
   *
   * @param label what readers know it by
   * @param everywhere whether every module is built with it: what the build and the languages bring
   */
  record Contributed(Contribution what, Cause cause, String label, boolean everywhere) {
    /** How many picks its conditions name: who names more knows more of the project. */
    int named() {
      int named = 0;
      for (Term term : what.when()) {
        named += term.negated() ? 0 : 1;
      }
      return named;
    }
  }

  /** All contributions, in the order of the picks. */
  List<Contributed> inOrder() {
    List<Contributed> all = new ArrayList<>();
    for (Variable kind : IN_ORDER) {
      for (String id : ids(kind)) {
        add(all, edition.options(kind), id, pointer(kind, id));
      }
    }
    return all;
  }

  private Iterable<String> ids(Variable kind) {
    return switch (kind) {
      case STARTER -> selection.starters();
      case EXTRA -> selection.extras();
      default -> List.of(selection.value(Axis.of(kind)).id());
    };
  }

  /** Where a pick stands in the brief. */
  private String pointer(Variable kind, String id) {
    return IdList.of(kind.word())
        .map(list -> list.pointer(brief, id))
        .orElseGet(() -> Axis.of(kind).key().pointer());
  }

  private void add(
      List<Contributed> all, List<? extends Option> options, String id, String pointer) {
    Edition.find(options, id)
        .ifPresent(
            option -> {
              Cause cause = Cause.of(pointer, option.about().label());
              for (Contribution binding : option.bindings()) {
                if (selection.holdsAll(binding.when())) {
                  Cause own = with(cause, binding.when());
                  boolean dueTo = ties.isDueToFramework(binding);
                  boolean everywhere = option instanceof BuildSystem || option instanceof Language;
                  all.add(
                      new Contributed(
                          binding, dueTo ? own.and(framework) : own, own.because(), everywhere));
                }
              }
            });
  }

  boolean holdsAll(List<Term> terms) {
    return selection.holdsAll(terms);
  }

  /** A condition on another pick makes that pick a cause as well. */
  Cause with(Cause cause, List<Term> when) {
    Cause all = cause;
    for (Term term : when) {
      String id = String.valueOf(term.id());
      if (!term.negated()) {
        Variable kind = term.variable();
        if (kind.isOfWords()) {
          all = all.and(Cause.of(pointer(kind, id), kind.word() + " " + id));
        } else if (CAUSES.contains(kind)) {
          all = all.and(causes.computeIfAbsent(new Pick(kind, id), this::cause));
        }
      }
    }
    return all;
  }

  private Cause cause(Pick pick) {
    return of(edition.options(pick.kind()), pick.id(), pointer(pick.kind(), pick.id()));
  }

  private static Cause of(List<? extends Option> options, String id, String pointer) {
    return Cause.of(
        pointer, Edition.find(options, id).map(option -> option.about().label()).orElse(id));
  }
}
