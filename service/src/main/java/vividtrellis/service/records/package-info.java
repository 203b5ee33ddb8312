/**
 * Records of what was made, in PostgreSQL, and the journal that holds them while the database is
 * away. The door is {@link vividtrellis.service.records.RecordKeeper}; nobody outside sees an
 * entity.
 */
@NullMarked
package vividtrellis.service.records;

import org.jspecify.annotations.NullMarked;
