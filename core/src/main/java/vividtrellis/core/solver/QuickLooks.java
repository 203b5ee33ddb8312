package vividtrellis.core.solver;

import java.util.BitSet;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Looks that may spare a search. What they see is certain; where they see nothing, a search has to
 * tell. So answers are the same without them, and take longer.
 */
public interface QuickLooks {

  /**
   * A solution near a known one in which some choices take one of some values. It need not be the
   * most preferred.
   *
   * @param model a solution with what was fixed at some time before
   * @param narrowed by choice; {@code null} where it is not
   */
  Optional<Model> near(Model model, @Nullable BitSet[] narrowed);

  /**
   * Values that a choice can take at a solution while all else stays as it is.
   *
   * @param model a solution with what is fixed
   */
  BitSet apart(Model model, int choice);

  /**
   * Switches that can be turned on one at a time at the values of a solution, perhaps with a few
   * that they ask for.
   *
   * @param model a solution with what is fixed
   */
  BitSet supported(Model model);

  /**
   * What is on when a switch is turned on beside a known solution, with a few more that it asks
   * for.
   *
   * @param model a solution with what is fixed
   */
  Optional<BitSet> beside(Model model, int which);

  /** Switches that no solution has on, as things stand. */
  BitSet unsupported();

  /** Sees nothing but what is known. */
  QuickLooks NONE =
      new QuickLooks() {
        @Override
        public Optional<Model> near(Model model, @Nullable BitSet[] narrowed) {
          return Optional.empty();
        }

        @Override
        public BitSet apart(Model model, int choice) {
          return new BitSet();
        }

        @Override
        public BitSet supported(Model model) {
          return (BitSet) model.on().clone();
        }

        @Override
        public Optional<BitSet> beside(Model model, int which) {
          return Optional.empty();
        }

        @Override
        public BitSet unsupported() {
          return new BitSet();
        }
      };
}
