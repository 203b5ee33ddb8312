package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.NoteRepository
{{/byLayer}}
import com.datastax.oss.driver.api.core.cql.Row
import org.springframework.data.cassandra.core.CassandraOperations
import org.springframework.stereotype.Repository

private const val KEYSPACE = "{{database}}"
private const val TABLE = KEYSPACE + ".note"
private const val SELECT = "select id, title, body from " + TABLE + " where service = 'notes'"

/** Keeps notes in one partition, so that they come back in order; makes the table where there is none. */
@Repository
class CassandraNoteRepository(
    operations: CassandraOperations,
) : NoteRepository {
    private val cassandra = operations.cqlOperations

    init {
        cassandra.execute(
            "create keyspace if not exists " + KEYSPACE +
                " with replication = {'class': 'SimpleStrategy', 'replication_factor': 1}",
        )
        cassandra.execute(
            "create table if not exists " + TABLE +
                " (service text, id bigint, title text, body text, primary key (service, id))",
        )
    }

    override fun findAll(): List<Note> = cassandra.query(SELECT) { row, _ -> note(row) }

    override fun findById(id: Long): Note? =
        cassandra
            .query(SELECT + " and id = ?", { row, _ -> note(row) }, id)
            .firstOrNull()

    override fun create(
        title: String,
        body: String,
    ): Note {
        // Where somebody else was quicker, the next number is tried.
        val id =
            generateSequence(last() + 1) { it + 1 }.first {
                cassandra.execute(
                    "insert into " + TABLE + " (service, id, title, body) values ('notes', ?, ?, ?) if not exists",
                    it,
                    title,
                    body,
                )
            }
        return Note(id, title, body)
    }

    private fun last(): Long =
        cassandra
            .query(SELECT + " order by id desc limit 1") { row, _ -> row.getLong("id") }
            .firstOrNull() ?: 0

    private fun note(row: Row): Note {
        val title = checkNotNull(row.getString("title"))
        val body = checkNotNull(row.getString("body"))
        return Note(row.getLong("id"), title, body)
    }
}
