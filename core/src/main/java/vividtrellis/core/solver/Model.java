package vividtrellis.core.solver;

import java.util.BitSet;
import java.util.List;

/**
 * A solution: one value for every choice, and the switches that are on. Neither is to be changed.
 *
 * @param values by choice
 * @param on switches
 */
public record Model(List<Integer> values, BitSet on) {}
