/**
 * Ways out: which single changes may mend a finding, and the shortest and gentlest of them that
 * lead to a brief that fits. It judges nothing by itself; whoever uses it brings the judge.
 */
@NullMarked
package vividtrellis.core.compat.repair;

import org.jspecify.annotations.NullMarked;
