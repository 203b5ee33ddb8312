package vividtrellis.core.compat.feasibility;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Options.Option;
import vividtrellis.core.catalog.Rule;
import vividtrellis.core.compat.Axis;
import vividtrellis.core.compat.Verdict.Offer;
import vividtrellis.core.compat.encoding.Assumption;
import vividtrellis.core.compat.encoding.CompiledEdition;
import vividtrellis.core.compat.finding.Sentences;

/**
 * For every option of the catalog: is there a full solution with it that keeps all other picks?
 * Only the pick of the option's own axis is released.
 */
public final class Offers {

  /** Of how many sets of picks it is kept what they refuse on an axis. */
  private static final int MOST_REFUSALS = 2048;

  private final CompiledEdition compiled;
  private final Desk desk;
  private final List<Assumption> assumptions;
  private final List<Offer> offers = new ArrayList<>();

  private Offers(List<Assumption> assumptions, CompiledEdition compiled, Desk desk) {
    this.assumptions = assumptions;
    this.compiled = compiled;
    this.desk = desk;
  }

  public static List<Offer> of(List<Assumption> assumptions, CompiledEdition compiled, Desk desk) {
    Offers offers = new Offers(assumptions, compiled, desk);
    Edition edition = compiled.edition();
    Feasibility whole = new Feasibility(assumptions, compiled, desk);
    for (Axis axis : Axis.values()) {
      offers.axis(axis, whole);
    }
    offers.switches("starter", edition.starters(), 0, whole);
    offers.switches("extra", edition.extras(), edition.starters().size(), whole);
    return offers.offers;
  }

  private void axis(Axis axis, Feasibility whole) {
    String pointer = axis.key().pointer();
    boolean pinned =
        assumptions.stream().anyMatch(assumption -> assumption.pointer().equals(pointer));
    Feasibility others =
        pinned
            ? new Feasibility(
                assumptions.stream()
                    .filter(assumption -> !assumption.pointer().equals(pointer))
                    .toList(),
                compiled,
                desk)
            : whole;
    String kind = axis.key().word();
    if (others.model().isEmpty()) {
      String because = standing(others.reasons());
      compiled
          .words(axis)
          .keySet()
          .forEach(word -> offers.add(new Offer(kind, word, false, because)));
      return;
    }
    Map<String, String> refused =
        refused(
            axis,
            assumptions.stream()
                .filter(
                    assumption -> assumption.which() < 0 && !assumption.pointer().equals(pointer))
                .toList());
    compiled
        .words(axis)
        .forEach(
            (word, fixed) -> {
              String ofOthers = refused.get(word);
              if (ofOthers != null) {
                offers.add(new Offer(kind, word, false, ofOthers));
                return;
              }
              Optional<List<Rule>> refusal = others.refusal(fixed);
              offers.add(
                  new Offer(
                      kind, word, refusal.isEmpty(), refusal.map(Sentences::because).orElse(null)));
            });
  }

  /** The words of an axis that cannot be had, each with the reason. */
  private record Refused(Map<String, String> reasons) {}

  /**
   * The words of an axis that cannot be had with some picks on other axes, each with the reason.
   * More picks make none of them possible.
   */
  private Map<String, String> refused(Axis axis, List<Assumption> others) {
    List<Object> key = new ArrayList<>(List.of(axis));
    others.forEach(assumption -> key.add(assumption.narrowed()));
    return compiled
        .kept()
        .get(Refused.class, MOST_REFUSALS, key, () -> new Refused(refusedAnew(axis, others)))
        .reasons();
  }

  private Map<String, String> refusedAnew(Axis axis, List<Assumption> others) {
    Map<String, String> refused = new HashMap<>();
    try (Desk own = new Desk()) {
      Feasibility reach = new Feasibility(others, compiled, own);
      if (reach.model().isPresent()) {
        compiled
            .words(axis)
            .forEach(
                (word, fixed) ->
                    reach
                        .refusal(fixed)
                        .ifPresent(rules -> refused.put(word, Sentences.because(rules))));
      }
    }
    return Map.copyOf(refused);
  }

  /**
   * Starters or extras.
   *
   * @param first the number of the first one's switch
   */
  private void switches(String kind, List<? extends Option> options, int first, Feasibility whole) {
    String standing = whole.model().isPresent() ? "" : standing(whole.reasons());
    for (int i = 0; i < options.size(); i++) {
      int which = first + i;
      boolean possible = whole.bears(which);
      offers.add(
          new Offer(
              kind,
              options.get(i).id(),
              possible,
              possible
                  ? null
                  : standing.isEmpty() ? Sentences.because(whole.reasons(which)) : standing));
    }
  }

  private static String standing(List<Rule> rules) {
    return Sentences.say("standing-conflict", Map.of("because", Sentences.because(rules)));
  }
}
