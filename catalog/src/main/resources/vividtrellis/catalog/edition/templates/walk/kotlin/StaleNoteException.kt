package {{package}}.{{domain}}

/** Somebody else changed or removed {{an}} {{entityWords}} since it was read. */
class Stale{{Entity}}Exception(
    id: Long,
) : RuntimeException("Since that version, the {{entityWords}} " + id + " was changed by somebody else.")
