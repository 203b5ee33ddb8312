/** How {{entitiesWords}} are asked for. */
@NullMarked
package {{package}}.{{web}};

import org.jspecify.annotations.NullMarked;
