package {{package}}.{{storage}};

import static {{package}}.{{storage}}.NoteTable.NOTE;

{{#byLayer}}
import {{package}}.domain.Note;
import {{package}}.domain.NoteRepository;
{{/byLayer}}
import java.util.List;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jooq.Records;
import org.springframework.stereotype.Repository;

/** Keeps notes in the database. */
@Repository
class JooqNoteRepository implements NoteRepository {

    private final DSLContext database;

    JooqNoteRepository(DSLContext database) {
        this.database = database;
    }

    @Override
    public List<Note> findAll() {
        return database.select(NOTE.id, NOTE.title, NOTE.body)
                .from(NOTE)
                .orderBy(NOTE.id)
                .fetch(Records.mapping(Note::new));
    }

    @Override
    public Optional<Note> findById(long id) {
        return database.select(NOTE.id, NOTE.title, NOTE.body)
                .from(NOTE)
                .where(NOTE.id.eq(id))
                .fetchOptional(Records.mapping(Note::new));
    }

    @Override
    public Note create(String title, String body) {
        return database.insertInto(NOTE)
                .set(NOTE.title, title)
                .set(NOTE.body, body)
                .returningResult(NOTE.id)
                .fetchSingle(key -> new Note(key.value1(), title, body));
    }
}
