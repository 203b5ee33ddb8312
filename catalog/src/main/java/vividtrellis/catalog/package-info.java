/**
 * The shipped edition and how it is found. The data itself lies beside this code, as YAML and
 * templates; see docs/catalog.md for its form. No rule and no option may be written in Java here.
 */
@NullMarked
package vividtrellis.catalog;

import org.jspecify.annotations.NullMarked;
