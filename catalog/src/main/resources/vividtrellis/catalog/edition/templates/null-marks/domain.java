/** What {{an}} {{entityWords}} is. */
@NullMarked
package {{package}}.{{domain}};

import org.jspecify.annotations.NullMarked;
