package vividtrellis.cli.interview;

import java.util.List;
import java.util.Optional;
import vividtrellis.cli.api.ApiClient;
import vividtrellis.cli.api.CatalogAnswer;
import vividtrellis.cli.api.CatalogAnswer.Item;
import vividtrellis.cli.api.CheckAnswer;
import vividtrellis.cli.api.CheckAnswer.Finding;
import vividtrellis.cli.api.CheckAnswer.Offer;
import vividtrellis.cli.api.CheckAnswer.Remedy;
import vividtrellis.cli.api.SentBrief;
import vividtrellis.cli.terminal.Prompt;
import vividtrellis.cli.terminal.Screen;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;

/**
 * Asks for the picks of a brief, one after the other. Each answer is judged at once; a wrong one is
 * told and asked for again, and costs no other. What is left open is filled in by the service.
 */
public final class Interview {

  /** The answer that goes back a step. */
  static final String BACK = "<";

  private final ApiClient service;
  private final Prompt asker;
  private final Screen screen;
  private Brief brief;
  private CheckAnswer verdict;

  public Interview(ApiClient service, Prompt asker, Screen screen, Brief brief) {
    this.service = service;
    this.asker = asker;
    this.screen = screen;
    this.brief = brief;
    this.verdict = judge(brief);
  }

  CatalogAnswer catalog() {
    return service.get("/catalog").catalog();
  }

  public Screen screen() {
    return screen;
  }

  Brief brief() {
    return brief;
  }

  /** The verdict on what is picked so far. */
  public CheckAnswer verdict() {
    return verdict;
  }

  String ask(String prompt, List<String> words) {
    return asker.ask(prompt, words);
  }

  List<Item> search(String text) {
    return service.get("/catalog/starters?q=" + ApiClient.encoded(text)).catalog().starters();
  }

  /** Takes a changed brief if nothing that is new stands in its way; else tells what does. */
  boolean take(Brief changed, String pointer) {
    CheckAnswer now = judge(changed);
    List<Finding> about =
        now.findings().stream().filter(each -> each.picks().contains(pointer)).toList();
    List<Finding> faults = about.stream().filter(Finding::blocks).toList();
    faults.forEach(fault -> screen.told(screen.impossible(), fault.because()));
    if (!faults.isEmpty()) {
      return false;
    }
    for (Finding each : about) {
      if (!verdict.findings().contains(each)) {
        screen.told(each.isNote() ? screen.note() : screen.caution(), each.because());
      }
    }
    brief = changed;
    verdict = now;
    return true;
  }

  /** What the first way out of a finding at a pick would put there, if it is a text. */
  static Optional<String> offered(CheckAnswer judged, String pointer) {
    return judged.findings().stream()
        .flatMap(finding -> finding.remedies().stream())
        .map(Remedy::patch)
        .filter(patch -> patch.size() == 1 && patch.get(0).path().equals(pointer))
        .findFirst()
        .map(patch -> patch.get(0).value())
        .filter(text -> !text.isEmpty());
  }

  CheckAnswer judge(Brief some) {
    return service.post("/checks", SentBrief.of("answers", some)).check();
  }

  /** Why an option cannot be had now; empty if it can, or if there is none of that name. */
  Optional<String> refusal(String kind, String id) {
    return verdict.offer(kind, id).filter(each -> !each.possible()).map(Offer::because);
  }

  /** A row for an option: its sign, its number, its word, and what it is or why it cannot be. */
  void row(int number, String word, Optional<String> refusal, String summary) {
    String sign = refusal.isPresent() ? screen.impossible() : screen.possible();
    screen.row(
        "  " + Screen.pad(Integer.toString(number), 3) + sign + " " + Screen.pad(word, 24),
        refusal.orElse(summary));
  }

  /** The word of a list that an answer names, by number or as it is. */
  static String chosen(String answer, List<String> words) {
    if (answer.matches("[0-9]{1,3}")) {
      int at = Integer.parseInt(answer) - 1;
      return at >= 0 && at < words.size() ? words.get(at) : answer;
    }
    return answer;
  }

  /** The value of a pick as it would be, whether it was picked or is filled in. */
  String value(Key key) {
    return verdict.value(key);
  }

  /** The words of some options. */
  static List<String> ids(List<Item> options) {
    return options.stream().map(Item::id).toList();
  }
}
