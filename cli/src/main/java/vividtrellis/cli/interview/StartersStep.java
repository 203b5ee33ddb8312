package vividtrellis.cli.interview;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import vividtrellis.cli.api.CatalogAnswer.Category;
import vividtrellis.cli.api.CatalogAnswer.Item;
import vividtrellis.cli.api.CheckAnswer.Finding;
import vividtrellis.cli.api.CheckAnswer.Remedy;
import vividtrellis.cli.terminal.Screen;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.IdList;

/**
 * Finds starters by what one would type, and adds them one by one.
 *
 * @param starters of the catalog
 * @param categories of the catalog, in which all starters are shown
 */
record StartersStep(List<Item> starters, List<Category> categories) implements InterviewStep {

  private static final int MOST_SHOWN = 8;

  @Override
  public boolean ask(Interview interview) {
    Screen screen = interview.screen();
    screen.line("");
    screen.line(
        screen.strong("Starters")
            + screen.soft("  a word searches, ? shows all, -ID takes one away, Enter goes on"));
    List<String> shown = List.of();
    while (true) {
      List<String> picked = interview.brief().starters();
      String prompt = "starters" + (picked.isEmpty() ? "" : " [" + String.join(", ", picked) + "]");
      String answer = interview.ask(prompt + ": ", Interview.ids(starters));
      if (answer.equals(Interview.BACK)) {
        return false;
      }
      if (answer.isEmpty()) {
        return true;
      }
      if (answer.equals("?")) {
        all(screen);
        continue;
      }
      String id = Interview.chosen(answer, shown);
      if (id.startsWith("-")) {
        takeAway(interview, id.substring(1).strip());
      } else if (Interview.ids(starters).contains(id)) {
        add(interview, id);
      } else {
        shown = search(interview, answer);
      }
    }
  }

  private void all(Screen screen) {
    for (Category category : categories) {
      List<String> ids =
          starters.stream()
              .filter(each -> each.category().equals(category.id()))
              .map(Item::id)
              .toList();
      screen.line("  " + screen.strong(category.label()));
      screen.paragraph(4, String.join(", ", ids));
    }
  }

  private static void takeAway(Interview interview, String id) {
    List<String> left = new ArrayList<>(interview.brief().starters());
    if (left.remove(id)) {
      interview.take(interview.brief().withStarters(left), "");
    } else {
      Screen screen = interview.screen();
      screen.line("  " + screen.impossible() + " " + Screen.plain(id) + " is not picked.");
    }
  }

  private static void add(Interview interview, String id) {
    Optional<String> refusal = interview.refusal("starter", id);
    if (refusal.isPresent()) {
      Screen screen = interview.screen();
      screen.told(screen.impossible(), refusal.get());
      return;
    }
    Brief brief = interview.brief();
    if (!brief.starters().contains(id)) {
      List<String> more = new ArrayList<>(brief.starters());
      more.add(id);
      // What it asks for may be picked next, so only what cannot be had with it stops it.
      interview.take(brief.withStarters(more), "");
      needs(interview, IdList.STARTERS.pointer(more.size() - 1));
    }
  }

  /** What is missing for a starter, which further ones can bring. */
  private static void needs(Interview interview, String pointer) {
    Screen screen = interview.screen();
    for (Finding finding : interview.verdict().findings()) {
      if (finding.picks().contains(pointer) && !finding.isNote()) {
        String ways =
            finding.remedies().stream().map(Remedy::title).collect(Collectors.joining("; "));
        screen.told(screen.caution(), finding.because());
        if (!ways.isEmpty()) {
          screen.paragraph(4, ways + ".");
        }
      }
    }
  }

  private static List<String> search(Interview interview, String text) {
    List<Item> found = interview.search(text);
    List<String> shown = new ArrayList<>();
    for (Item each : found.subList(0, Math.min(MOST_SHOWN, found.size()))) {
      shown.add(each.id());
      interview.row(
          shown.size(), each.id(), interview.refusal("starter", each.id()), each.summary());
    }
    if (found.isEmpty()) {
      interview.screen().line("  Nothing is found for " + Screen.plain(text) + ".");
    }
    return shown;
  }
}
