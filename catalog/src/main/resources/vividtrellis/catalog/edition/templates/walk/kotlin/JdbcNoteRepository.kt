package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.NoteRepository
{{/byLayer}}
import org.springframework.jdbc.core.simple.JdbcClient
import org.springframework.jdbc.support.GeneratedKeyHolder
import org.springframework.stereotype.Repository
import java.sql.ResultSet

/** Keeps notes in the database. */
@Repository
class JdbcNoteRepository(
    private val database: JdbcClient,
) : NoteRepository {
    override fun findAll(): List<Note> =
        database
            .sql("select id, title, body from note order by id")
            .query { row, _ -> note(row) }
            .list()

    override fun findById(id: Long): Note? =
        database
            .sql("select id, title, body from note where id = :id")
            .param("id", id)
            .query { row, _ -> note(row) }
            .optional()
            .orElse(null)

    override fun create(
        title: String,
        body: String,
    ): Note {
        val key = GeneratedKeyHolder()
        database
            .sql("insert into note (title, body) values (:title, :body)")
            .param("title", title)
            .param("body", body)
            .update(key, "id")
        return Note(checkNotNull(key.key).toLong(), title, body)
    }

    private fun note(row: ResultSet) = Note(row.getLong("id"), row.getString("title"), row.getString("body"))
}
