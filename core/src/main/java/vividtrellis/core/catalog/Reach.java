package vividtrellis.core.catalog;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What a registry really gives: for each thing that a project asks a registry for, whether all that
 * it brings along can be fetched there. Evidence that an audit makes of one registry at one time;
 * it says nothing about whether picks fit together.
 *
 * <p>It is an input of an edition beside its data, so that one and the same brief, edition and
 * reach give the same answer always.
 *
 * @param digest SHA-256 of the file it was read from, in hex; empty for none at all
 * @param day on which the registry was asked, as in {@code 2026-11-27}
 * @param holes what lacks something
 * @param whole root to the versions it was found whole for, as in {@code frame@4.1.2}
 */
public record Reach(String digest, String day, List<Hole> holes, Map<String, Set<String>> whole) {

  /** Nothing is known of any registry, and nothing is said. */
  public static final Reach NONE = new Reach("", "", List.of(), Map.of());

  private static final int SHORT = 12;

  /** Copies. */
  public Reach {
    holes = List.copyOf(holes);
    whole = Map.copyOf(whole);
  }

  /**
   * A root that cannot be fetched whole.
   *
   * @param root what a project asks for: {@code group:artifact} as a binding names it, with {@code
   *     :version} where it has one of its own, and {@code plugin}, {@code processor} or {@code pom}
   *     before it where it is one
   * @param of the framework version that manages the rest; the framework's id where it has none
   * @param language a language version that stands in for the managed one; {@code null} for none
   * @param lacks what cannot be fetched, with versions, in order
   * @param under what would bring all of that along, and can be left out; {@code null} for nothing
   */
  public record Hole(
      String root,
      String of,
      @Nullable String language,
      List<String> lacks,
      @Nullable String under) {
    /** Copies its list. */
    public Hole {
      lacks = List.copyOf(lacks);
    }
  }

  /** The first letters of the digest, for people and addresses; empty for none. */
  public String id() {
    return digest.substring(0, Math.min(SHORT, digest.length()));
  }
}
