package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.NoteRepository
{{/byLayer}}
import java.sql.ResultSet
import org.springframework.jdbc.core.RowMapper
import org.springframework.jdbc.core.simple.JdbcClient
import org.springframework.jdbc.support.GeneratedKeyHolder
import org.springframework.stereotype.Repository

/** Keeps notes in the database. */
@Repository
class JdbcNoteRepository implements NoteRepository {

    private static final RowMapper<Note> NOTE = { ResultSet row, int number ->
        new Note(row.getLong('id'), row.getString('title'), row.getString('body'))
    }

    private final JdbcClient database

    JdbcNoteRepository(JdbcClient database) {
        this.database = database
    }

    @Override
    List<Note> findAll() {
        database.sql('select id, title, body from note order by id').query(NOTE).list()
    }

    @Override
    Optional<Note> findById(long id) {
        database.sql('select id, title, body from note where id = :id').param('id', id).query(NOTE).optional()
    }

    @Override
    Note create(String title, String body) {
        def key = new GeneratedKeyHolder()
        database.sql('insert into note (title, body) values (:title, :body)')
                .param('title', title)
                .param('body', body)
                .update(key, 'id')
        new Note(key.key.longValue(), title, body)
    }
}
