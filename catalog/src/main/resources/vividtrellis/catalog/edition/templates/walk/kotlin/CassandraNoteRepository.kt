package {{package}}.{{storage}}

import com.datastax.oss.driver.api.core.cql.Row
import com.datastax.oss.driver.api.core.cql.SimpleStatement
{{#byLayer}}
import {{package}}.domain.{{Entity}}
import {{package}}.domain.{{Entity}}Draft
import {{package}}.domain.{{Entity}}Repository
import {{package}}.domain.Stale{{Entity}}Exception
{{/byLayer}}
import org.springframework.data.cassandra.core.CassandraOperations
import org.springframework.stereotype.Repository
import java.time.Instant

private const val KEYSPACE = "{{database}}"
private const val TABLE = KEYSPACE + ".{{entityTable}}"
private const val ALL = "select * from " + TABLE + " where kept_in = '{{entityPath}}'"

private const val MAKE_TABLE =
    "create table if not exists " + TABLE +
        """
        (
            kept_in text,
            id bigint,
{{#fields}}
            {{column}} {{columnType}},
{{/fields}}
            version bigint,
            created timestamp,
            changed timestamp,
            primary key (kept_in, id))
        """

private const val INSERT =
    "insert into " + TABLE +
        """
        (kept_in, id,
{{#fields}}
            {{column}},
{{/fields}}
            version, created, changed)
        values ('{{entityPath}}', ?, {{#fields}}?, {{/fields}}0, ?, ?) if not exists
        """

private const val UPDATE =
    "update " + TABLE +
        """
{{#fields}}
        {{#-first}}set{{/-first}}{{^-first}}   {{/-first}} {{column}} = ?,
{{/fields}}
            version = ?,
            changed = ?
        where kept_in = '{{entityPath}}' and id = ? if version = ?
        """

/** Keeps {{entitiesWords}} in one partition, so that they come back in order; makes the table where there is none. */
@Repository
class Cassandra{{Entity}}Repository(
    operations: CassandraOperations,
) : {{Entity}}Repository {
    private val cassandra = operations.cqlOperations

    init {
        cassandra.execute(
            "create keyspace if not exists " + KEYSPACE +
                " with replication = {'class': 'SimpleStrategy', 'replication_factor': 1}",
        )
        cassandra.execute(MAKE_TABLE)
    }

    /** The server knows no pages but those that follow each other, so what lies before is read and left out. */
    override fun findAll(
        page: Int,
        size: Int,
    ): List<{{Entity}}> {
        val before = page.toLong() * size
        val limit = (before + size).coerceAtMost(Int.MAX_VALUE.toLong())
        return cassandra
            .query(ALL + " limit " + limit) { row, _ -> read(row) }
            .stream()
            .skip(before)
            .toList()
    }

    override fun findById(id: Long): {{Entity}}? =
        cassandra
            .query(ALL + " and id = ?", { row, _ -> read(row) }, id)
            .firstOrNull()

    override fun create(
        draft: {{Entity}}Draft,
        now: Instant,
    ): {{Entity}} {
        // Where somebody else was quicker, the next number is tried.
        val id =
            generateSequence(last() + 1) { it + 1 }.first {
                val insert =
                    SimpleStatement.newInstance(
                        INSERT,
                        it,
{{#fields}}
                        {{{toHeld}}},
{{/fields}}
                        now,
                        now,
                    )
                cassandra.execute(insert)
            }
        return {{Entity}}.of(id, draft, now)
    }

    override fun change(
        before: {{Entity}},
        draft: {{Entity}}Draft,
        now: Instant,
    ): {{Entity}} {
        val update =
            SimpleStatement.newInstance(
                UPDATE,
{{#fields}}
                {{{toHeld}}},
{{/fields}}
                before.version + 1,
                now,
                before.id,
                before.version,
            )
        if (!cassandra.execute(update)) {
            throw Stale{{Entity}}Exception(before.id)
        }
        return before.with(draft, now)
    }

    override fun remove(id: Long): Boolean {
        val delete = "delete from " + TABLE + " where kept_in = '{{entityPath}}' and id = ? if exists"
        return cassandra.execute(delete, id)
    }

    private fun last(): Long =
        cassandra
            .query(ALL + " order by id desc limit 1") { row, _ -> row.getLong("id") }
            .firstOrNull() ?: 0

    private fun read(row: Row) =
        {{Entity}}(
            id = row.getLong("id"),
{{#fields}}
            {{name}} = {{{read}}},
{{/fields}}
            version = row.getLong("version"),
            created = checkNotNull(row.getInstant("created")),
            changed = checkNotNull(row.getInstant("changed")),
        )
}
