package vividtrellis.core.solver;

import java.util.BitSet;

/**
 * Quick looks that spare a search: at a solution with one thing changed, and at a switch that fails
 * at once. What they see is certain; where they see nothing, a search has to tell.
 */
final class Glance {

  private static final int NONE = -1;

  private final Problem problem;
  private final State state;
  private final Propagation propagation;

  Glance(Problem problem, State state, Propagation propagation) {
    this.problem = problem;
    this.state = state;
    this.propagation = propagation;
  }

  boolean bears(Model model, int which) {
    return staysMet(model, problem.wakes[which], which, NONE, NONE);
  }

  boolean bears(Model model, int choice, BitSet values) {
    if (values.get(model.values().get(choice))) {
      return true;
    }
    for (int value = values.nextSetBit(0); value >= 0; value = values.nextSetBit(value + 1)) {
      if (state.isOpen(choice, value)
          && staysMet(model, problem.speaking[choice], NONE, choice, value)) {
        return true;
      }
    }
    return false;
  }

  /** Whether some clauses are met by a solution with one switch more, or one value changed. */
  private boolean staysMet(Model model, int[] clauses, int which, int choice, int value) {
    for (int k : clauses) {
      boolean woken = !propagation.isIgnored(k);
      for (int waker : problem.wakers[k]) {
        woken &= waker == which || model.on().get(waker);
      }
      if (woken && !meets(model, k, which, choice, value)) {
        return false;
      }
    }
    return true;
  }

  private boolean meets(Model model, int k, int which, int choice, int value) {
    for (int meeter : problem.meeters[k]) {
      if (meeter == which || model.on().get(meeter)) {
        return true;
      }
    }
    for (int i = 0; i < problem.over[k].length; i++) {
      int c = problem.over[k][i];
      int taken = c == choice ? value : model.values().get(c);
      if ((problem.allowed[k][i][taken >> 6] & 1L << taken) != 0) {
        return true;
      }
    }
    return false;
  }

  int forbids(int which) {
    for (int k : problem.wakes[which]) {
      if (!propagation.isIgnored(k) && isLost(k, which)) {
        return k;
      }
    }
    return NONE;
  }

  private boolean isLost(int k, int which) {
    for (int waker : problem.wakers[k]) {
      if (waker != which && !state.on[waker]) {
        return false;
      }
    }
    for (int meeter : problem.meeters[k]) {
      if (state.on[meeter] || propagation.isAvailable(meeter)) {
        return false;
      }
    }
    for (int i = 0; i < problem.over[k].length; i++) {
      if (state.standing(k, i) >= 0) {
        return false;
      }
    }
    return true;
  }
}
