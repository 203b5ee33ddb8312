package vividtrellis.core.compat.rules;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.catalog.Contribution;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Evidence;
import vividtrellis.core.catalog.Options;
import vividtrellis.core.catalog.Options.Option;
import vividtrellis.core.catalog.Options.Starter;
import vividtrellis.core.catalog.Reach;
import vividtrellis.core.catalog.Reach.Hole;
import vividtrellis.core.catalog.Root;
import vividtrellis.core.catalog.Root.Kind;
import vividtrellis.core.catalog.Rule;
import vividtrellis.core.catalog.Term;
import vividtrellis.core.catalog.Term.Variable;
import vividtrellis.core.compat.finding.Sentences;
import vividtrellis.core.version.Version;
import vividtrellis.core.version.VersionedId;

/**
 * The cautions that follow from a reach: whatever a registry does not give whole, told of each pick
 * that asks for it, under the conditions under which it does.
 */
final class ReachRules {

  private static final int MOST_NAMED = 2;

  private final Edition edition;

  /** By pick and conditions, what is missing. */
  private final Map<Place, Set<String>> places = new LinkedHashMap<>();

  private ReachRules(Edition edition) {
    this.edition = edition;
  }

  /** All of an edition. */
  static List<Rule> of(Edition edition) {
    ReachRules rules = new ReachRules(edition);
    Map<String, List<Root>> roots = new LinkedHashMap<>();
    Root.of(edition)
        .forEach(root -> roots.computeIfAbsent(root.key(), key -> new ArrayList<>()).add(root));
    for (Hole hole : edition.reach().holes()) {
      for (Root root : roots.getOrDefault(hole.root(), List.of())) {
        rules.add(root, hole);
      }
    }
    rules.places.keySet().removeIf(rules::isSaidElsewhere);
    return rules.places.entrySet().stream()
        .map(each -> rules.rule(each.getKey(), each.getValue()))
        .toList();
  }

  /**
   * Where something is missing.
   *
   * @param option that asks for it
   * @param of the framework version that it is missing for, or that of the language
   */
  private record Place(Option option, String of, Set<Term> when) {}

  private void add(Root root, Hole hole) {
    boolean alike = hole.of().equals(Root.ANY);
    VersionedId of = VersionedId.read(hole.of());
    String framework = of.id();
    Version version = of.comparable().orElse(null);
    if (!alike && !root.isFor(framework, version)) {
      return;
    }
    Set<Term> when = new LinkedHashSet<>();
    when.add(picked(root, hole, framework, version));
    if (!alike) {
      when.add(
          Term.parse("framework:" + framework + (version == null ? "" : " [" + version + "]")));
    }
    root.when().stream()
        .filter(term -> alike || term.variable() != Variable.FRAMEWORK)
        .map(term -> at(term, hole))
        .forEach(when::add);
    if (root.kind() != Kind.DEPENDENCY
        && when.stream().noneMatch(term -> term.variable() == Variable.BUILD)) {
      when.add(Term.parse(root.kind() == Kind.SCRIPT_PLUGIN ? "no build:maven" : "build:maven"));
    }
    for (Term out : keptOut(root, hole.under())) {
      when.add(out);
    }
    if (when.stream().anyMatch(term -> when.contains(term.not()))) {
      return;
    }
    places
        .computeIfAbsent(new Place(root.option(), of(hole), when), place -> new TreeSet<>())
        .addAll(hole.lacks());
  }

  /** With what it is missing: a framework version, or the version of a language. */
  private static String of(Hole hole) {
    String language = hole.language();
    return hole.of().equals(Root.ANY) && language != null ? language : hole.of();
  }

  /** The pick itself, with the version of a language where that makes a difference. */
  private Term picked(Root root, Hole hole, String framework, @Nullable Version version) {
    String id = root.option().id();
    String word = root.variable().word() + ":" + id;
    return root.variable() == Variable.FRAMEWORK && version != null
        ? Term.parse(word + " [" + version + "]")
        : language(word, id, hole, framework, version).orElseGet(() -> Term.parse(word));
  }

  private Optional<Term> language(
      String word, String id, Hole hole, String framework, @Nullable Version version) {
    boolean versioned =
        edition.languages().stream().anyMatch(each -> each.id().equals(id) && !each.isLevelled());
    if (!versioned) {
      return Optional.empty();
    }
    String other = hole.language();
    VersionedId seen = VersionedId.read(other == null ? "" : other);
    if (seen.isVersioned() && seen.id().equals(id)) {
      return Optional.of(Term.parse(word + " [" + seen.version() + "]"));
    }
    return version == null
        ? Optional.empty()
        : edition
            .framework(framework)
            .flatMap(each -> each.managed(id, version))
            .map(managed -> Term.parse(word + " [" + managed + "]"));
  }

  /** A condition on a language means the version that the hole was seen with. */
  private Term at(Term term, Hole hole) {
    boolean language =
        term.variable() == Variable.LANGUAGE || term.variable() == Variable.ALONGSIDE;
    if (!language || term.negated() || term.id() == null) {
      return term;
    }
    VersionedId of = VersionedId.read(hole.of());
    return language(
            term.variable().word() + ":" + term.id(),
            String.valueOf(term.id()),
            hole,
            of.id(),
            of.comparable().orElse(null))
        .orElse(term);
  }

  /** That none of the picks is there which would keep out what brings the missing along. */
  private List<Term> keptOut(Root root, @Nullable String under) {
    List<Term> terms = new ArrayList<>();
    if (under != null) {
      for (Starter starter : edition.starters()) {
        for (Contribution binding : starter.bindings()) {
          if (binding.without().getOrDefault(under, List.of()).contains(root.coordinates())) {
            terms.add(Term.parse("no starter:" + starter.id()));
          }
        }
      }
    }
    return terms;
  }

  /** Whether the same is told of the same pick under fewer conditions. */
  private boolean isSaidElsewhere(Place place) {
    Set<String> lacks = places.getOrDefault(place, Set.of());
    return places.entrySet().stream()
        .anyMatch(
            other ->
                !other.getKey().equals(place)
                    && other.getKey().option().equals(place.option())
                    && other.getKey().of().equals(place.of())
                    && place.when().containsAll(other.getKey().when())
                    && other.getValue().containsAll(lacks));
  }

  private Rule rule(Place place, Set<String> lacks) {
    List<String> named = lacks.stream().limit(MOST_NAMED).toList();
    Reach reach = edition.reach();
    Map<String, String> args =
        Map.of(
            "what", (place.option().about().label() + " " + with(place)).strip(),
            "day", reach.day(),
            "lacks", String.join(", ", named),
            "more", Integer.toString(lacks.size() - named.size()));
    String sentence = lacks.size() > MOST_NAMED ? "out-of-reach-and-more" : "out-of-reach";
    return new Rule.Overlaps(
        place.option().id() + "-out-of-reach",
        List.copyOf(place.when()),
        Sentences.saying(sentence, args),
        List.of(
            new Evidence(
                "registry",
                "asked on " + reach.day() + ", not there: " + String.join(", ", lacks))));
  }

  private String with(Place place) {
    if (place.of().equals(Root.ANY)) {
      return "";
    }
    VersionedId of = VersionedId.read(place.of());
    String label = edition.framework(of.id()).map(each -> each.about().label()).orElse(of.id());
    return place.option() instanceof Options.Framework || place.option().id().equals(of.id())
        ? of.version()
        : Sentences.say("out-of-reach-with", Map.of("label", label, "version", of.version()));
  }
}
