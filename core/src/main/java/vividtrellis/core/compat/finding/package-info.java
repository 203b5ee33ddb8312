/**
 * What there is to tell of a brief before ways out are known: the sentences, the changes of picks
 * that a way out consists of, what is wrong with names and licences, and what was filled in. No
 * searching in here. Every sentence comes from {@code sentences.properties} or from the catalog;
 * none is written in code, none is ever compared.
 */
@NullMarked
package vividtrellis.core.compat.finding;

import org.jspecify.annotations.NullMarked;
