package vividtrellis.core.plan;

import java.util.List;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.compat.Verdict;
import vividtrellis.core.plan.Picked.Contributed;

/** The door of this room: a completed brief and what was chosen give a plan. */
public final class ProjectPlanner {

  private ProjectPlanner() {}

  /**
   * Plans a project.
   *
   * @param verdict one that fits
   * @throws java.util.NoSuchElementException when it does not
   */
  public static ProjectPlan plan(Verdict verdict, Edition edition, Surroundings surroundings) {
    Brief brief = verdict.brief();
    Picked picked =
        new Picked(
            brief,
            verdict.selection().orElseThrow(),
            verdict.jdks().orElseThrow(),
            verdict.names().orElseThrow(),
            edition);
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
