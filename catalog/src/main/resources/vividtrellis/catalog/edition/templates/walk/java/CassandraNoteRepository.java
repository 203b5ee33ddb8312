package {{package}}.{{storage}};

import com.datastax.oss.driver.api.core.cql.Row;
{{#byLayer}}
import {{package}}.domain.Note;
import {{package}}.domain.NoteRepository;
{{/byLayer}}
import java.util.List;
import java.util.Optional;
import org.springframework.data.cassandra.core.CassandraOperations;
import org.springframework.data.cassandra.core.cql.CqlOperations;
import org.springframework.stereotype.Repository;

/** Keeps notes in one partition, so that they come back in order; makes the table where there is none. */
@Repository
class CassandraNoteRepository implements NoteRepository {

    private static final String KEYSPACE = "{{database}}";
    private static final String TABLE = KEYSPACE + ".note";
    private static final String SELECT = "select id, title, body from " + TABLE + " where service = 'notes'";

    private final CqlOperations cassandra;

    CassandraNoteRepository(CassandraOperations operations) {
        cassandra = operations.getCqlOperations();
        cassandra.execute("create keyspace if not exists " + KEYSPACE
                + " with replication = {'class': 'SimpleStrategy', 'replication_factor': 1}");
        cassandra.execute("create table if not exists " + TABLE
                + " (service text, id bigint, title text, body text, primary key (service, id))");
    }

    @Override
    public List<Note> findAll() {
        return cassandra.query(SELECT, (row, number) -> note(row));
    }

    @Override
    public Optional<Note> findById(long id) {
        return cassandra.query(SELECT + " and id = ?", (row, number) -> note(row), id).stream()
                .findFirst();
    }

    @Override
    public Note create(String title, String body) {
        long id = last() + 1;
        while (!cassandra.execute(
                "insert into " + TABLE + " (service, id, title, body) values ('notes', ?, ?, ?) if not exists",
                id,
                title,
                body)) {
            id++; // somebody else was quicker
        }
        return new Note(id, title, body);
    }

    private long last() {
        return cassandra.query(SELECT + " order by id desc limit 1", (row, number) -> row.getLong("id")).stream()
                .findFirst()
                .orElse(0L);
    }

    private static Note note(Row row) {
        return new Note(row.getLong("id"), row.getString("title"), row.getString("body"));
    }
}
