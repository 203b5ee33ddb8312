/** How others are told of {{entitiesWords}}. */
@NullMarked
package {{package}}.{{messages}};

import org.jspecify.annotations.NullMarked;
