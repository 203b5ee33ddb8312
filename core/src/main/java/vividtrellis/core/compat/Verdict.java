package vividtrellis.core.compat;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Names;
import vividtrellis.core.catalog.Evidence;
import vividtrellis.core.catalog.Saying;

/**
 * The answer of a check.
 *
 * @param reach id of what is known of a registry, by which it was judged; empty for nothing
 * @param brief completed when it fits; as sent when it is blocked
 * @param selection what was chosen for every variable; present exactly when it fits
 * @param jdks on which JDKs it is built and run; present exactly when it fits
 * @param names all names that the project has; present exactly when it fits
 * @param serving in which way the project answers requests; empty when blocked, or where it does
 *     not answer any
 * @param filledIn what the service chose, and why; empty when blocked
 * @param findings all there is to tell, blockers first
 * @param offers whether each option of the catalog can be had with these picks
 */
public record Verdict(
    String edition,
    String reach,
    Brief brief,
    Optional<Selection> selection,
    Optional<SuitableJdks> jdks,
    Optional<Names> names,
    Optional<Serving> serving,
    List<FilledIn> filledIn,
    List<Finding> findings,
    List<Offer> offers) {

  /** The finding that something picked can be checked, but not be written by this version yet. */
  public static final String NOT_WRITTEN_YET = "not-written-yet";

  /** Copies its lists. */
  public Verdict {
    filledIn = List.copyOf(filledIn);
    findings = List.copyOf(findings);
    offers = List.copyOf(offers);
  }

  /**
   * The reach that the project rests on: where all versions were picked, none had a say, and the
   * same bytes come out whatever a registry gives.
   */
  public String usedReach() {
    return filledIn.stream().anyMatch(FilledIn::isOfVersion) ? reach : "";
  }

  /** Whether the picks fit together. */
  public boolean fits() {
    return selection.isPresent();
  }

  /** Whether a project can be made now: the picks fit, and this version can write all of them. */
  public boolean isWritable() {
    return fits() && findings.stream().noneMatch(each -> each.rule().equals(NOT_WRITTEN_YET));
  }

  /**
   * How a project answers requests, as it results from what its starters bring along.
   *
   * @param stack id of the framework's stack
   * @param label for people, as in "it answers …"
   * @param picks JSON Pointers of the starters that bring it
   */
  public record Serving(String stack, String label, List<String> picks) {}

  /** How much a finding weighs; from heaviest to lightest. */
  public enum Severity {
    BLOCKER,
    CAUTION,
    NOTE
  }

  /**
   * A pick that the service made.
   *
   * @param pick JSON Pointer
   * @param value as it stands in the completed brief
   */
  public record FilledIn(String pick, String value, String because) {
    private static final Set<String> OF_VERSIONS =
        Stream.of(Axis.values()).map(axis -> axis.key().pointer()).collect(Collectors.toSet());

    /** Whether it is one of those picks among which a choice was made, not a name or a text. */
    boolean isOfVersion() {
      return OF_VERSIONS.contains(pick);
    }
  }

  /**
   * One thing to tell.
   *
   * @param rule stable id
   * @param picks JSON Pointers of what is at fault
   * @param says what they break; several things where only together they do
   * @param remedies best first; each leaves no blocker
   */
  public record Finding(
      Severity severity,
      String rule,
      List<String> picks,
      List<Saying> says,
      List<Evidence> evidence,
      List<Remedy> remedies) {
    /** Why, as a text for people. */
    public String because() {
      return text(says);
    }

    /** The same with other ways out. */
    public Finding with(List<Remedy> ways) {
      return new Finding(severity, rule, picks, says, evidence, ways);
    }
  }

  /** Several sayings as one text for people. */
  public static String text(List<Saying> says) {
    return says.stream().map(Saying::text).collect(Collectors.joining(" "));
  }

  /**
   * A change that helps.
   *
   * @param title what it does, in words
   * @param patch JSON Patch on the brief as sent
   * @param result the brief after it
   */
  public record Remedy(String title, List<PatchOp> patch, Brief result) {}

  /**
   * One operation of a JSON Patch (RFC 6902).
   *
   * @param op add, replace or remove
   * @param value {@code null} for remove
   */
  public record PatchOp(String op, String path, @Nullable Object value) {}

  /**
   * Whether an option can be had with all other picks.
   *
   * @param kind the key of the pick, or starter or extra
   * @param id the id; with {@code @version} where the option has versions
   * @param because why not; {@code null} when it is possible
   */
  public record Offer(String kind, String id, boolean possible, @Nullable String because) {}
}
