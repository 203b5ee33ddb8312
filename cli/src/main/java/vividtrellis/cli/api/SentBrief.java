package vividtrellis.cli.api;

import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Briefs;
import vividtrellis.core.document.Documents.Notation;

/**
 * A brief on its way to the service.
 *
 * @param name for messages
 */
public record SentBrief(String name, String text, Notation notation) {

  /** One that was made here. */
  public static SentBrief of(String name, Brief brief) {
    return new SentBrief(name, Briefs.write(brief, Notation.JSON), Notation.JSON);
  }

  String mediaType() {
    return notation == Notation.JSON ? "application/json" : "application/yaml";
  }
}
