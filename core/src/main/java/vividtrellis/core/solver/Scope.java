package vividtrellis.core.solver;

import java.util.BitSet;
import org.jspecify.annotations.Nullable;

/**
 * What a search may turn on and has to meet. It is chosen when a search begins anew, before
 * anything is fixed, and stays until it does so again.
 *
 * @param available switches that may be turned on without being fixed; {@code null} for all
 * @param ignored clauses that are left out
 * @param explained whether it is kept which clauses dead ends rest on, for {@link Search#used()}
 */
public record Scope(@Nullable BitSet available, BitSet ignored, boolean explained) {

  /** Everything is available, and nothing is left out. */
  public static final Scope EVERYTHING = new Scope(null, new BitSet(), false);

  /** All switches but some count as off unless they are fixed. */
  public static Scope only(BitSet switches) {
    return new Scope(switches, new BitSet(), false);
  }

  /** The same with some clauses left out. */
  public Scope without(BitSet clauses) {
    return new Scope(available, clauses, explained);
  }

  /** The same with what dead ends rest on being kept. */
  public Scope explaining() {
    return new Scope(available, ignored, true);
  }

  boolean isWhole() {
    return available == null && ignored.isEmpty();
  }
}
