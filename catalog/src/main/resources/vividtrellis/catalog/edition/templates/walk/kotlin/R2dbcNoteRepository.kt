package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.NoteRepository
{{/byLayer}}
import io.r2dbc.spi.Readable
import org.springframework.r2dbc.core.DatabaseClient
import org.springframework.stereotype.Repository
{{#flows}}
import reactor.core.publisher.Flux
import reactor.core.publisher.Mono
{{/flows}}

/** Keeps notes in the database{{^flows}}; waits for its answers, since who asks can wait{{/flows}}. */
@Repository
class R2dbcNoteRepository(
    private val database: DatabaseClient,
) : NoteRepository {
    override fun findAll(): {{#flows}}Flux{{/flows}}{{^flows}}List{{/flows}}<Note> =
        database
            .sql("select id, title, body from note order by id")
            .map { row: Readable -> note(row) }
            .all()
{{^flows}}
            .collectList()
            .block()
            .orEmpty()
{{/flows}}

    override fun findById(id: Long): {{#flows}}Mono<Note>{{/flows}}{{^flows}}Note?{{/flows}} =
        database
            .sql("select id, title, body from note where id = :id")
            .bind("id", id)
            .map { row: Readable -> note(row) }
            .one()
{{^flows}}
            .block()
{{/flows}}

    override fun create(
        title: String,
        body: String,
    ): {{#flows}}Mono<Note>{{/flows}}{{^flows}}Note{{/flows}} =
        database
            .sql("insert into note (title, body) values (:title, :body)")
            .filter { statement -> statement.returnGeneratedValues("id") }
            .bind("title", title)
            .bind("body", body)
            .map { key: Readable -> Note(number(key.get(0)), title, body) }
            .one()
{{^flows}}
            .blockOptional()
            .orElseThrow()
{{/flows}}

    private fun note(row: Readable) =
        Note(
            number(row.get("id")),
            checkNotNull(row.get("title", String::class.java)),
            checkNotNull(row.get("body", String::class.java)),
        )

    /** Databases differ in what they count with. */
    private fun number(key: Any?) = (key as Number).toLong()
}
