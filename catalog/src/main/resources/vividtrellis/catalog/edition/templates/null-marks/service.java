/** What can be done with {{entitiesWords}}. */
@NullMarked
package {{package}}.{{service}};

import org.jspecify.annotations.NullMarked;
