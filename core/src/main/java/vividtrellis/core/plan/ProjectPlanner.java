package vividtrellis.core.plan;

import java.util.List;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.compat.Selection;
import vividtrellis.core.plan.Picked.Contributed;

/** The door of this room: a completed brief and what was chosen give a plan. */
public final class ProjectPlanner {

  private ProjectPlanner() {}

  /**
   * Plans a project.
   *
   * @param brief completed
   * @param selection what belongs to it
   */
  public static ProjectPlan plan(
      Brief brief, Selection selection, Edition edition, Surroundings surroundings) {
    Picked picked = new Picked(brief, selection, edition);
    List<Contributed> contributions = picked.contributions();
    Words words = Vocabulary.of(picked, contributions, surroundings);
    return new ProjectPlan(
        brief.require(Key.NAME),
        words,
        BuildPlanner.plan(picked, contributions, words),
        SettingsPlanner.plan(contributions, words),
        brief.require(Key.FORMAT),
        ServicePlanner.plan(picked, contributions, words),
        FilePlanner.plan(picked, contributions, words),
        edition.templates());
  }
}
