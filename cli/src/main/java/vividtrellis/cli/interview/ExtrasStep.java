package vividtrellis.cli.interview;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vividtrellis.cli.api.CatalogAnswer.Item;
import vividtrellis.cli.terminal.Screen;
import vividtrellis.core.brief.Nearest;

/**
 * Asks for extras, several at once.
 *
 * @param extras of the catalog
 */
record ExtrasStep(List<Item> extras) implements InterviewStep {

  @Override
  public boolean ask(Interview interview) {
    Screen screen = interview.screen();
    List<String> ids = Interview.ids(extras);
    screen.line("");
    screen.line(screen.strong("Extras") + screen.soft("  several at once, with spaces between"));
    for (int i = 0; i < ids.size(); i++) {
      interview.row(
          i + 1, ids.get(i), interview.refusal("extra", ids.get(i)), extras.get(i).summary());
    }
    while (true) {
      List<String> picked = interview.brief().extras();
      String answer =
          interview.ask(
              "extras [" + (picked.isEmpty() ? "none" : String.join(", ", picked)) + "]: ", ids);
      if (answer.equals(Interview.BACK)) {
        return false;
      }
      if (answer.isEmpty() || added(interview, answer, ids)) {
        return true;
      }
    }
  }

  private static boolean added(Interview interview, String answer, List<String> ids) {
    Screen screen = interview.screen();
    List<String> more = new ArrayList<>();
    for (String each : answer.split("[ ,]+", -1)) {
      String id = Interview.chosen(each, ids);
      Optional<String> refusal = interview.refusal("extra", id);
      if (!ids.contains(id)) {
        String near = Nearest.of(id, ids).map(n -> "; did you mean " + n + "?").orElse(".");
        screen.told(screen.impossible(), "There is no " + id + near);
        return false;
      }
      if (refusal.isPresent()) {
        screen.told(screen.impossible(), refusal.get());
        return false;
      }
      if (!more.contains(id)) {
        more.add(id);
      }
    }
    return interview.take(interview.brief().withExtras(more), "");
  }
}
