package {{package}}.{{storage}}

import org.jooq.Field
import org.jooq.Record
import org.jooq.Table
import org.jooq.impl.DSL
import org.jooq.impl.SQLDataType

/** The table of notes and its columns, named once. */
class NoteTable {

    static final Table<Record> NOTE = DSL.table(DSL.unquotedName('note'))

    static final Field<Long> ID = DSL.field(DSL.unquotedName('id'), SQLDataType.BIGINT.notNull().identity(true))
    static final Field<String> TITLE = DSL.field(DSL.unquotedName('title'), SQLDataType.VARCHAR(200).notNull())
    static final Field<String> BODY = DSL.field(DSL.unquotedName('body'), SQLDataType.VARCHAR(4000).notNull())
}
