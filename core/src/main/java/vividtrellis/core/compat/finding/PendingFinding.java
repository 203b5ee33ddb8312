package vividtrellis.core.compat.finding;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import vividtrellis.core.brief.Complaint;
import vividtrellis.core.catalog.Evidence;
import vividtrellis.core.catalog.Rule;
import vividtrellis.core.catalog.Saying;
import vividtrellis.core.compat.Verdict.Finding;
import vividtrellis.core.compat.Verdict.Remedy;
import vividtrellis.core.compat.Verdict.Severity;

/**
 * A finding before its ways out are known.
 *
 * @param candidates the single changes that may mend it
 * @param rule what a way out has to clear besides blockers; empty for a blocker
 */
public record PendingFinding(
    Severity severity,
    String id,
    List<String> picks,
    List<Saying> says,
    List<Evidence> evidence,
    List<Change> candidates,
    Optional<Rule> rule) {

  /** A finding of the service's own, whose sentence stands under its id. */
  public static PendingFinding plain(
      Severity severity,
      String id,
      List<String> picks,
      Map<String, String> args,
      List<Change> candidates) {
    return new PendingFinding(
        severity,
        id,
        picks,
        List.of(Sentences.saying(id, args)),
        List.of(),
        candidates,
        Optional.empty());
  }

  public Finding finding(List<Remedy> remedies) {
    return new Finding(severity, id, picks, says, evidence, remedies);
  }

  static PendingFinding of(Complaint complaint) {
    Map<String, String> args = new HashMap<>(complaint.args());
    args.put("better", String.valueOf(complaint.better()));
    String better = complaint.better();
    Severity severity =
        complaint.blocks()
            ? Severity.BLOCKER
            : complaint.code().startsWith("personal-") ? Severity.CAUTION : Severity.NOTE;
    List<Change> changes =
        better != null
            ? List.of(new Change.Set(complaint.key(), better))
            : complaint.blocks() ? List.of(new Change.Remove(complaint.key())) : List.of();
    return plain(severity, complaint.code(), List.of(complaint.key().pointer()), args, changes);
  }
}
