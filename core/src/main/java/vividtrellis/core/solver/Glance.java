package vividtrellis.core.solver;

import java.util.BitSet;

/**
 * Quick looks that spare a search: at a solution with one thing changed, and at a switch that fails
 * at once. What they see is certain; where they see nothing, a search has to tell.
 */
final class Glance {

  private static final int NONE = -1;

  /** How many switches may be added one for another's sake. */
  private static final int MOST_ADDED = 2;

  private final Problem problem;
  private final State state;
  private final Propagation propagation;

  Glance(Problem problem, State state, Propagation propagation) {
    this.problem = problem;
    this.state = state;
    this.propagation = propagation;
  }

  /** With a switch, and perhaps a few more that it asks for. */
  boolean bears(Model model, int which) {
    BitSet on = (BitSet) model.on().clone();
    on.set(which);
    return staysMetWith(model, on, which, MOST_ADDED);
  }

  private boolean staysMetWith(Model model, BitSet on, int added, int more) {
    for (int k : problem.wakes[added]) {
      if (isWoken(k, on)
          && !meets(model, on, k, NONE, NONE)
          && (more == 0 || !isMetByAdding(model, on, k, more))) {
        return false;
      }
    }
    return true;
  }

  private boolean isMetByAdding(Model model, BitSet on, int k, int more) {
    for (int meeter : problem.meeters[k]) {
      if (propagation.isAvailable(meeter)) {
        BitSet tried = (BitSet) on.clone();
        tried.set(meeter);
        if (staysMetWith(model, tried, meeter, more - 1)) {
          on.or(tried);
          return true;
        }
      }
    }
    return false;
  }

  boolean bears(Model model, int choice, BitSet values) {
    if (values.get(model.values().get(choice))) {
      return true;
    }
    for (int value = values.nextSetBit(0); value >= 0; value = values.nextSetBit(value + 1)) {
      if (state.isOpen(choice, value) && staysMetAt(model, choice, value)) {
        return true;
      }
    }
    return false;
  }

  private boolean staysMetAt(Model model, int choice, int value) {
    for (int k : problem.speaking[choice]) {
      if (isWoken(k, model.on()) && !meets(model, model.on(), k, choice, value)) {
        return false;
      }
    }
    return true;
  }

  private boolean isWoken(int k, BitSet on) {
    for (int waker : problem.wakers[k]) {
      if (!on.get(waker)) {
        return false;
      }
    }
    return !propagation.isIgnored(k);
  }

  /** Whether a solution's values, but for one choice, or some switches meet a clause. */
  private boolean meets(Model model, BitSet on, int k, int choice, int value) {
    for (int meeter : problem.meeters[k]) {
      if (on.get(meeter)) {
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
