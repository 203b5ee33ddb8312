/**
 * What the solver is asked: whether picks fit, what else can be had beside them, which picks and
 * rules are at odds, which cautions can be avoided. Answers are numbers, rules and offers; no
 * sentences are made in here.
 */
@NullMarked
package vividtrellis.core.compat.feasibility;

import org.jspecify.annotations.NullMarked;
