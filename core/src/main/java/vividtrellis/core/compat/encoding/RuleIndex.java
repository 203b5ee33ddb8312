package vividtrellis.core.compat.encoding;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Collection;
import java.util.List;
import java.util.function.ToIntFunction;
import vividtrellis.core.catalog.Rule;
import vividtrellis.core.catalog.Term;
import vividtrellis.core.catalog.Term.Variable;

/**
 * Rules by the starters and extras that wake them: of a large edition's rules, few have anything to
 * say to a handful of picks. Immutable; shared between threads.
 */
final class RuleIndex {

  private final List<Rule> rules;

  /** By rule: the switches that all have to be on before it can hold. */
  private final List<BitSet> wakers = new ArrayList<>();

  /** By switch: the rules whose first waker it is. */
  private final List<BitSet> first = new ArrayList<>();

  private final BitSet always = new BitSet();

  /**
   * Over some rules.
   *
   * @param switches how many there are
   * @param number gives a term's switch
   */
  RuleIndex(Collection<Rule> rules, int switches, ToIntFunction<Term> number) {
    this.rules = List.copyOf(rules);
    for (int s = 0; s < switches; s++) {
      first.add(new BitSet());
    }
    for (Rule rule : this.rules) {
      BitSet wake = new BitSet();
      rule.when().stream().filter(RuleIndex::wakes).mapToInt(number).forEach(wake::set);
      (wake.isEmpty() ? always : first.get(wake.nextSetBit(0))).set(wakers.size());
      wakers.add(wake);
    }
  }

  private static boolean wakes(Term term) {
    return !term.negated()
        && (term.variable() == Variable.STARTER || term.variable() == Variable.EXTRA);
  }

  /** Those that may hold with some switches on, in their order. */
  List<Rule> awake(BitSet on) {
    BitSet awake = (BitSet) always.clone();
    for (int s = on.nextSetBit(0); s >= 0; s = on.nextSetBit(s + 1)) {
      awake.or(first.get(s));
    }
    List<Rule> found = new ArrayList<>();
    for (int r = awake.nextSetBit(0); r >= 0; r = awake.nextSetBit(r + 1)) {
      if (isWithin(wakers.get(r), on)) {
        found.add(rules.get(r));
      }
    }
    return found;
  }

  /** Whether all of the first are in the second; asked often, so that nothing is copied for it. */
  static boolean isWithin(BitSet some, BitSet all) {
    for (int s = some.nextSetBit(0); s >= 0; s = some.nextSetBit(s + 1)) {
      if (!all.get(s)) {
        return false;
      }
    }
    return true;
  }
}
