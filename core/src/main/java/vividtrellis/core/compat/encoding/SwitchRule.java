package vividtrellis.core.compat.encoding;

import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.function.ToIntFunction;
import vividtrellis.core.catalog.Rule;
import vividtrellis.core.catalog.Term;
import vividtrellis.core.catalog.Term.Variable;

/**
 * A rule that looks at starters and extras alone, as numbers.
 *
 * @param on all of these have to be on before it speaks
 * @param off none of these may be on for it to speak
 * @param oneOn it is met when one of these is on
 * @param oneOff it is met when one of these is off
 */
public record SwitchRule(BitSet on, BitSet off, BitSet oneOn, BitSet oneOff) {

  /**
   * The same rules as numbers; empty if one of them looks at more than starters and extras.
   *
   * @param number gives a term's switch
   */
  static Optional<List<SwitchRule>> of(List<Rule> rules, ToIntFunction<Term> number) {
    boolean all =
        rules.stream()
            .flatMap(Rule::terms)
            .map(Term::variable)
            .allMatch(each -> each == Variable.STARTER || each == Variable.EXTRA);
    return all
        ? Optional.of(rules.stream().map(rule -> SwitchRule.of(rule, number)).toList())
        : Optional.empty();
  }

  private static SwitchRule of(Rule rule, ToIntFunction<Term> number) {
    SwitchRule made = new SwitchRule(new BitSet(), new BitSet(), new BitSet(), new BitSet());
    for (Term term : rule.when()) {
      (term.negated() ? made.off : made.on).set(number.applyAsInt(term));
    }
    for (Term term : rule.remaining()) {
      (term.negated() ? made.oneOff : made.oneOn).set(number.applyAsInt(term));
    }
    return made;
  }

  /** Whether some switches, and no others, break it. */
  public boolean isBrokenBy(BitSet picked) {
    return RuleIndex.isWithin(on, picked)
        && !off.intersects(picked)
        && !oneOn.intersects(picked)
        && RuleIndex.isWithin(oneOff, picked);
  }
}
