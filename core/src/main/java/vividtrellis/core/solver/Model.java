package vividtrellis.core.solver;

import java.util.BitSet;

/**
 * A solution: one value for every choice, and the switches that are on.
 *
 * @param values by choice
 * @param on switches
 */
public record Model(java.util.List<Integer> values, BitSet on) {}
