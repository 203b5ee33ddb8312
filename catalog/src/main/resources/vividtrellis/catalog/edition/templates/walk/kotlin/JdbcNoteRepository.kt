package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.{{Entity}}
import {{package}}.domain.{{Entity}}Draft
import {{package}}.domain.{{Entity}}Repository
import {{package}}.domain.Stale{{Entity}}Exception
{{/byLayer}}
import org.springframework.jdbc.core.simple.JdbcClient
import org.springframework.jdbc.support.GeneratedKeyHolder
import org.springframework.stereotype.Repository
import java.sql.ResultSet
import java.math.BigDecimal
import java.time.Instant
import java.time.LocalDate
import java.util.UUID
import java.time.OffsetDateTime
import java.time.ZoneOffset

private const val PAGE =
    """
    select * from {{entityTable}} order by id
{{#limitOffset}}
    limit :size offset :before
{{/limitOffset}}
{{^limitOffset}}
    offset :before rows fetch next :size rows only
{{/limitOffset}}
    """

private const val INSERT =
    """
    insert into {{entityTable}} ({{#list}}{{#fields}}{{column}}, {{/fields}}version, created, changed{{/list}})
    values ({{#list}}{{#fields}}:{{name}}, {{/fields}}0, :now, :now{{/list}})
    """

private const val UPDATE =
    """
    update {{entityTable}}
{{#fields}}
    {{#-first}}set{{/-first}}{{^-first}}   {{/-first}} {{column}} = :{{name}},
{{/fields}}
        version = version + 1,
        changed = :now
    where id = :id and version = :version
    """

/** Keeps {{entitiesWords}} in the database. */
@Repository
class Jdbc{{Entity}}Repository(
    private val database: JdbcClient,
) : {{Entity}}Repository {
    override fun findAll(
        page: Int,
        size: Int,
    ): List<{{Entity}}> =
        database
            .sql(PAGE)
            .param("size", size)
            .param("before", page.toLong() * size)
            .query { row, _ -> read(row) }
            .list()

    override fun findById(id: Long): {{Entity}}? =
        database
            .sql("select * from {{entityTable}} where id = :id")
            .param("id", id)
            .query { row, _ -> read(row) }
            .optional()
            .orElse(null)

    override fun create(
        draft: {{Entity}}Draft,
        now: Instant,
    ): {{Entity}} {
        val key = GeneratedKeyHolder()
        database
            .sql(INSERT)
{{#fields}}
            .param("{{name}}", {{{toHeld}}})
{{/fields}}
            .param("now", now.atOffset(ZoneOffset.UTC))
            .update(key, "id")
        return {{Entity}}.of(checkNotNull(key.key).toLong(), draft, now)
    }

    override fun change(
        before: {{Entity}},
        draft: {{Entity}}Draft,
        now: Instant,
    ): {{Entity}} {
        val changed =
            database
                .sql(UPDATE)
{{#fields}}
                .param("{{name}}", {{{toHeld}}})
{{/fields}}
                .param("now", now.atOffset(ZoneOffset.UTC))
                .param("id", before.id)
                .param("version", before.version)
                .update()
        if (changed == 0) {
            throw Stale{{Entity}}Exception(before.id)
        }
        return before.with(draft, now)
    }

    override fun remove(id: Long): Boolean =
        database
            .sql("delete from {{entityTable}} where id = :id")
            .param("id", id)
            .update() > 0

    private fun read(row: ResultSet) =
        {{Entity}}(
            id = row.getLong("id"),
{{#fields}}
            {{name}} = {{{read}}},
{{/fields}}
            version = row.getLong("version"),
            created = row.getObject("created", OffsetDateTime::class.java).toInstant(),
            changed = row.getObject("changed", OffsetDateTime::class.java).toInstant(),
        )
}
