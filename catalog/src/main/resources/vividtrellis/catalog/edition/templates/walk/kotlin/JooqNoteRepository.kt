package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.NoteRepository
{{/byLayer}}
import org.jooq.DSLContext
import org.jooq.Record
import org.springframework.stereotype.Repository

/** Keeps notes in the database. */
@Repository
class JooqNoteRepository(
    private val database: DSLContext,
) : NoteRepository {
    override fun findAll(): List<Note> =
        database
            .selectFrom(NoteTable)
            .orderBy(NoteTable.id)
            .map { note(it) }

    override fun findById(id: Long): Note? =
        database
            .selectFrom(NoteTable)
            .where(NoteTable.id.eq(id))
            .fetchOne()
            ?.let { note(it) }

    override fun create(
        title: String,
        body: String,
    ): Note {
        val key =
            database
                .insertInto(NoteTable)
                .set(NoteTable.title, title)
                .set(NoteTable.body, body)
                .returningResult(NoteTable.id)
                .fetchSingle()
        return Note(checkNotNull(key.value1()), title, body)
    }

    private fun note(row: Record) =
        Note(
            checkNotNull(row[NoteTable.id]),
            checkNotNull(row[NoteTable.title]),
            checkNotNull(row[NoteTable.body]),
        )
}
