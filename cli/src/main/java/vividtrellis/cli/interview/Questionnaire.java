package vividtrellis.cli.interview;

import java.util.List;
import vividtrellis.cli.api.CatalogAnswer;
import vividtrellis.cli.terminal.Screen;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;

/** Which questions there are, and in which order. */
public final class Questionnaire {

  private Questionnaire() {}

  /** Asks everything; gives the brief that came of it. */
  public static Brief run(Interview interview) {
    CatalogAnswer catalog = interview.catalog();
    Screen screen = interview.screen();
    List<InterviewStep> steps =
        List.of(
            new TextStep(Key.NAME, "Name of the project"),
            new TextStep(Key.GROUP, "Group, or the domain it belongs to"),
            new ChoiceStep(Key.BUILD, catalog.builds()),
            new ChoiceStep(Key.LANGUAGE, catalog.languages()),
            new ChoiceStep(Key.FRAMEWORK, catalog.frameworks()),
            new ChoiceStep(Key.PACKAGING, catalog.packagings()),
            new StartersStep(catalog.starters(), catalog.categories()),
            new ExtrasStep(catalog.extras()),
            new ChoiceStep(Key.SAMPLE, catalog.samples()));
    screen.line(
        screen.soft(
            "Enter takes what stands in brackets, < goes back, the tabulator key completes,"
                + " Ctrl-C ends it."));
    int at = 0;
    while (at < steps.size()) {
      at = steps.get(at).ask(interview) ? at + 1 : Math.max(0, at - 1);
    }
    return interview.brief();
  }
}
