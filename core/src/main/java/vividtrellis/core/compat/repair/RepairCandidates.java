package vividtrellis.core.compat.repair;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.IdList;
import vividtrellis.core.brief.Key;
import vividtrellis.core.catalog.Options.Line;
import vividtrellis.core.catalog.Rule;
import vividtrellis.core.catalog.Term;
import vividtrellis.core.catalog.Term.Variable;
import vividtrellis.core.compat.Axis;
import vividtrellis.core.compat.Axis.Value;
import vividtrellis.core.compat.encoding.Assumption;
import vividtrellis.core.compat.encoding.CompiledEdition;
import vividtrellis.core.compat.feasibility.Conflicts.Conflict;
import vividtrellis.core.compat.finding.Change;
import vividtrellis.core.version.Version;
import vividtrellis.core.version.VersionedId;

/**
 * The single changes that may mend something, gentlest first. Whatever clears a conflict changes
 * one of its picks or adds what one of its rules asks for; all of that is here.
 */
public final class RepairCandidates {

  private final CompiledEdition compiled;
  private final Brief brief;
  private final Set<Change> changes = new LinkedHashSet<>();

  private RepairCandidates(CompiledEdition compiled, Brief brief) {
    this.compiled = compiled;
    this.brief = brief;
  }

  /** What may mend a conflict. */
  public static List<Change> of(Conflict conflict, Brief brief, CompiledEdition compiled) {
    RepairCandidates candidates = new RepairCandidates(compiled, brief);
    conflict.rules().forEach(candidates::additions);
    conflict.rules().forEach(candidates::exceptions);
    conflict.picks().forEach(candidates::other);
    return candidates.sorted();
  }

  /** What may mend a rule that only tells: something that is asked for, or less of what asks. */
  public static List<Change> of(
      Rule rule, List<Assumption> picks, Brief brief, CompiledEdition compiled) {
    RepairCandidates candidates = new RepairCandidates(compiled, brief);
    candidates.additions(rule);
    picks.forEach(candidates::other);
    return candidates.sorted();
  }

  private List<Change> sorted() {
    List<Change> sorted = new ArrayList<>(changes);
    sorted.sort(Comparator.comparingInt(Change::disruption));
    return sorted;
  }

  private void additions(Rule rule) {
    for (Term term : rule.remaining()) {
      if (!term.negated()) {
        addition(term.variable(), String.valueOf(term.id()));
      }
    }
  }

  /** What keeps a rule from speaking at all. Of a rule that only tells, that is no advice. */
  private void exceptions(Rule rule) {
    for (Term term : rule.when()) {
      if (term.negated()) {
        addition(term.variable(), String.valueOf(term.id()));
      }
    }
  }

  private void addition(Variable variable, String id) {
    boolean listed = variable == Variable.STARTER || variable == Variable.EXTRA;
    if (listed && !brief.starters().contains(id) && !brief.extras().contains(id)) {
      changes.add(Change.add(IdList.of(variable.word()).orElseThrow(), id));
    }
  }

  private void other(Assumption assumption) {
    if (assumption.which() >= 0) {
      listed(assumption.which());
      return;
    }
    Key key = Key.at(assumption.pointer()).orElseThrow();
    String pick = brief.require(key);
    switch (key) {
      case FRAMEWORK -> frameworks(pick);
      case LANGUAGE, ALONGSIDE -> languages(key, pick);
      case JVM -> levels(Axis.JVM, pick, "");
      case JDK -> levels(Axis.JDK, pick, "");
      default -> others(key, pick);
    }
    changes.add(new Change.Remove(key));
  }

  private void listed(int which) {
    IdList list = compiled.list(which);
    String id = compiled.id(which);
    if (list == IdList.STARTERS) {
      for (String each : compiled.kin(which)) {
        if (!brief.starters().contains(each)) {
          changes.add(Change.swap(list, id, each));
        }
      }
    }
    changes.add(Change.drop(list, id));
  }

  /** Patches of the picked line, then lines of the framework, then other frameworks. */
  private void frameworks(String pick) {
    String id = VersionedId.read(pick).id();
    Optional<Value> now =
        compiled.values(Axis.FRAMEWORK).stream()
            .filter(value -> value.word().equals(pick) || lineWord(value).equals(pick))
            .findFirst();
    for (Value value : compiled.values(Axis.FRAMEWORK)) {
      boolean exact = now.isPresent() && now.get().word().equals(pick);
      if (exact
          && value.version() != null
          && lineWord(value).equals(lineWord(now.get()))
          && !value.equals(now.get())) {
        changes.add(new Change.Move(Key.FRAMEWORK, value.word(), 1));
      }
    }
    for (Value value : compiled.values(Axis.FRAMEWORK)) {
      String word = lineWord(value);
      if (value.id().equals(id) && !word.equals(now.map(this::lineWord).orElse(""))) {
        boolean up = now.isPresent() && isAbove(value.version(), now.get().version());
        changes.add(new Change.Move(Key.FRAMEWORK, word, up ? 2 : 3));
      } else if (!value.id().equals(id)) {
        changes.add(new Change.Move(Key.FRAMEWORK, value.id(), 6));
      }
    }
  }

  private static boolean isAbove(@Nullable Version one, @Nullable Version other) {
    return one != null && other != null && one.compareTo(other) > 0;
  }

  private String lineWord(Value value) {
    return compiled
        .line(value)
        .map(Line::line)
        .map(line -> VersionedId.word(value.id(), line))
        .orElse(value.id());
  }

  private void languages(Key key, String pick) {
    String id = VersionedId.read(pick).id();
    Axis axis = Axis.valueOf(key.name());
    for (Value value : compiled.values(axis)) {
      if (!value.id().equals(id)) {
        changes.add(new Change.Move(key, value.id(), 6));
      } else if (value.version() == null) {
        levels(Axis.JVM, VersionedId.read(pick).version(), id);
      } else if (!value.word().equals(pick)) {
        changes.add(new Change.Move(key, value.word(), 4));
      }
    }
  }

  /**
   * Higher levels nearest first, then lower ones.
   *
   * @param language whose version the level is; empty where the level is a pick of its own
   */
  private void levels(Axis axis, String pick, String language) {
    if (!Version.isVersion(pick)) {
      return;
    }
    Version now = new Version(pick);
    Key key = language.isEmpty() ? axis.key() : Key.LANGUAGE;
    Function<Version, String> word =
        level -> language.isEmpty() ? level.text() : VersionedId.word(language, level);
    List<Version> all = compiled.values(axis).stream().map(Value::required).sorted().toList();
    all.stream()
        .filter(level -> level.compareTo(now) > 0)
        .forEach(level -> changes.add(new Change.Move(key, word.apply(level), 4)));
    for (int i = all.size() - 1; i >= 0; i--) {
      if (all.get(i).compareTo(now) < 0) {
        changes.add(new Change.Move(key, word.apply(all.get(i)), 5));
      }
    }
  }

  private void others(Key key, String pick) {
    Axis axis = Axis.valueOf(key.name());
    String id = VersionedId.read(pick).id();
    for (Value value : compiled.values(axis)) {
      if (!value.id().equals(id)) {
        changes.add(new Change.Move(key, value.id(), 6));
      } else if (!value.word().equals(pick) && VersionedId.read(pick).isVersioned()) {
        changes.add(new Change.Move(key, value.word(), 1));
      }
    }
  }

  /** The picks that a rule speaks of, when it holds against them. */
  public static List<Assumption> picks(
      Rule rule, List<Assumption> assumptions, CompiledEdition compiled) {
    List<Term> terms = new ArrayList<>(rule.when());
    // What asks for another version of a pick speaks of that pick; of a starter that is not there,
    // it cannot.
    rule.remaining().stream()
        .filter(term -> rule instanceof Rule.Range || rule instanceof Rule.Wants)
        .filter(term -> term.variable() != Variable.STARTER && term.variable() != Variable.EXTRA)
        .forEach(terms::add);
    List<Assumption> picks = new ArrayList<>();
    for (Assumption assumption : assumptions) {
      if (terms.stream().anyMatch(term -> speaksOf(term, assumption, compiled))) {
        picks.add(assumption);
      }
    }
    return picks;
  }

  private static boolean speaksOf(Term term, Assumption assumption, CompiledEdition compiled) {
    return switch (term.variable()) {
      case STARTER, EXTRA ->
          !term.negated()
              && compiled
                  .switchOf(term.variable().word(), String.valueOf(term.id()))
                  .map(which -> which == assumption.which())
                  .orElse(false);
      case LANGUAGE -> assumption.narrowed().containsKey(Axis.LANGUAGE);
      default -> assumption.narrowed().containsKey(Axis.valueOf(term.variable().name()));
    };
  }
}
