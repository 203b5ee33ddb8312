package vividtrellis.cli.api;

import java.util.List;
import java.util.Optional;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Briefs;
import vividtrellis.core.brief.Key;
import vividtrellis.core.document.Node;

/**
 * The answer to a check. What the service does not say is empty: an older or newer one may say
 * less.
 *
 * @param document the brief, completed where it fits
 * @param serving in which way the project answers requests; empty where it does not say
 * @param applied what a way out came to, if one was asked for
 */
public record CheckAnswer(
    boolean fits,
    Node document,
    Optional<Serving> serving,
    List<Finding> findings,
    List<FilledIn> filledIn,
    List<Offer> offers,
    Optional<Applied> applied) {

  /**
   * How a project answers requests.
   *
   * @param picks pointers of the starters that bring it
   */
  public record Serving(String stack, String label, List<String> picks) {}

  /**
   * One thing to tell.
   *
   * @param sources what it rests on
   */
  public record Finding(
      String severity,
      String rule,
      List<String> picks,
      String because,
      List<String> sources,
      List<Remedy> remedies) {
    public boolean blocks() {
      return severity.equals("blocker");
    }

    public boolean isNote() {
      return severity.equals("note");
    }
  }

  /** A change that helps. */
  public record Remedy(String title, List<Operation> patch) {}

  /**
   * One operation of a patch.
   *
   * @param value empty where it is no text
   */
  public record Operation(String path, String value) {}

  /**
   * A pick that the service made.
   *
   * @param pick its pointer
   */
  public record FilledIn(String pick, String value, String because) {
    public String word() {
      return pick.substring(pick.lastIndexOf('/') + 1);
    }
  }

  /** Whether an option can be had with all other picks. */
  public record Offer(String kind, String id, boolean possible, String because) {}

  /** What a way out came to. */
  public record Applied(String title, Brief brief) {}

  static CheckAnswer of(Json json) {
    return new CheckAnswer(
        json.text("verdict").equals("fits"),
        json.at("brief").node(),
        Optional.of(json.at("serving"))
            .filter(each -> !each.text("stack").isEmpty())
            .map(each -> new Serving(each.text("stack"), each.text("label"), each.texts("picks"))),
        findings(json),
        json.list("filledIn").stream()
            .map(each -> new FilledIn(each.text("pick"), each.text("value"), each.text("because")))
            .toList(),
        json.list("offers").stream()
            .map(
                each ->
                    new Offer(
                        each.text("kind"),
                        each.text("id"),
                        each.is("possible"),
                        each.text("because")))
            .toList(),
        Optional.of(json.at("applied"))
            .filter(each -> each.node() instanceof Node.Fields)
            .map(each -> new Applied(each.text("title"), Briefs.of(each.at("brief").node()))));
  }

  /** Those of an answer, which need not have a verdict around them. */
  static List<Finding> findings(Json json) {
    return json.list("findings").stream()
        .map(
            each ->
                new Finding(
                    each.text("severity"),
                    each.text("rule"),
                    each.texts("picks"),
                    each.text("because"),
                    each.list("evidence").stream().map(of -> of.text("source")).toList(),
                    each.list("remedies").stream().map(CheckAnswer::remedy).toList()))
        .toList();
  }

  private static Remedy remedy(Json json) {
    return new Remedy(
        json.text("title"),
        json.list("patch").stream()
            .map(each -> new Operation(each.text("path"), each.text("value")))
            .toList());
  }

  /** The brief, completed where it fits. */
  public Brief brief() {
    return Briefs.of(document);
  }

  /** The value of a pick, whether it was picked or is filled in; empty where it is neither. */
  public String value(Key key) {
    Json at = new Json(document);
    return key.block().isEmpty() ? at.text(key.word()) : at.at(key.block()).text(key.word());
  }

  /** What is said of an option; empty if nothing is. */
  public Optional<Offer> offer(String kind, String id) {
    return offers.stream()
        .filter(each -> each.kind().equals(kind) && each.id().equals(id))
        .findFirst();
  }
}
