package vividtrellis.catalog.audit;

/**
 * One thing that an audit looked at.
 *
 * @param outcome how it turned out
 * @param claim what the edition claims
 * @param subject what it claims it of: {@code group:artifact}, {@code Java 26}, {@code kotlin}
 * @param option id of the option that claims it; empty where that is the framework itself
 * @param of the version it was looked at for, as in {@code spring-boot@4.1.2}
 * @param says what the registry says
 */
public record Row(
    Outcome outcome, Claim claim, String subject, String option, String of, String says) {

  /** How a row turned out. */
  public enum Outcome {
    /** The registry says the same. */
    HOLDS("holds"),
    /** There is such an artifact, and this registry has it not; that says nothing about picks. */
    NOT_FETCHABLE_HERE("not here"),
    /** The edition is wrong. */
    FAULT("fault");

    private final String words;

    Outcome(String words) {
      this.words = words;
    }

    /** For people. */
    public String words() {
      return words;
    }
  }

  /** What an edition can claim. */
  public enum Claim {
    EXISTS("is there"),
    FROM_BOM("has its version from the BOM"),
    OWN_VERSION("has a version of its own"),
    LEVEL("is told right"),
    FILLED_IN("is filled in as the BOM has it"),
    READ("was read as the edition has it");

    private final String words;

    Claim(String words) {
      this.words = words;
    }

    /** For people. */
    public String words() {
      return words;
    }
  }

  /** Whether it is about an artifact. */
  boolean isOfArtifact() {
    return claim == Claim.FROM_BOM || claim == Claim.OWN_VERSION;
  }

  @Override
  public String toString() {
    String place = option.isEmpty() ? of : option + " on " + of;
    return place + ": " + subject + " " + claim.words() + ": " + says;
  }
}
