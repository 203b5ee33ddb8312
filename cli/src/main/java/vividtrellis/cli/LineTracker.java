package vividtrellis.cli;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vividtrellis.cli.api.ApiClient;
import vividtrellis.cli.api.OutlineAnswer;
import vividtrellis.cli.api.SentBrief;
import vividtrellis.cli.terminal.Failure;
import vividtrellis.core.brief.Trace;
import vividtrellis.core.compare.Comparison;
import vividtrellis.core.pack.Receipt;
import vividtrellis.core.pack.Receipt.Entry;

/**
 * Finds the lines of a file again that was changed since it was written. The receipt only knows the
 * digest of what was written; the service makes that once more from the brief in it.
 */
final class LineTracker {

  /** Why a line is there that the service did not write. */
  static final String YOURS = "Changed by you, or new";

  private LineTracker() {}

  /** The reasons for the lines as they are now; empty where what was written cannot be had. */
  static Optional<List<Trace>> reasons(
      ApiClient service, Receipt receipt, Entry entry, String text) {
    return written(service, receipt, entry)
        .map(written -> moved(entry.reasons(), Comparison.origins(written, text)));
  }

  private static Optional<String> written(ApiClient service, Receipt receipt, Entry entry) {
    try {
      ApiClient.Answer answer =
          service.post("/outlines", SentBrief.of(Receipt.PATH, receipt.brief()));
      if (answer.status() == 422) {
        return Optional.empty();
      }
      return answer
          .outline()
          .file(entry.path())
          .map(OutlineAnswer.File::content)
          .filter(content -> Receipt.digest(content).equals(entry.digest()));
    } catch (Failure e) {
      // Without the service, the receipt alone has to do.
      return Optional.empty();
    }
  }

  private static List<Trace> moved(List<Trace> reasons, List<Integer> origins) {
    List<Trace> moved = new ArrayList<>();
    for (int line = 1; line <= origins.size(); line++) {
      int origin = origins.get(line - 1);
      Trace reason =
          reasons.stream()
              .filter(each -> each.from() <= origin && origin <= each.to())
              .findFirst()
              .orElse(new Trace(line, line, List.of(), YOURS));
      Trace last = moved.isEmpty() ? null : moved.get(moved.size() - 1);
      boolean goesOn =
          last != null
              && last.picks().equals(reason.picks())
              && last.because().equals(reason.because());
      if (goesOn) {
        moved.remove(moved.size() - 1);
      }
      moved.add(new Trace(goesOn ? last.from() : line, line, reason.picks(), reason.because()));
    }
    return moved;
  }
}
