package vividtrellis.core.compat;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.catalog.Rule;
import vividtrellis.core.compat.Conflicts.Conflict;
import vividtrellis.core.compat.Pins.Pin;
import vividtrellis.core.solver.Search;

/**
 * Judges one brief, and changed ones beside it. The search is the same for all of them, since a new
 * one takes longer than most answers. One thread's work.
 */
final class Judging implements Remedies.Judge {

  private final Board board;
  private final Naming naming;
  private final Search search;

  Judging(Board board, Set<String> dependencies) {
    this.board = board;
    this.naming = new Naming(dependencies);
    this.search = board.problem().search();
  }

  @Override
  public boolean fits(Brief brief) {
    Pins pins = new Pins(brief, board);
    return naming.faults(brief).isEmpty()
        && pins.unknown().isEmpty()
        && fix(pins.pins()).solve().isPresent();
  }

  @Override
  public List<List<Change>> blockers(Brief brief) {
    return blockers(brief, new Pins(brief, board)).stream().map(Draft::mending).toList();
  }

  /** Everything that blocks a brief. */
  List<Draft> blockers(Brief brief, Pins pins) {
    List<Draft> drafts = new ArrayList<>(naming.faults(brief));
    pins.unknown().forEach(unknown -> drafts.add(Draft.of(unknown)));
    for (Conflict conflict : Conflicts.among(pins.pins(), board, search)) {
      drafts.add(Draft.of(conflict, Mending.of(conflict, brief, board)));
    }
    return drafts;
  }

  /** What is worth knowing about its names, texts and settings and blocks nothing. */
  List<Draft> remarks(Brief brief) {
    return naming.remarks(brief);
  }

  /**
   * Whether a changed brief fits, and a rule that only tells has nothing to tell any more, nor has
   * another one of its id.
   */
  boolean clears(Rule rule, Brief brief) {
    Pins pins = new Pins(brief, board);
    return naming.faults(brief).isEmpty()
        && pins.unknown().isEmpty()
        && selection(pins)
            .filter(
                found ->
                    board.lighter().stream()
                        .filter(each -> each.id().equals(rule.id()))
                        .noneMatch(each -> Rules.broken(each, found)))
            .isPresent();
  }

  /** What the picks come to when the rest is filled in; nothing is added to them. */
  Optional<Selection> selection(Pins pins) {
    return selection(pins.pins(), pins);
  }

  private Optional<Selection> selection(List<Pin> some, Pins pins) {
    return fix(some).solve().map(found -> board.selection(found, pins.starters(), pins.extras()));
  }

  private Search fix(List<Pin> some) {
    search.again().only(new BitSet());
    some.forEach(pin -> pin.fix(search));
    return search;
  }

  /** While picks are at odds: what they come to when the last ones that do not fit are left out. */
  Selection nearest(Pins pins) {
    List<Pin> kept = new ArrayList<>();
    Optional<Selection> best = selection(kept, pins);
    for (Pin pin : pins.pins()) {
      kept.add(pin);
      Optional<Selection> more = selection(kept, pins);
      if (more.isPresent()) {
        best = more;
      } else {
        kept.remove(kept.size() - 1);
      }
    }
    return best.orElseThrow(
        () -> new IllegalStateException("the edition has no project without any pick"));
  }
}
