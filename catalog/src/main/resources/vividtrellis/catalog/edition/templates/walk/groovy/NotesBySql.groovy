package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.Notes
{{/byLayer}}
import java.sql.ResultSet
import org.springframework.jdbc.core.RowMapper
import org.springframework.jdbc.core.simple.JdbcClient
import org.springframework.jdbc.support.GeneratedKeyHolder
import org.springframework.stereotype.Repository

/** Keeps notes in the database. */
@Repository
class NotesBySql implements Notes {

    private static final RowMapper<Note> NOTE = { ResultSet row, int number ->
        new Note(row.getLong('id'), row.getString('title'), row.getString('body'))
    }

    private final JdbcClient database

    NotesBySql(JdbcClient database) {
        this.database = database
    }

    @Override
    List<Note> all() {
        database.sql('select id, title, body from note order by id').query(NOTE).list()
    }

    @Override
    Optional<Note> find(long id) {
        database.sql('select id, title, body from note where id = :id').param('id', id).query(NOTE).optional()
    }

    @Override
    Note add(String title, String body) {
        def key = new GeneratedKeyHolder()
        database.sql('insert into note (title, body) values (:title, :body)')
                .param('title', title)
                .param('body', body)
                .update(key, 'id')
        new Note(key.key.longValue(), title, body)
    }
}
