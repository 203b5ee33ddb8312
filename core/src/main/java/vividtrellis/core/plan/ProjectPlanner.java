package vividtrellis.core.plan;

import java.util.List;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Options.Framework;
import vividtrellis.core.catalog.Settings;
import vividtrellis.core.compat.Verdict;
import vividtrellis.core.plan.Contributions.Contributed;
import vividtrellis.core.template.TemplateContext;

/** The door of this room: a completed brief and what was chosen give a plan. */
public final class ProjectPlanner {

  private ProjectPlanner() {}

  /**
   * Plans a project.
   *
   * @param verdict one that fits
   * @throws java.util.NoSuchElementException when it does not
   */
  public static ProjectPlan plan(Verdict verdict, Edition edition, GenerationInputs inputs) {
    Brief brief = verdict.brief();
    Contributions picked =
        new Contributions(
            brief,
            verdict.selection().orElseThrow(),
            verdict.jdks().orElseThrow(),
            verdict.names().orElseThrow(),
            edition);
    List<Contributed> contributions = picked.inOrder();
    Settings form = picked.framework().map(Framework::settings).orElse(Settings.NONE);
    TemplateContext context = TemplateVariables.of(picked, contributions, form, inputs);
    return new ProjectPlan(
        brief.require(Key.NAME),
        BuildPlanner.plan(picked, contributions, context),
        SettingsPlanner.plan(picked, form, contributions, context),
        brief.require(Key.FORMAT),
        ServicePlanner.plan(picked, contributions, context),
        FilePlanner.plan(picked, contributions, context));
  }
}
