package vividtrellis.core.compat;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Options.Framework;
import vividtrellis.core.catalog.Options.Language;
import vividtrellis.core.catalog.Options.Level;
import vividtrellis.core.catalog.Options.Line;
import vividtrellis.core.catalog.Rule;
import vividtrellis.core.catalog.Term;
import vividtrellis.core.compat.Verdict.PatchOp;
import vividtrellis.core.compat.Verdict.Remedy;

/**
 * Ways out. A way begins with a change that mends the finding it is for and goes on until no
 * blocker is left; ways that do not get there are not shown. Shorter before longer, gentler before
 * harsher.
 */
final class Remedies {

  private static final int MOST = 5;
  private static final int MOST_TRIED = 120;

  /** With more blockers than this, no short way can be expected and none is searched for. */
  private static final int FEW = 6;

  /** The most changes that one way may take. */
  private static final int LONGEST = 40;

  /** How many changed briefs are judged in all for one verdict, however many findings it has. */
  private static final int MOST_JUDGED = 600;

  /** What is still wrong with a brief: for each blocker, the changes that may mend it. */
  interface Blockers {
    List<List<Change>> of(Brief brief);
  }

  private record Way(List<Change> changes, Brief result) {
    Way then(Change change) {
      List<Change> more = new ArrayList<>(changes);
      more.add(change);
      return new Way(more, change.apply(result));
    }

    int disruption() {
      return changes.stream().mapToInt(Change::disruption).sum();
    }
  }

  private final Edition edition;
  private final Blockers blockers;
  private final int standing;
  private int judged;

  /**
   * For one brief.
   *
   * @param standing how many blockers it has as it stands
   */
  Remedies(Edition edition, Blockers blockers, int standing) {
    this.edition = edition;
    this.blockers = blockers;
    this.standing = standing;
  }

  /** Up to five ways out that begin with one of the given changes. */
  List<Remedy> from(Brief brief, List<Change> first) {
    if (first.isEmpty() || standing > LONGEST) {
      return List.of();
    }
    List<Way> ways = standing > FEW ? new ArrayList<>() : search(brief, first);
    if (ways.isEmpty()) {
      first.stream().map(c -> greedy(new Way(List.of(), brief).then(c))).forEach(ways::addAll);
    }
    Set<Brief> seen = new HashSet<>();
    return ways.stream()
        .sorted(
            Comparator.comparingInt((Way way) -> way.changes().size())
                .thenComparingInt(Way::disruption))
        .filter(way -> seen.add(way.result()))
        .limit(MOST)
        .map(way -> remedy(brief, way))
        .toList();
  }

  /** What is left to mend; once enough has been judged, too much to go on. */
  private List<List<Change>> left(Brief brief) {
    judged++;
    return judged > MOST_JUDGED ? List.of(List.of()) : blockers.of(brief);
  }

  private List<Way> search(Brief brief, List<Change> first) {
    List<Way> found = new ArrayList<>();
    Deque<Way> open = new ArrayDeque<>();
    first.forEach(change -> open.add(new Way(List.of(), brief).then(change)));
    for (int tried = 0; !open.isEmpty() && tried < MOST_TRIED; tried++) {
      Way way = open.poll();
      if (!found.isEmpty() && way.changes().size() > found.get(0).changes().size()) {
        break;
      }
      List<List<Change>> left = left(way.result());
      if (left.isEmpty()) {
        found.add(way);
      } else if (way.changes().size() < 3) {
        left.get(0).forEach(change -> open.add(way.then(change)));
      }
    }
    return found;
  }

  /** For many blockers at once: the gentlest change for each in turn. */
  private List<Way> greedy(Way start) {
    Way way = start;
    for (int i = 0; i < LONGEST; i++) {
      List<List<Change>> left = left(way.result());
      if (left.isEmpty()) {
        return List.of(way);
      }
      if (left.get(0).isEmpty()) {
        return List.of();
      }
      way = way.then(left.get(0).get(0));
    }
    return List.of();
  }

  private Remedy remedy(Brief brief, Way way) {
    List<PatchOp> patch = new ArrayList<>();
    List<String> titles = new ArrayList<>();
    Brief step = brief;
    for (Change change : way.changes()) {
      patch.add(change.patch(step));
      titles.add(title(change));
      step = change.apply(step);
    }
    String title = titles.get(0);
    for (String next : titles.subList(1, Math.min(titles.size(), 3))) {
      String then = next.substring(0, 1).toLowerCase(Locale.ROOT) + next.substring(1);
      title = Sentences.say("remedy-and", Map.of("first", title, "then", then));
    }
    if (titles.size() > 3) {
      String more = Integer.toString(titles.size() - 3);
      title = Sentences.say("remedy-and-more", Map.of("first", title, "more", more));
    }
    return new Remedy(title, List.copyOf(patch), step);
  }

  private String title(Change change) {
    if (change instanceof Change.Set set) {
      if (set.key() == Key.NAME) {
        return Sentences.say("remedy-name", Map.of("value", set.value()));
      }
      String code =
          switch (set.key()) {
            case FRAMEWORK -> "remedy-framework";
            case LANGUAGE -> "remedy-language";
            default -> "remedy-set";
          };
      int split = set.value().indexOf('@');
      String id = split < 0 ? set.value() : set.value().substring(0, split);
      return Sentences.say(
          split < 0 ? "remedy-set" : code,
          Map.of(
              "key", set.key().word(),
              "value", set.value(),
              "label", label(id),
              "version", set.value().substring(split + 1)));
    }
    if (change instanceof Change.Remove remove) {
      return Sentences.say("remedy-remove", Map.of("key", remove.key().word()));
    }
    Change.Listed listed = (Change.Listed) change;
    String id = listed.in() == null ? listed.out() : listed.in();
    String code =
        listed.out() == null ? "remedy-add" : listed.in() == null ? "remedy-drop" : "remedy-swap";
    return Sentences.say(code, Map.of("label", label(String.valueOf(id))));
  }

  private String label(String id) {
    return edition
        .options()
        .filter(option -> option.id().equals(id))
        .map(option -> option.about().label())
        .findFirst()
        .orElse(id);
  }

  /** The changes that mend one broken rule: make a needed term hold, or a condition not hold. */
  static List<Change> mending(Rule rule, Selection selection, Brief brief, Edition edition) {
    Set<Change> changes = new LinkedHashSet<>();
    for (Term term : Rules.remaining(rule)) {
      changes.addAll(towards(term, true, brief, edition));
    }
    for (Term term : rule.when()) {
      if (selection.holds(term)) {
        changes.addAll(towards(term, false, brief, edition));
      }
    }
    List<Change> sorted = new ArrayList<>(changes);
    sorted.sort(Comparator.comparingInt(Change::disruption));
    return sorted;
  }

  private static List<Change> towards(Term term, boolean hold, Brief brief, Edition edition) {
    boolean wanted = term.negated() != hold;
    String id = term.id();
    return switch (term.variable()) {
      case STARTER, EXTRA -> listed(term.variable().word(), String.valueOf(id), wanted, brief);
      case FRAMEWORK -> frameworks(term, wanted, edition);
      case LANGUAGE, JVM -> levels(term, wanted, edition);
      case JDK -> List.of(new Change.Remove(Key.JDK));
      case BUILD, PACKAGING, SAMPLE, LAYOUT -> {
        Key key = Key.of(term.variable().word()).orElseThrow();
        yield wanted
            ? List.of(new Change.Set(key, String.valueOf(id)))
            : brief.get(key).isPresent() ? List.of(new Change.Remove(key)) : List.of();
      }
    };
  }

  private static List<Change> listed(String kind, String id, boolean wanted, Brief brief) {
    boolean there = brief.starters().contains(id) || brief.extras().contains(id);
    if (wanted == there) {
      return List.of();
    }
    return List.of(wanted ? Change.add(kind, id) : Change.drop(kind, id));
  }

  private static List<Change> frameworks(Term term, boolean wanted, Edition edition) {
    List<Change> changes = new ArrayList<>();
    for (Framework framework : edition.frameworks()) {
      for (Line line : framework.lines()) {
        boolean holds =
            framework.id().equals(term.id()) && term.range().holds(line.versions().get(0));
        if (holds == wanted) {
          changes.add(new Change.Set(Key.FRAMEWORK, framework.id() + "@" + line.line()));
        }
      }
    }
    return changes;
  }

  private static List<Change> levels(Term term, boolean wanted, Edition edition) {
    List<Change> changes = new ArrayList<>();
    for (Language language : edition.languages()) {
      for (Level level : language.levels()) {
        boolean holds =
            (term.id() == null || language.id().equals(term.id()))
                && term.range().holds(level.version());
        if (holds == wanted) {
          changes.add(new Change.Set(Key.LANGUAGE, language.id() + "@" + level.level()));
        }
      }
    }
    return changes;
  }
}
