/** All that is done with {{entitiesWords}}. */
@NullMarked
package {{package}}.{{domain}};

import org.jspecify.annotations.NullMarked;
