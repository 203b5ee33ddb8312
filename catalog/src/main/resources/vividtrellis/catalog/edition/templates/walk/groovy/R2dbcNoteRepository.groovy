package {{package}}.{{storage}}

import io.r2dbc.spi.Readable
{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.NoteRepository
{{/byLayer}}
import org.springframework.r2dbc.core.DatabaseClient
import org.springframework.stereotype.Repository
{{#flows}}
import reactor.core.publisher.Flux
import reactor.core.publisher.Mono
{{/flows}}

/** Keeps notes in the database{{^flows}}; waits for its answers, since who asks can wait{{/flows}}. */
@Repository
class R2dbcNoteRepository implements NoteRepository {

    private final DatabaseClient database

    R2dbcNoteRepository(DatabaseClient database) {
        this.database = database
    }

    @Override
    {{#flows}}Flux{{/flows}}{{^flows}}List{{/flows}}<Note> findAll() {
        database.sql('select id, title, body from note order by id')
                .map { Readable row -> note(row) }
                .all(){{^flows}}.collectList().block(){{/flows}}
    }

    @Override
    {{#flows}}Mono{{/flows}}{{^flows}}Optional{{/flows}}<Note> findById(long id) {
        database.sql('select id, title, body from note where id = :id')
                .bind('id', id)
                .map { Readable row -> note(row) }
                .one(){{^flows}}.blockOptional(){{/flows}}
    }

    @Override
    {{#flows}}Mono<Note>{{/flows}}{{^flows}}Note{{/flows}} create(String title, String body) {
        database.sql('insert into note (title, body) values (:title, :body)')
                .filter { statement -> statement.returnGeneratedValues('id') }
                .bind('title', title)
                .bind('body', body)
                .map { Readable key -> new Note(key.get(0) as long, title, body) }
                .one(){{^flows}}.block(){{/flows}}
    }

    private static Note note(Readable row) {
        new Note(row.get('id') as long, row.get('title', String), row.get('body', String))
    }
}
