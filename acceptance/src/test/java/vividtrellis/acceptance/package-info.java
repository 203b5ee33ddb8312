/**
 * The product from outside: {@code ./up} with a private PostgreSQL, the real {@code vivid}, HTTP,
 * Chromium, and real builds of what was made. Nothing of the product's code is called here.
 */
@NullMarked
package vividtrellis.acceptance;

import org.jspecify.annotations.NullMarked;
