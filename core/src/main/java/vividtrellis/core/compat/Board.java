package vividtrellis.core.compat;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Options.Framework;
import vividtrellis.core.catalog.Options.Language;
import vividtrellis.core.catalog.Options.Line;
import vividtrellis.core.catalog.Options.Option;
import vividtrellis.core.catalog.Options.Starter;
import vividtrellis.core.catalog.Rule;
import vividtrellis.core.catalog.Term;
import vividtrellis.core.catalog.Term.Variable;
import vividtrellis.core.compat.Axis.Value;
import vividtrellis.core.solver.Clause;
import vividtrellis.core.solver.Model;
import vividtrellis.core.solver.Problem;
import vividtrellis.core.version.Version;

/**
 * An edition as numbers: every axis a choice, every starter and extra a switch, every blocking rule
 * a clause of the same number. Built once for an edition and its rules; shared between threads.
 */
final class Board {

  private static final Set<Variable> OF_A_JOINT =
      Set.of(Variable.FRAMEWORK, Variable.SERVLET, Variable.JVM, Variable.JDK, Variable.LANGUAGE);

  private final Edition edition;
  private final List<String> editions;
  private final Map<Axis, List<Value>> values = new EnumMap<>(Axis.class);
  private final Map<Axis, Map<String, Map<Axis, BitSet>>> words = new EnumMap<>(Axis.class);
  private final Map<Axis, Map<String, Map<Axis, BitSet>>> spellings = new EnumMap<>(Axis.class);
  private final Map<Value, Line> lines = new HashMap<>();
  private final Map<String, List<String>> kindred = new HashMap<>();
  private final List<Column> columns;
  private final Map<String, Integer> starters = new LinkedHashMap<>();
  private final Map<String, Integer> extras = new LinkedHashMap<>();
  private final List<Rule> blocking;
  private final List<Rule> lighter;
  private final Map<Rule, List<Integer>> ofJoints = new LinkedHashMap<>();
  private final Problem problem;

  /**
   * For an edition.
   *
   * @param rules its own, those that follow from it, and those that come on top
   * @param editions ids of all editions that can be pinned
   */
  Board(Edition edition, List<Rule> rules, List<String> editions) {
    this.edition = edition;
    this.editions = List.copyOf(editions);
    for (Axis axis : Axis.values()) {
      values.put(axis, List.copyOf(axis.values(edition)));
    }
    readLines();
    for (Axis axis : Axis.values()) {
      words.put(axis, wordsOf(axis));
      spellings.put(axis, spellingsOf(axis));
    }
    columns = columnsOf();
    for (Starter starter : edition.starters()) {
      starters.put(starter.id(), starters.size());
      String kin = starter.kin();
      if (kin != null) {
        kindred.computeIfAbsent(kin, any -> new ArrayList<>()).add(starter.id());
      }
    }
    for (Option option : edition.extras()) {
      extras.put(option.id(), starters.size() + extras.size());
    }
    blocking = rules.stream().filter(Rule::blocks).toList();
    lighter = rules.stream().filter(rule -> !rule.blocks()).toList();
    lighter.stream()
        .filter(rule -> rule.when().stream().map(Term::variable).anyMatch(OF_A_JOINT::contains))
        .forEach(rule -> ofJoints.put(rule, switches(rule)));
    List<Integer> sizes = new ArrayList<>();
    for (Axis axis : Axis.values()) {
      sizes.add(values(axis).size());
    }
    problem =
        new Problem(
            sizes, starters.size() + extras.size(), blocking.stream().map(this::clause).toList());
  }

  Edition edition() {
    return edition;
  }

  List<String> editions() {
    return editions;
  }

  /** The options that an axis takes its values from; none for levels, which are no options. */
  List<? extends Option> options(Axis axis) {
    return switch (axis) {
      case FRAMEWORK -> edition.frameworks();
      case LANGUAGE, ALONGSIDE -> edition.languages();
      case BUILD -> edition.builds();
      case PACKAGING -> edition.packagings();
      case SAMPLE -> edition.samples();
      case LAYOUT -> edition.layouts();
      case JVM, JDK -> List.of();
    };
  }

  Problem problem() {
    return problem;
  }

  /** How many starters and extras there are; their switches are numbered from 0. */
  int switches() {
    return starters.size() + extras.size();
  }

  /** Rules that stop a project, by the number of their clause. */
  List<Rule> blocking() {
    return blocking;
  }

  /** Rules that only tell. */
  List<Rule> lighter() {
    return lighter;
  }

  /** Those that look at a framework line or a level, with the switches that have to be on. */
  Map<Rule, List<Integer>> ofJoints() {
    return ofJoints;
  }

  private List<Integer> switches(Rule rule) {
    return rule.when().stream()
        .filter(term -> !term.negated())
        .filter(term -> term.variable() == Variable.STARTER || term.variable() == Variable.EXTRA)
        .map(term -> switchOf(term.variable().word(), String.valueOf(term.id())).orElseThrow())
        .toList();
  }

  List<Value> values(Axis axis) {
    return values.getOrDefault(axis, List.of());
  }

  /** The words that can be picked on an axis, each with what it fixes. */
  private Map<String, Map<Axis, BitSet>> wordsOf(Axis axis) {
    Map<String, Map<Axis, BitSet>> words = new LinkedHashMap<>();
    for (Value value : values(axis)) {
      words.putIfAbsent(value.id(), Map.of(axis, where(axis, v -> v.id().equals(value.id()))));
      boolean levelled =
          (axis == Axis.LANGUAGE || axis == Axis.ALONGSIDE)
              && Edition.find(edition.languages(), value.id())
                  .map(Language::isLevelled)
                  .orElse(false);
      if (levelled) {
        for (Value level : values(Axis.JVM)) {
          words.put(
              value.id() + "@" + level.id(),
              Map.of(
                  axis,
                  where(axis, v -> v.id().equals(value.id())),
                  Axis.JVM,
                  where(Axis.JVM, level::equals)));
        }
      }
      if (axis == Axis.FRAMEWORK) {
        line(value)
            .ifPresent(
                line ->
                    words.putIfAbsent(
                        value.id() + "@" + line.line(),
                        Map.of(axis, where(axis, v -> line(v).filter(line::equals).isPresent()))));
      }
      words.putIfAbsent(value.word(), Map.of(axis, where(axis, value::equals)));
    }
    return words;
  }

  /** The words that are offered on an axis, each with what it fixes. */
  Map<String, Map<Axis, BitSet>> words(Axis axis) {
    return words.getOrDefault(axis, Map.of());
  }

  /** What a pick on an axis fixes; nothing if it names nothing of the edition. */
  Optional<Map<Axis, BitSet>> meaning(Axis axis, String pick) {
    return Optional.ofNullable(spellings.getOrDefault(axis, Map.of()).get(pick));
  }

  /** The words of an axis, and the ways of saying the same: a version by its first two numbers. */
  private Map<String, Map<Axis, BitSet>> spellingsOf(Axis axis) {
    Map<String, Map<Axis, BitSet>> all = new LinkedHashMap<>(words(axis));
    for (Value value : values(axis)) {
      Version version = value.version();
      if (version != null && axis != Axis.FRAMEWORK) {
        String line = version.line();
        all.putIfAbsent(
            value.id() + "@" + line,
            Map.of(
                axis,
                where(axis, v -> v.id().equals(value.id()) && v.required().line().equals(line))));
      }
    }
    return all;
  }

  /** The values of an axis that meet a condition. */
  BitSet where(Axis axis, Predicate<Value> condition) {
    List<Value> all = values(axis);
    BitSet set = new BitSet(all.size());
    for (int i = 0; i < all.size(); i++) {
      set.set(i, condition.test(all.get(i)));
    }
    return set;
  }

  /** The number of a starter's or extra's switch; empty if the edition does not have it. */
  Optional<Integer> switchOf(String kind, String id) {
    return Optional.ofNullable((kind.equals("extra") ? extras : starters).get(id));
  }

  /** The starters that can stand in for one; it is among them if there is any. */
  List<String> kin(int starter) {
    String kin = edition.starters().get(starter).kin();
    return kin == null ? List.of() : kindred.getOrDefault(kin, List.of());
  }

  /** The line that a framework value belongs to. */
  Optional<Line> line(Value framework) {
    return Optional.ofNullable(lines.get(framework));
  }

  private void readLines() {
    for (Value value : values(Axis.FRAMEWORK)) {
      Version version = value.version();
      if (version != null) {
        edition
            .framework(value.id())
            .flatMap(each -> each.lineOf(version))
            .ifPresent(line -> lines.put(value, line));
      }
    }
  }

  private boolean isLevelled(@Nullable String language) {
    return language != null
        && Edition.find(edition.languages(), language).map(Language::isLevelled).orElse(false);
  }

  /** A part of a condition: a switch that is on, or an axis with one of some values. */
  private record Part(int which, @Nullable Axis axis, BitSet set) {
    Part negated(int size) {
      BitSet other = (BitSet) set.clone();
      other.flip(0, size);
      return new Part(which, axis, other);
    }
  }

  /** What must hold together for a condition, not counting its negation. */
  private List<Part> parts(Term term) {
    String id = term.id();
    return switch (term.variable()) {
      case STARTER, EXTRA ->
          List.of(
              new Part(
                  switchOf(term.variable().word(), String.valueOf(id)).orElseThrow(),
                  null,
                  new BitSet()));
      case JVM -> List.of(axis(Axis.JVM, value -> holds(term, value)));
      case JDK -> List.of(axis(Axis.JDK, value -> holds(term, value)));
      case SERVLET -> List.of(axis(Axis.FRAMEWORK, value -> holdsServlet(term, value)));
      case LANGUAGE -> {
        Part levels = axis(Axis.JVM, value -> holds(term, value));
        boolean every = levels.set().cardinality() == values(Axis.JVM).size();
        yield !isLevelled(id)
            ? List.of(axis(Axis.LANGUAGE, v -> v.id().equals(id) && isIn(term, v)))
            : every
                ? List.of(axis(Axis.LANGUAGE, v -> v.id().equals(id)))
                : List.of(axis(Axis.LANGUAGE, v -> v.id().equals(id)), levels);
      }
      case FRAMEWORK, BUILD, PACKAGING, SAMPLE, LAYOUT, ALONGSIDE ->
          List.of(
              axis(Axis.valueOf(term.variable().name()), v -> v.id().equals(id) && isIn(term, v)));
    };
  }

  private Part axis(Axis axis, Predicate<Value> condition) {
    return new Part(-1, axis, where(axis, condition));
  }

  private static boolean holds(Term term, Value value) {
    return term.range().holds(value.required());
  }

  private static boolean isIn(Term term, Value value) {
    Version version = value.version();
    return version == null || term.range().holds(version);
  }

  private boolean holdsServlet(Term term, Value framework) {
    return line(framework).map(Line::servlet).map(level -> term.range().holds(level)).orElse(false);
  }

  /**
   * The clause of a rule: one condition does not hold, or something that it asks for does.
   *
   * @throws IllegalArgumentException when a condition that must hold is two at once (a language
   *     whose version is the level, with a range)
   */
  private Clause clause(Rule rule) {
    List<Integer> off = new ArrayList<>();
    List<Integer> on = new ArrayList<>();
    Map<Integer, BitSet> within = new TreeMap<>();
    for (Term term : rule.when()) {
      if (term.negated()) {
        add(single(rule, term), off, on, within, true);
      } else {
        parts(term).forEach(part -> add(part, off, on, within, false));
      }
    }
    for (Term term : Rules.remaining(rule)) {
      add(single(rule, term), off, on, within, !term.negated());
    }
    return new Clause(off, on, within);
  }

  private Part single(Rule rule, Term term) {
    List<Part> parts = parts(term);
    if (parts.size() > 1) {
      throw new IllegalArgumentException(
          rule.id() + ": '" + term + "' looks at two picks at once; name the level with jvm:");
    }
    return parts.get(0);
  }

  private void add(
      Part part, List<Integer> off, List<Integer> on, Map<Integer, BitSet> within, boolean hold) {
    Axis axis = part.axis();
    if (axis == null) {
      (hold ? on : off).add(part.which());
      return;
    }
    Part meant = hold ? part : part.negated(values(axis).size());
    within.computeIfAbsent(axis.number(), a -> new BitSet()).or(meant.set());
  }

  /** What a solution means. Starters and extras come in the order of the catalog. */
  Selection selection(Model model) {
    return selection(model, names(starters, model.on()), names(extras, model.on()));
  }

  /** What a solution means, with starters and extras in an order of their own. */
  Selection selection(Model model, Set<String> starters, Set<String> extras) {
    Value framework = value(model, Axis.FRAMEWORK);
    Value language = value(model, Axis.LANGUAGE);
    Value build = value(model, Axis.BUILD);
    return new Selection(
        build.id(),
        build.required(),
        language.id(),
        language.version(),
        value(model, Axis.JVM).required(),
        value(model, Axis.JDK).required(),
        framework.id(),
        framework.version(),
        line(framework).map(Line::servlet).orElse(null),
        value(model, Axis.PACKAGING).id(),
        value(model, Axis.SAMPLE).id(),
        value(model, Axis.LAYOUT).id(),
        value(model, Axis.ALONGSIDE).word(),
        starters,
        extras);
  }

  Value value(Model model, Axis axis) {
    return values(axis).get(model.values().get(axis.number()));
  }

  private static Set<String> names(Map<String, Integer> numbers, BitSet on) {
    Set<String> names = new LinkedHashSet<>();
    numbers.forEach(
        (id, number) -> {
          if (on.get(number)) {
            names.add(id);
          }
        });
    return names;
  }

  /** Every framework line with its framework, in the order of the catalog. */
  List<Column> columns() {
    return columns;
  }

  private List<Column> columnsOf() {
    List<Column> columns = new ArrayList<>();
    for (Framework framework : edition.frameworks()) {
      framework.lines().forEach(line -> columns.add(column(framework, line)));
      if (framework.lines().isEmpty()) {
        columns.add(column(framework, null));
      }
    }
    return List.copyOf(columns);
  }

  private Column column(Framework framework, @Nullable Line line) {
    return new Column(
        framework,
        line,
        where(
            Axis.FRAMEWORK,
            value ->
                value.id().equals(framework.id())
                    && (line == null || line.versions().contains(value.required()))));
  }

  /**
   * A framework at one of its lines, or one that has none.
   *
   * @param values those of the axis that it stands for
   */
  record Column(Framework framework, @Nullable Line line, BitSet values) {
    /** The word that picks it. */
    String word() {
      return line == null ? framework.id() : framework.id() + "@" + line.line();
    }
  }
}
