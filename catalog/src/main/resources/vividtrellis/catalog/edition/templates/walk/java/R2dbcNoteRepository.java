package {{package}}.{{storage}};

import io.r2dbc.spi.Readable;
{{#byLayer}}
import {{package}}.domain.Note;
import {{package}}.domain.NoteRepository;
{{/byLayer}}
{{^flows}}
import java.util.List;
import java.util.Optional;
{{/flows}}
import org.springframework.r2dbc.core.DatabaseClient;
import org.springframework.stereotype.Repository;
{{#flows}}
import reactor.core.publisher.Flux;
import reactor.core.publisher.Mono;
{{/flows}}

/** Keeps notes in the database{{^flows}}; waits for its answers, since who asks can wait{{/flows}}. */
@Repository
class R2dbcNoteRepository implements NoteRepository {

    private final DatabaseClient database;

    R2dbcNoteRepository(DatabaseClient database) {
        this.database = database;
    }

    @Override
    public {{#flows}}Flux{{/flows}}{{^flows}}List{{/flows}}<Note> findAll() {
        return database.sql("select id, title, body from note order by id")
                .map(R2dbcNoteRepository::note)
                .all(){{#flows}};{{/flows}}
{{^flows}}
                .collectList()
                .block();
{{/flows}}
    }

    @Override
    public {{#flows}}Mono{{/flows}}{{^flows}}Optional{{/flows}}<Note> findById(long id) {
        return database.sql("select id, title, body from note where id = :id")
                .bind("id", id)
                .map(R2dbcNoteRepository::note)
                .one(){{#flows}};{{/flows}}
{{^flows}}
                .blockOptional();
{{/flows}}
    }

    @Override
    public {{#flows}}Mono<Note>{{/flows}}{{^flows}}Note{{/flows}} create(String title, String body) {
        return database.sql("insert into note (title, body) values (:title, :body)")
                .filter(statement -> statement.returnGeneratedValues("id"))
                .bind("title", title)
                .bind("body", body)
                .map(key -> new Note(number(key.get(0)), title, body))
                .one(){{#flows}};{{/flows}}
{{^flows}}
                .block();
{{/flows}}
    }

    private static Note note(Readable row) {
        return new Note(number(row.get("id")), row.get("title", String.class), row.get("body", String.class));
    }

    /** Databases differ in what they count with. */
    private static long number(Object key) {
        return ((Number) key).longValue();
    }
}
