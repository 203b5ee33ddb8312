package {{package}}.{{storage}}

import static {{package}}.{{storage}}.NoteTable.NOTE

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.Notes
{{/byLayer}}
import org.jooq.DSLContext
import org.jooq.Record
import org.springframework.stereotype.Repository

/** Keeps notes in the database. */
@Repository
class NotesByTypes implements Notes {

    private final DSLContext database

    NotesByTypes(DSLContext database) {
        this.database = database
    }

    @Override
    List<Note> all() {
        database.selectFrom(NOTE).orderBy(NOTE.@id).fetch().collect { note(it) }
    }

    @Override
    Optional<Note> find(long id) {
        database.selectFrom(NOTE).where(NOTE.@id.eq(id)).fetchOptional().map { note(it) }
    }

    @Override
    Note add(String title, String body) {
        def key = database.insertInto(NOTE)
                .set(NOTE.@title, title)
                .set(NOTE.@body, body)
                .returningResult(NOTE.@id)
                .fetchSingle()
        new Note(key.value1(), title, body)
    }

    private static Note note(Record row) {
        new Note(row.get(NOTE.@id), row.get(NOTE.@title), row.get(NOTE.@body))
    }
}
