package {{package}}.{{storage}}

import com.datastax.oss.driver.api.core.cql.Row
{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.NoteRepository
{{/byLayer}}
import org.springframework.data.cassandra.core.CassandraOperations
import org.springframework.data.cassandra.core.cql.CqlOperations
import org.springframework.data.cassandra.core.cql.RowMapper
import org.springframework.stereotype.Repository

/** Keeps notes in one partition, so that they come back in order; makes the table where there is none. */
@Repository
class CassandraNoteRepository implements NoteRepository {

    private static final String KEYSPACE = '{{database}}'
    private static final String TABLE = KEYSPACE + '.note'
    private static final String SELECT = 'select id, title, body from ' + TABLE + " where service = 'notes'"
    private static final RowMapper<Note> NOTE = { Row row, int number ->
        new Note(row.getLong('id'), row.getString('title'), row.getString('body'))
    }
    private static final RowMapper<Long> ID = { Row row, int number -> row.getLong('id') }

    private final CqlOperations cassandra

    CassandraNoteRepository(CassandraOperations operations) {
        cassandra = operations.cqlOperations
        cassandra.execute('create keyspace if not exists ' + KEYSPACE +
                " with replication = {'class': 'SimpleStrategy', 'replication_factor': 1}")
        cassandra.execute('create table if not exists ' + TABLE +
                ' (service text, id bigint, title text, body text, primary key (service, id))')
    }

    @Override
    List<Note> findAll() {
        cassandra.query(SELECT, NOTE)
    }

    @Override
    Optional<Note> findById(long id) {
        def found = cassandra.query(SELECT + ' and id = ?', NOTE, id)
        Optional.ofNullable(found ? found.first() : null)
    }

    @Override
    Note create(String title, String body) {
        long id = last() + 1
        while (!cassandra.execute(
                'insert into ' + TABLE + " (service, id, title, body) values ('notes', ?, ?, ?) if not exists",
                id, title, body)) {
            id++ // somebody else was quicker
        }
        new Note(id, title, body)
    }

    private long last() {
        def found = cassandra.query(SELECT + ' order by id desc limit 1', ID)
        found ? found.first() : 0
    }
}
