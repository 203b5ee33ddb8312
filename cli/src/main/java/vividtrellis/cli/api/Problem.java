package vividtrellis.cli.api;

import java.util.List;

/**
 * What the service says of what it cannot do.
 *
 * @param findings where a brief does not fit
 */
public record Problem(
    String title, String detail, List<Fault> errors, List<CheckAnswer.Finding> findings) {

  /**
   * A fault of a request.
   *
   * @param pointer in the brief; empty where it is a parameter of the command
   * @param suggestion empty for none
   */
  record Fault(String pointer, String parameter, String detail, String suggestion) {}

  static Problem of(Json json) {
    return new Problem(
        json.text("title"),
        json.text("detail"),
        json.list("errors").stream()
            .map(
                each ->
                    new Fault(
                        each.text("pointer"),
                        each.text("parameter"),
                        each.text("detail"),
                        each.text("suggestion")))
            .toList(),
        CheckAnswer.findings(json));
  }
}
