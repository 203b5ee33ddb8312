package {{package}}.{{storage}};

import org.jooq.Identity;
import org.jooq.Record;
import org.jooq.TableField;
import org.jooq.impl.DSL;
import org.jooq.impl.Internal;
import org.jooq.impl.SQLDataType;
import org.jooq.impl.TableImpl;

/** The table of notes, in types: what jOOQ would make from the database, written by hand. */
class NoteTable extends TableImpl<Record> {

    static final NoteTable NOTE = new NoteTable();

    final TableField<Record, Long> id =
            createField(DSL.unquotedName("id"), SQLDataType.BIGINT.notNull().identity(true), this);
    final TableField<Record, String> title =
            createField(DSL.unquotedName("title"), SQLDataType.VARCHAR(200).notNull(), this);
    final TableField<Record, String> body =
            createField(DSL.unquotedName("body"), SQLDataType.VARCHAR(4000).notNull(), this);

    private NoteTable() {
        super(DSL.unquotedName("note"));
    }

    @Override
    public Identity<Record, Long> getIdentity() {
        return Internal.createIdentity(this, id);
    }
}
