package {{package}}.{{storage}}

import org.jooq.Identity
import org.jooq.Record
import org.jooq.TableField
import org.jooq.impl.DSL
import org.jooq.impl.Internal
import org.jooq.impl.SQLDataType
import org.jooq.impl.TableImpl

/** The table of notes, in types: what jOOQ would make from the database, written by hand. */
object NoteTable : TableImpl<Record>(DSL.unquotedName("note")) {
    val id: TableField<Record, Long?> =
        createField(DSL.unquotedName("id"), SQLDataType.BIGINT.notNull().identity(true), this)
    val title: TableField<Record, String?> =
        createField(DSL.unquotedName("title"), SQLDataType.VARCHAR(200).notNull(), this)
    val body: TableField<Record, String?> =
        createField(DSL.unquotedName("body"), SQLDataType.VARCHAR(4000).notNull(), this)

    override fun getIdentity(): Identity<Record, Long?> = Internal.createIdentity(this, id)

    private fun readResolve(): Any = NoteTable
}
