package {{package}}.{{storage}}

import static {{package}}.{{storage}}.NoteTable.BODY
import static {{package}}.{{storage}}.NoteTable.ID
import static {{package}}.{{storage}}.NoteTable.NOTE
import static {{package}}.{{storage}}.NoteTable.TITLE

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.NoteRepository
{{/byLayer}}
import org.jooq.DSLContext
import org.jooq.Record
import org.springframework.stereotype.Repository

/** Keeps notes in the database. */
@Repository
class JooqNoteRepository implements NoteRepository {

    private final DSLContext database

    JooqNoteRepository(DSLContext database) {
        this.database = database
    }

    @Override
    List<Note> findAll() {
        database.select(ID, TITLE, BODY).from(NOTE).orderBy(ID).fetch().collect { note(it) }
    }

    @Override
    Optional<Note> findById(long id) {
        database.select(ID, TITLE, BODY).from(NOTE).where(ID.eq(id)).fetchOptional().map { note(it) }
    }

    @Override
    Note create(String title, String body) {
        def key = database.insertInto(NOTE)
                .set(TITLE, title)
                .set(BODY, body)
                .returningResult(ID)
                .fetchSingle()
        new Note(key.value1(), title, body)
    }

    private static Note note(Record row) {
        new Note(row.get(ID), row.get(TITLE), row.get(BODY))
    }
}
