/** Where {{entitiesWords}} are kept. */
@NullMarked
package {{package}}.{{storage}};

import org.jspecify.annotations.NullMarked;
