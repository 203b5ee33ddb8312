package vividtrellis.core.solver;

import com.google.common.cache.Cache;
import com.google.common.cache.CacheBuilder;
import com.google.common.primitives.Ints;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Collections;
import java.util.Deque;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What values alone say of all switches at once, whatever is picked. Many questions meet the same
 * values, so it is worked out once and kept. Shared between threads; what is kept changes no
 * answer.
 */
final class SupportCache {

  private static final int MOST_KEPT = 1024;

  /** How many switches may be added for one switch's sake. */
  private static final int MOST_ADDED = 3;

  /**
   * What turning a switch on takes at some values, with nothing else on.
   *
   * @param alone switches that ask for no other
   * @param accompanied switches that are turned on with a few others
   * @param companies by switch, those of {@code accompanied} that are turned on with it or are it
   */
  record Footing(BitSet alone, BitSet accompanied, List<BitSet> companies) {}

  /** Open values as a key. */
  private static final class Words {
    private final long[] open;

    Words(long[] open) {
      this.open = open;
    }

    @Override
    public boolean equals(@Nullable Object other) {
      return other instanceof Words words && Arrays.equals(open, words.open);
    }

    @Override
    public int hashCode() {
      return Arrays.hashCode(open);
    }
  }

  private final ClauseTable table;
  private final Cache<List<Integer>, Footing> footings = kept();
  private final Cache<Words, BitSet> unsupported = kept();

  SupportCache(ClauseTable table) {
    this.table = table;
  }

  private static <K, V> Cache<K, V> kept() {
    return CacheBuilder.newBuilder().maximumSize(MOST_KEPT).build();
  }

  /** What each switch takes at the values of a solution. */
  Footing footing(List<Integer> values) {
    Footing known = footings.getIfPresent(values);
    if (known == null) {
      known = stand(Ints.toArray(values));
      footings.put(values, known);
    }
    return known;
  }

  private Footing stand(int[] values) {
    BitSet alone = new BitSet(table.switches);
    BitSet accompanied = new BitSet(table.switches);
    BitSet none = new BitSet();
    List<BitSet> companies = new ArrayList<>(Collections.nCopies(table.switches, none));
    for (int s = 0; s < table.switches; s++) {
      BitSet on = new BitSet(table.switches);
      on.set(s);
      if (grow(on, s, values, MOST_ADDED)) {
        if (on.cardinality() == 1) {
          alone.set(s);
        } else {
          accompanied.set(s);
          for (int with = on.nextSetBit(0); with >= 0; with = on.nextSetBit(with + 1)) {
            if (companies.get(with).isEmpty()) {
              companies.set(with, new BitSet());
            }
            companies.get(with).set(s);
          }
        }
      }
    }
    return new Footing(alone, accompanied, companies);
  }

  /** What a solution has on with one more switch and a few that it asks for, if that is seen. */
  @Nullable BitSet beside(Model model, int which) {
    BitSet on = (BitSet) model.on().clone();
    on.set(which);
    return grow(on, which, Ints.toArray(model.values()), MOST_ADDED) ? on : null;
  }

  /** Adds to a set what one more switch in it asks for; gives whether that was enough. */
  private boolean grow(BitSet on, int added, int[] values, int more) {
    for (int k : table.guarded[added]) {
      if (table.isActive(k, on)
          && !table.isMet(k, values, on)
          && (more == 0 || !growFor(k, on, values, more))) {
        return false;
      }
    }
    return true;
  }

  private boolean growFor(int k, BitSet on, int[] values, int more) {
    for (int satisfier : table.satisfiers[k]) {
      BitSet tried = (BitSet) on.clone();
      tried.set(satisfier);
      if (grow(tried, satisfier, values, more - 1)) {
        on.or(tried);
        return true;
      }
    }
    return false;
  }

  /** The switches that no solution within the open values of a state has on. Not to be changed. */
  BitSet unsupported(State state) {
    Words known = new Words(state.open);
    BitSet found = unsupported.getIfPresent(known);
    if (found == null) {
      found = lostAnew(state);
      unsupported.put(new Words(state.open.clone()), found);
    }
    return found;
  }

  private BitSet lostAnew(State state) {
    BitSet found = new BitSet(table.switches);
    Deque<Integer> news = new ArrayDeque<>();
    for (int s = 0; s < table.switches; s++) {
      for (int k : table.guarded[s]) {
        if (table.guards[k].length == 1 && !found.get(s) && isUnsupported(k, state, found)) {
          found.set(s);
          news.add(s);
        }
      }
    }
    spread(news, found, state, new BitSet());
    return found;
  }

  /** Whether neither a choice nor a switch can meet a clause any more. */
  boolean isUnsupported(int k, State state, BitSet unsupported) {
    for (int satisfier : table.satisfiers[k]) {
      if (!unsupported.get(satisfier)) {
        return false;
      }
    }
    for (int i = 0; i < table.over[k].length; i++) {
      if (state.standing(k, i) >= 0) {
        return false;
      }
    }
    return true;
  }

  /** Carries on: a clause whose last satisfier is unsupported takes its only free guard with it. */
  void spread(Deque<Integer> news, BitSet unsupported, State state, BitSet on) {
    while (!news.isEmpty()) {
      for (int k : table.satisfied[news.remove()]) {
        int free = table.onlyMissingGuard(k, on);
        if (free >= 0 && !unsupported.get(free) && isUnsupported(k, state, unsupported)) {
          unsupported.set(free);
          news.add(free);
        }
      }
    }
  }
}
