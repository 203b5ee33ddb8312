package {{package}}.{{storage}};

{{#byLayer}}
import {{package}}.domain.Note;
import {{package}}.domain.NoteRepository;
{{/byLayer}}
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.jdbc.support.KeyHolder;
import org.springframework.stereotype.Repository;

/** Keeps notes in the database. */
@Repository
class JdbcNoteRepository implements NoteRepository {

    private final JdbcClient database;

    JdbcNoteRepository(JdbcClient database) {
        this.database = database;
    }

    @Override
    public List<Note> findAll() {
        return database.sql("select id, title, body from note order by id")
                .query(Note.class)
                .list();
    }

    @Override
    public Optional<Note> findById(long id) {
        return database.sql("select id, title, body from note where id = :id")
                .param("id", id)
                .query(Note.class)
                .optional();
    }

    @Override
    public Note create(String title, String body) {
        KeyHolder key = new GeneratedKeyHolder();
        database.sql("insert into note (title, body) values (:title, :body)")
                .param("title", title)
                .param("body", body)
                .update(key, "id");
        return new Note(key.getKeyAs(Number.class).longValue(), title, body);
    }
}
