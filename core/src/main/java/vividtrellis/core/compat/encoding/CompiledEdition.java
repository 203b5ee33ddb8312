package vividtrellis.core.compat.encoding;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.brief.IdList;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Options.Framework;
import vividtrellis.core.catalog.Options.Line;
import vividtrellis.core.catalog.Options.Option;
import vividtrellis.core.catalog.Rule;
import vividtrellis.core.catalog.Saying;
import vividtrellis.core.catalog.Term;
import vividtrellis.core.catalog.Term.Variable;
import vividtrellis.core.compat.Axis;
import vividtrellis.core.compat.Axis.Value;
import vividtrellis.core.compat.Selection;
import vividtrellis.core.compat.SuitableJdks;
import vividtrellis.core.compat.rules.Standings;
import vividtrellis.core.solver.Clause;
import vividtrellis.core.solver.Model;
import vividtrellis.core.solver.Problem;
import vividtrellis.core.version.Version;
import vividtrellis.core.version.VersionedId;

/**
 * An edition as numbers: every axis a choice, every starter and extra a switch, every blocking rule
 * a clause of the same number. Built once for an edition and its rules; shared between threads.
 */
public final class CompiledEdition {

  private static final Set<Variable> OF_A_JOINT =
      Set.of(Variable.FRAMEWORK, Variable.JVM, Variable.JDK, Variable.LANGUAGE);

  private final Edition edition;
  private final List<String> editions;
  private final AxisValues values;
  private final Switches switches;
  private final Map<Axis, Map<String, Map<Axis, BitSet>>> words = new EnumMap<>(Axis.class);
  private final Map<Axis, Map<String, Map<Axis, BitSet>>> spellings = new EnumMap<>(Axis.class);
  private final Map<Value, Saying> standings = new HashMap<>();
  private final List<Column> columns;
  private final List<BitSet> levels;
  private final Set<String> planned;
  private final List<Rule> blocking;
  private final RuleIndex advisories;
  private final Map<String, List<Rule>> advisoriesById;
  private final Map<String, List<SwitchRule>> advisoriesOfSwitches = new HashMap<>();
  private final Map<String, String> labels = new HashMap<>();
  private final RuleIndex ofJoints;
  private final List<Rule> ofJdks;
  private final Problem problem;
  private final Cautions cautions;
  private final Map<String, Integer> ownFormats = new HashMap<>();
  private final AnswerCache kept = new AnswerCache();

  /**
   * For an edition.
   *
   * @param rules its own, those that follow from it, and those that come on top
   * @param editions ids of all editions that can be pinned
   * @param quickLooks whether searches may look before they search; see {@link Problem}
   */
  public CompiledEdition(
      Edition edition, List<Rule> rules, List<String> editions, boolean quickLooks) {
    this.edition = edition;
    this.editions = List.copyOf(editions);
    values = new AxisValues(edition);
    switches = new Switches(edition);
    values.of(Axis.FRAMEWORK).forEach(this::readStanding);
    edition.frameworks().forEach(this::readFormat);
    PickEncoding encoding = new PickEncoding(values);
    for (Axis axis : Axis.values()) {
      words.put(axis, encoding.wordsOf(axis));
      spellings.put(axis, encoding.spellingsOf(axis));
    }
    columns = columnsOf();
    levels = levelsOf();
    planned =
        edition
            .options()
            .filter(option -> option.about().planned())
            .map(Option::id)
            .collect(Collectors.toUnmodifiableSet());
    blocking = rules.stream().filter(Rule::blocks).toList();
    List<Rule> telling = rules.stream().filter(rule -> !rule.blocks()).toList();
    advisories = new RuleIndex(telling, switches(), switches::of);
    advisoriesById = telling.stream().collect(Collectors.groupingBy(Rule::id));
    advisoriesById.forEach(
        (id, all) ->
            SwitchRule.of(all, switches::of)
                .ifPresent(numbered -> advisoriesOfSwitches.put(id, numbered)));
    edition.options().forEach(each -> labels.putIfAbsent(each.id(), each.about().label()));
    ofJdks = rules.stream().filter(SuitableJdks::concern).toList();
    List<Rule> ofSome =
        telling.stream()
            .filter(rule -> rule.terms().map(Term::variable).anyMatch(OF_A_JOINT::contains))
            .toList();
    ofJoints = new RuleIndex(ofSome, switches(), switches::of);
    Clauses clauses = new Clauses(values, switches);
    List<Clause> all = blocking.stream().map(clauses::of).toList();
    problem = new Problem(values.sizes(), switches(), all, quickLooks);
    cautions = new Cautions(values.sizes(), switches(), all, telling, clauses);
  }

  public Edition edition() {
    return edition;
  }

  List<String> editions() {
    return editions;
  }

  /** The options that an axis takes its values from; none for levels, which are no options. */
  public List<? extends Option> options(Axis axis) {
    return values.options(axis);
  }

  /** Answers that many questions share. */
  public AnswerCache kept() {
    return kept;
  }

  public Problem problem() {
    return problem;
  }

  /** The same with every caution as a clause. */
  public Cautions cautions() {
    return cautions;
  }

  /** How many starters and extras there are; their switches are numbered from 0. */
  public int switches() {
    return switches.count();
  }

  /** Rules that stop a project, by the number of their clause. */
  public List<Rule> blocking() {
    return blocking;
  }

  /** Some of them. */
  public List<Rule> blocking(BitSet some) {
    List<Rule> rules = new ArrayList<>();
    for (int k = some.nextSetBit(0); k >= 0; k = some.nextSetBit(k + 1)) {
      rules.add(blocking.get(k));
    }
    return List.copyOf(rules);
  }

  /** Rules that only tell and may have something to say to a selection. */
  public List<Rule> advisories(Selection selection) {
    BitSet on = new BitSet();
    selection.starters().forEach(id -> switchOf("starter", id).ifPresent(on::set));
    selection.extras().forEach(id -> switchOf("extra", id).ifPresent(on::set));
    return advisories.awake(on);
  }

  /** Those of one id. */
  public List<Rule> advisories(String id) {
    return advisoriesById.getOrDefault(id, List.of());
  }

  /** The same as numbers; empty if they look at more than starters and extras. */
  public Optional<List<SwitchRule>> ofSwitches(String id) {
    return Optional.ofNullable(advisoriesOfSwitches.get(id));
  }

  /** What an option is called; its id if there is none. */
  public String label(String id) {
    return labels.getOrDefault(id, id);
  }

  /** Those that look at a framework line or a level and may say something with switches on. */
  public List<Rule> ofJoints(BitSet on) {
    return ofJoints.awake(on);
  }

  /** Those that look at the JDK, whether they stop a project or only tell. */
  public List<Rule> ofJdks() {
    return ofJdks;
  }

  public List<Value> values(Axis axis) {
    return values.of(axis);
  }

  /** The words that are offered on an axis, each with what it fixes. */
  public Map<String, Map<Axis, BitSet>> words(Axis axis) {
    return words.getOrDefault(axis, Map.of());
  }

  /** What a pick on an axis fixes; nothing if it names nothing of the edition. */
  Optional<Map<Axis, BitSet>> meaning(Axis axis, String pick) {
    return Optional.ofNullable(spellings.getOrDefault(axis, Map.of()).get(pick));
  }

  /** The number of a starter's or extra's switch; empty if the edition does not have it. */
  public Optional<Integer> switchOf(String kind, String id) {
    return switches.of(kind, id);
  }

  /** The list of a brief that a switch is picked in. */
  public IdList list(int which) {
    return which < edition.starters().size() ? IdList.STARTERS : IdList.EXTRAS;
  }

  /** The id of the starter or extra with a switch. */
  public String id(int which) {
    return switches.id(which);
  }

  /** The starters that can stand in for one; it is among them if there is any. */
  public List<String> kin(int starter) {
    return switches.kin(starter);
  }

  /** The line that a framework value belongs to. */
  public Optional<Line> line(Value framework) {
    return values.line(framework);
  }

  private void readFormat(Framework framework) {
    framework.settings().formats().stream()
        .findFirst()
        .map(own -> values.where(Axis.FORMAT, value -> value.id().equals(own)).nextSetBit(0))
        .ifPresent(number -> ownFormats.put(framework.id(), number));
  }

  private void readStanding(Value value) {
    Framework framework = edition.framework(value.id()).orElseThrow();
    line(value)
        .flatMap(line -> Standings.caution(framework, line, value))
        .ifPresent(text -> standings.put(value, text));
  }

  /** What there is to say about how far a framework value can be relied on. */
  public Optional<Saying> caution(Value framework) {
    return Optional.ofNullable(standings.get(framework));
  }

  /** The same for all of some values; empty if it is not one and the same. */
  private Optional<Saying> caution(BitSet values) {
    Set<Optional<Saying>> all =
        values.stream()
            .mapToObj(value -> caution(values(Axis.FRAMEWORK).get(value)))
            .collect(Collectors.toSet());
    return all.size() == 1 ? all.iterator().next() : Optional.empty();
  }

  /** What a solution means. Starters and extras come in the order of the catalog. */
  public Selection selection(Model model) {
    Set<String> starters = new LinkedHashSet<>();
    Set<String> extras = new LinkedHashSet<>();
    BitSet on = model.on();
    for (int s = on.nextSetBit(0); s >= 0; s = on.nextSetBit(s + 1)) {
      (list(s) == IdList.STARTERS ? starters : extras).add(id(s));
    }
    return selection(model, starters, extras);
  }

  /** What a solution means, with starters and extras in an order of their own. */
  public Selection selection(Model model, Set<String> starters, Set<String> extras) {
    Map<Axis, Value> all = new EnumMap<>(Axis.class);
    for (Axis axis : Axis.values()) {
      all.put(axis, value(model, axis));
    }
    Map<String, Version> standards =
        line(value(model, Axis.FRAMEWORK)).map(Line::standards).orElse(Map.of());
    return new Selection(all, standards, starters, extras);
  }

  public Value value(Model model, Axis axis) {
    return values(axis).get(model.values().get(axis.number()));
  }

  /** The number of the format that a framework has its settings in by default. */
  public Optional<Integer> formatOf(Value framework) {
    return Optional.ofNullable(ownFormats.get(framework.id()));
  }

  /** Whether any option of an id can be judged, but not be written yet. */
  public boolean mayBePlanned(String id) {
    return planned.contains(id);
  }

  /** The values of each Java level, in the order of the catalog. */
  public List<BitSet> levels() {
    return levels;
  }

  private List<BitSet> levelsOf() {
    return edition.levels().stream()
        .map(level -> words(Axis.JVM).getOrDefault(level.version().text(), Map.of()))
        .map(word -> word.getOrDefault(Axis.JVM, new BitSet()))
        .toList();
  }

  /** Every framework line with its framework, in the order of the catalog. */
  public List<Column> columns() {
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
    BitSet own =
        values.where(
            Axis.FRAMEWORK,
            value ->
                value.id().equals(framework.id())
                    && (line == null || line.versions().contains(value.required())));
    return new Column(framework, line, own, caution(own));
  }

  /**
   * A framework at one of its lines, or one that has none.
   *
   * @param values those of the axis that it stands for
   * @param caution how far it can be relied on, if all its versions have the same one
   */
  public record Column(
      Framework framework, @Nullable Line line, BitSet values, Optional<Saying> caution) {
    /** The word that picks it. */
    public String word() {
      return line == null ? framework.id() : VersionedId.word(framework.id(), line.line());
    }
  }
}
