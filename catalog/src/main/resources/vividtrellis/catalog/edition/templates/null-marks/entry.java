/** Where the application starts, and what holds for all of it. */
@NullMarked
package {{package}};

import org.jspecify.annotations.NullMarked;
