package vividtrellis.core.compat.repair;

import com.google.common.base.Suppliers;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.catalog.Options.Standing;
import vividtrellis.core.compat.Verdict.Remedy;
import vividtrellis.core.compat.encoding.CompiledEdition;
import vividtrellis.core.compat.finding.Change;

/**
 * Ways out. A way begins with a change that mends the finding it is for and goes on until no
 * blocker is left; ways that do not get there are not shown. Those that lead past support, into
 * another caution or to another framework come last. Before them, those that keep all picks come
 * before those that let one go; then shorter before longer, gentler before harsher.
 */
public final class RepairSearch {

  private static final Set<String> UNRELIABLE =
      Set.of(Standing.PAST.name(), Standing.PRE_RELEASE.name());

  private static final int MOST = 5;
  private static final int MOST_TRIED = 120;
  private static final int MOST_SEARCHED = 3;

  /** Of this many ways, what is not needed is left out; of more, nobody would see it. */
  private static final int MOST_SHRUNK = 12;

  /** With more blockers than this, all short ways are too many to try. */
  private static final int FEW = 2;

  /** From here on, ways begin with the gentlest of the changes only. */
  private static final int MOST_BEGUN = 8;

  /** The most changes that one way may take. */
  private static final int LONGEST = 40;

  /** How many changed briefs are judged in all for one verdict, however many findings it has. */
  private static final int MOST_JUDGED = 100;

  /** Judges a changed brief. */
  public interface Judge {
    /** Whether nothing blocks it. */
    boolean fits(Brief brief);

    /** What is left to mend. */
    Left left(Brief brief);

    /** Whatever speaks against what a brief that fits comes to. */
    Set<String> troubles(Brief brief);
  }

  /**
   * What is left to mend in a brief.
   *
   * @param much a measure of it, 0 for nothing; with fewer rules broken it is less
   * @param first the changes that may mend the first of it; none if there is nothing
   */
  public record Left(int much, Supplier<List<Change>> first) {
    static final Left TOO_MUCH = new Left(1, List::of);
  }

  private final RemedyWriter writer;
  private final Judge judge;
  private final int standing;
  private final Map<Brief, Left> judged = new HashMap<>();
  private final Map<Brief, Boolean> fitting = new HashMap<>();
  private final Map<Brief, Set<String>> troubled = new HashMap<>();
  private final Supplier<Set<String>> before;

  /** How to stay with the picked framework, once that was asked. */
  private @Nullable Staying home;

  /** What {@link #staying} found. */
  private record Staying(Optional<Way> way) {}

  /**
   * For one brief.
   *
   * @param standing how many blockers it has as it stands
   * @param before whatever speaks against it as it stands
   */
  public RepairSearch(
      CompiledEdition compiled, Judge judge, int standing, Supplier<Set<String>> before) {
    this.writer = new RemedyWriter(compiled);
    this.judge = judge;
    this.standing = standing;
    this.before = Suppliers.memoize(before::get);
  }

  /** Up to five ways out that begin with one of the given changes. */
  public List<Remedy> from(Brief brief, List<Change> first) {
    if (first.isEmpty() || standing > LONGEST) {
      return List.of();
    }
    List<Way> ways = standing > FEW ? new ArrayList<>() : search(brief, first);
    if (ways.isEmpty()) {
      some(first).map(c -> greedy(Way.from(brief).then(c))).forEach(ways::addAll);
    }
    if (ways.stream().noneMatch(Way::isAtHome)) {
      atHome(brief, first).ifPresent(ways::add);
    }
    return least(ways);
  }

  /**
   * A way that keeps the picked framework, sought where all shorter ones leave it: who picked it
   * wants to know what it costs to stay. It is the same for all findings but for what comes first.
   */
  private Optional<Way> atHome(Brief brief, List<Change> first) {
    Staying whole = home;
    if (whole == null) {
      whole = new Staying(staying(brief));
      home = whole;
    }
    return whole
        .way()
        .filter(way -> way.changes().stream().anyMatch(first::contains))
        .map(
            way -> {
              List<Change> changes = new ArrayList<>(way.changes());
              changes.sort(Comparator.comparing(change -> !first.contains(change)));
              return Way.along(brief, changes);
            });
  }

  /** For each blocker in turn something else in its place, else without it. */
  private Optional<Way> staying(Brief brief) {
    Way way = Way.from(brief);
    Left left = judge.left(brief);
    while (left.much() > 0 && way.changes().size() < LONGEST) {
      Way start = way;
      int now = left.much();
      List<Change> changes =
          left.first().get().stream()
              .filter(change -> change.disruption() > 0 && start.then(change).isAtHome())
              .toList();
      Optional<Way> next =
          Stream.concat(changes.stream().limit(MOST_SEARCHED), last(changes))
              .map(start::then)
              .filter(tried -> judge.left(tried.result()).much() < now)
              .findFirst();
      if (next.isEmpty()) {
        return Optional.empty();
      }
      way = next.get();
      left = judge.left(way.result());
    }
    return left.much() == 0 ? Optional.of(way) : Optional.empty();
  }

  private static Stream<Change> last(List<Change> changes) {
    return changes.stream().skip(Math.max(0, changes.size() - 1));
  }

  /**
   * Up to five ways that consist of one of the given changes alone.
   *
   * @param good what the changed brief has to be besides fitting
   */
  public List<Remedy> atOnce(Brief brief, List<Change> changes, Predicate<Brief> good) {
    List<Way> ways = changes.stream().map(change -> Way.from(brief).then(change)).toList();
    return least(fitting(ways, good));
  }

  private List<Remedy> least(List<Way> ways) {
    // Asked once for each way: to find a brief again takes as long as to compare two ways.
    IdentityHashMap<Way, Boolean> last = new IdentityHashMap<>();
    Comparator<Way> best =
        Comparator.comparing((Way way) -> last.computeIfAbsent(way, this::isTroubled))
            .thenComparing(way -> !way.keepsAll())
            .thenComparingInt(way -> way.changes().size())
            .thenComparingInt(Way::disruption);
    Set<Brief> seen = new HashSet<>();
    List<Way> least =
        ways.stream()
            .sorted(best)
            .limit(MOST_SHRUNK)
            .map(this::shrunk)
            .filter(way -> seen.add(way.result()))
            .sorted(best)
            .toList();
    return shown(least).stream().map(writer::remedy).toList();
  }

  /** The gentlest changes, and the harshest, after which something is gone for certain. */
  private static Stream<Change> some(List<Change> changes) {
    return changes.size() <= MOST_BEGUN
        ? changes.stream()
        : Stream.concat(changes.stream().limit(MOST_BEGUN - 1), last(changes));
  }

  /**
   * The best ones. The last makes room for what they all lack: a way that keeps the picked
   * framework, else a shorter one, which lets a pick go, else one of another kind.
   */
  private static List<Way> shown(List<Way> ways) {
    if (ways.size() <= MOST) {
      return ways;
    }
    List<Way> shown = new ArrayList<>(ways.subList(0, MOST));
    List<Way> others = ways.subList(MOST, ways.size());
    Way best = shown.get(0);
    boolean isAway = shown.stream().noneMatch(Way::isAtHome);
    boolean isOfOneKind = shown.stream().map(Way::kind).distinct().count() == 1;
    Stream.<Predicate<Way>>of(
            way -> isAway && way.isAtHome(),
            way -> way.changes().size() < best.changes().size() && best.keepsAll(),
            way -> isOfOneKind && way.kind() != best.kind())
        .flatMap(lacking -> others.stream().filter(lacking))
        .findFirst()
        .ifPresent(other -> shown.set(MOST - 1, other));
    return shown;
  }

  /** What is left to mend; once enough has been judged, too much to go on. */
  private Left left(Brief brief) {
    Left known = judged.get(brief);
    if (known == null) {
      known = judged.size() > MOST_JUDGED ? Left.TOO_MUCH : judge.left(brief);
      judged.put(brief, known);
    }
    return known;
  }

  /** Whether nothing blocks a brief; several findings often ask for the same one. */
  private boolean fits(Brief brief) {
    return fitting.computeIfAbsent(brief, judge::fits);
  }

  /** Leaves out what is not needed; what was added and then dropped again goes both. */
  private Way shrunk(Way way) {
    List<Change> kept = new ArrayList<>(way.changes());
    int before = 0;
    while (kept.size() != before && kept.size() > 1) {
      before = kept.size();
      for (int i = kept.size() - 1; i >= 0 && kept.size() > 1; i--) {
        Change change = kept.remove(i);
        if (!fits(Way.along(way.start(), kept).result())) {
          kept.add(i, change);
        }
      }
    }
    return kept.size() == way.changes().size() ? way : Way.along(way.start(), kept);
  }

  /**
   * Whether a way leads to something that speaks against it and not against the brief as it stands,
   * or to a framework version that cannot be relied on, even if the one before could not be either.
   */
  private boolean isTroubled(Way way) {
    Set<String> troubles = troubled.computeIfAbsent(way.result(), judge::troubles);
    // Two ways can come to the same, and only one of them by a move.
    boolean moved =
        way.changes().stream()
            .anyMatch(each -> each instanceof Change.Move move && move.key() == Key.FRAMEWORK);
    return !before.get().containsAll(troubles)
        || (moved && UNRELIABLE.stream().anyMatch(troubles::contains));
  }

  /**
   * The first that fit: no more than are shown, and one of another kind. Those that lead into
   * trouble do not take the place of others.
   */
  private List<Way> fitting(List<Way> ways, Predicate<Brief> good) {
    List<Way> found = new ArrayList<>();
    List<Way> last = new ArrayList<>();
    for (Way way : ways) {
      boolean other = found.stream().noneMatch(each -> each.kind() == way.kind());
      if ((found.size() < MOST || (other && found.size() == MOST)) && good.test(way.result())) {
        (isTroubled(way) ? last : found).add(way);
      }
    }
    found.addAll(last);
    return found;
  }

  /**
   * Ways of the fewest changes that there are, up to three. Where all of those let a pick go, those
   * of one change more that keep all picks join them.
   */
  private List<Way> search(Brief brief, List<Change> first) {
    List<Way> ways = first.stream().map(change -> Way.from(brief).then(change)).toList();
    List<Way> found = List.of();
    for (int changes = 1; found.isEmpty() && changes <= MOST_SEARCHED; changes++) {
      found = fitting(ways, this::fits);
      if (changes < MOST_SEARCHED && found.stream().noneMatch(Way::keepsAll)) {
        boolean any = found.isEmpty();
        ways = longer(ways.stream().filter(way -> any || way.keepsAll()).toList());
        if (!any) {
          List<Way> keeping = ways.stream().filter(Way::keepsAll).toList();
          found = Stream.concat(found.stream(), fitting(keeping, this::fits).stream()).toList();
        }
      }
    }
    return new ArrayList<>(found);
  }

  /** The ways with one more change, for what is left to mend. */
  private List<Way> longer(List<Way> ways) {
    List<Way> longer = new ArrayList<>();
    for (Way way : ways) {
      if (longer.size() < MOST_TRIED) {
        left(way.result()).first().get().forEach(change -> longer.add(way.then(change)));
      }
    }
    return longer;
  }

  /**
   * For many blockers at once: for each in turn the gentlest change after which there are fewer.
   */
  private List<Way> greedy(Way start) {
    Way way = start;
    Left left = left(way.result());
    while (left.much() > 0 && way.changes().size() < LONGEST) {
      Way next = null;
      List<Change> first = left.first().get();
      for (Change change : some(first).toList()) {
        Way tried = way.then(change);
        if (left(tried.result()).much() < left.much()) {
          next = tried;
          break;
        }
      }
      if (next == null) {
        // Nothing makes it fewer at once; with picks let go one by one it fits in the end.
        if (first.isEmpty()) {
          return List.of();
        }
        next = way.then(first.get(first.size() - 1));
      }
      way = next;
      left = left(way.result());
    }
    return left.much() == 0 ? List.of(way) : List.of();
  }
}
