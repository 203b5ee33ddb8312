package vividtrellis.core.compat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import vividtrellis.core.brief.Complaint;
import vividtrellis.core.catalog.Evidence;
import vividtrellis.core.catalog.Rule;
import vividtrellis.core.compat.Conflicts.Conflict;
import vividtrellis.core.compat.Pins.Pin;
import vividtrellis.core.compat.Pins.Unknown;
import vividtrellis.core.compat.Verdict.Finding;
import vividtrellis.core.compat.Verdict.Remedy;
import vividtrellis.core.compat.Verdict.Severity;

/**
 * A finding before its ways out are known.
 *
 * @param mending the single changes that may mend it
 * @param rule what a way out has to clear besides blockers; empty for a blocker
 */
record Draft(
    Severity severity,
    String id,
    List<String> picks,
    String because,
    List<Evidence> evidence,
    List<Change> mending,
    Optional<Rule> rule) {

  /** A finding of the service's own, whose sentence stands under its id. */
  static Draft plain(
      Severity severity,
      String id,
      List<String> picks,
      Map<String, String> args,
      List<Change> mending) {
    return new Draft(
        severity, id, picks, Sentences.say(id, args), List.of(), mending, Optional.empty());
  }

  Finding finding(List<Remedy> remedies) {
    return new Finding(severity, id, picks, because, evidence, remedies);
  }

  static Draft of(Complaint complaint) {
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

  static Draft of(Unknown unknown) {
    return plain(
        Severity.BLOCKER,
        unknown.sentence(),
        List.of(unknown.pointer()),
        unknown.args(),
        unknown.change());
  }

  /** A conflict is known by its first rule; when it takes several, all of them are told. */
  static Draft of(Conflict conflict, List<Change> mending) {
    List<Rule> rules = conflict.rules();
    return new Draft(
        Severity.BLOCKER,
        rules.isEmpty() ? "picks-differ" : rules.get(0).id(),
        conflict.picks().stream().map(Pin::pointer).toList(),
        Offers.because(rules),
        rules.stream().flatMap(rule -> rule.evidence().stream()).distinct().toList(),
        mending,
        Optional.empty());
  }
}
