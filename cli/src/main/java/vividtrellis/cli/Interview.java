package vividtrellis.cli;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Briefs;
import vividtrellis.core.brief.Key;
import vividtrellis.core.document.Documents.Notation;

/**
 * Asks for the picks of a brief, one after the other. Each answer is judged at once; a wrong one is
 * told and asked for again, and costs no other. What is left open is filled in by the service.
 */
final class Interview {

  /** The answer that goes back a step. */
  static final String BACK = "<";

  private final ApiClient service;
  private final Prompt asker;
  private final Screen screen;
  private Brief brief;
  private Json verdict;

  /** One question. */
  interface Step {
    /** Asks until there is an answer; gives whether to go on, and not back. */
    boolean ask(Interview interview);
  }

  Interview(ApiClient service, Prompt asker, Screen screen, Brief brief) {
    this.service = service;
    this.asker = asker;
    this.screen = screen;
    this.brief = brief;
    this.verdict = judge(brief);
  }

  /** Asks everything; gives the brief that came of it. */
  Brief run() {
    Json catalog = service.get("/catalog").json();
    List<Step> steps =
        List.of(
            new TextStep(Key.NAME, "Name of the project"),
            new TextStep(Key.GROUP, "Group, or the domain it belongs to"),
            new ChoiceStep(Key.BUILD, catalog.list("builds")),
            new ChoiceStep(Key.LANGUAGE, catalog.list("languages")),
            new ChoiceStep(Key.FRAMEWORK, catalog.list("frameworks")),
            new ChoiceStep(Key.PACKAGING, catalog.list("packagings")),
            new StartersStep(catalog.list("starters"), catalog.list("categories")),
            new ExtrasStep(catalog.list("extras")),
            new ChoiceStep(Key.SAMPLE, catalog.list("samples")));
    screen.line(
        screen.soft(
            "Enter takes what stands in brackets, < goes back, the tabulator key completes,"
                + " Ctrl-C ends it."));
    int at = 0;
    while (at < steps.size()) {
      at = steps.get(at).ask(this) ? at + 1 : Math.max(0, at - 1);
    }
    return brief;
  }

  Screen screen() {
    return screen;
  }

  Brief brief() {
    return brief;
  }

  /** The verdict on what is picked so far. */
  Json verdict() {
    return verdict;
  }

  String ask(String prompt, List<String> words) {
    return asker.ask(prompt, words);
  }

  Json search(String text) {
    return service.get("/catalog/starters?q=" + ApiClient.encoded(text)).json();
  }

  /** Takes a changed brief if nothing that is new stands in its way; else tells what does. */
  boolean take(Brief changed, String pointer) {
    Json now = judge(changed);
    List<Json> faults =
        now.list("findings").stream()
            .filter(each -> each.text("severity").equals("blocker"))
            .filter(each -> each.list("picks").stream().anyMatch(p -> p.text().equals(pointer)))
            .toList();
    for (Json fault : faults) {
      screen.told(screen.impossible(), fault.text("because"));
    }
    if (!faults.isEmpty()) {
      return false;
    }
    for (Json each : now.list("findings")) {
      boolean about = each.list("picks").stream().anyMatch(p -> p.text().equals(pointer));
      if (about && !verdict.list("findings").contains(each)) {
        String sign = each.text("severity").equals("note") ? screen.note() : screen.caution();
        screen.told(sign, each.text("because"));
      }
    }
    brief = changed;
    verdict = now;
    return true;
  }

  /** What the first way out of a finding at a pick would put there, if it is a text. */
  static Optional<String> offered(Json judged, String pointer) {
    for (Json finding : judged.list("findings")) {
      for (Json remedy : finding.list("remedies")) {
        List<Json> patch = remedy.list("patch");
        if (patch.size() == 1 && patch.get(0).text("path").equals(pointer)) {
          return Optional.of(patch.get(0).text("value")).filter(text -> !text.isEmpty());
        }
      }
    }
    return Optional.empty();
  }

  Json judge(Brief some) {
    return service
        .post(
            "/checks",
            new BriefInput.Document("answers", Briefs.write(some, Notation.JSON), Notation.JSON))
        .verdict();
  }

  /** Why an option cannot be had now; empty if it can, or if there is none of that name. */
  Optional<String> refusal(String kind, String id) {
    return verdict.list("offers").stream()
        .filter(each -> each.text("kind").equals(kind) && each.text("id").equals(id))
        .filter(each -> each.text("possible").equals("false"))
        .map(each -> each.text("because"))
        .findFirst();
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
    Json at = verdict.at("brief");
    return key.block().isEmpty() ? at.text(key.word()) : at.at(key.block()).text(key.word());
  }

  /** All words of a list of JSON options. */
  static List<String> ids(List<Json> options) {
    List<String> ids = new ArrayList<>();
    options.forEach(each -> ids.add(each.text("id")));
    return ids;
  }
}
