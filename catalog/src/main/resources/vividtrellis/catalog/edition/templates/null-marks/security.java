/** Who may ask for what. */
@NullMarked
package {{package}}.security;

import org.jspecify.annotations.NullMarked;
