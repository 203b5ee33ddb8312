package {{package}}.{{domain}}

/** Somebody else changed or removed {{an}} {{entityWords}} since it was read. */
class Stale{{Entity}}Exception extends RuntimeException {

    private static final long serialVersionUID = 1L

    Stale{{Entity}}Exception(long id) {
        super('Since that version, the {{entityWords}} ' + id + ' was changed by somebody else.')
    }
}
