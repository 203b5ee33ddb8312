package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.{{Entity}}
import {{package}}.domain.{{Entity}}Draft
import {{package}}.domain.{{Entity}}Repository
import {{package}}.domain.Stale{{Entity}}Exception
{{/byLayer}}
import io.r2dbc.spi.Parameter
import io.r2dbc.spi.Parameters
import io.r2dbc.spi.Readable
import org.springframework.r2dbc.core.DatabaseClient
import org.springframework.stereotype.Repository
import reactor.core.publisher.Flux
import reactor.core.publisher.Mono
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

/** Keeps {{entitiesWords}} in the database{{^flows}}; waits for its answers, since who asks can wait{{/flows}}. */
@Repository
class R2dbc{{Entity}}Repository(
    private val database: DatabaseClient,
) : {{Entity}}Repository {
    override fun findAll(
        page: Int,
        size: Int,
    ): {{#flows}}Flux{{/flows}}{{^flows}}List{{/flows}}<{{Entity}}> =
        database
            .sql(PAGE)
            .bind("size", size)
            .bind("before", page.toLong() * size)
            .map { row: Readable -> read(row) }
            .all()
{{^flows}}
            .collectList()
            .block()
            .orEmpty()
{{/flows}}

    override fun findById(id: Long): {{#flows}}Mono<{{Entity}}>{{/flows}}{{^flows}}{{Entity}}?{{/flows}} =
        database
            .sql("select * from {{entityTable}} where id = :id")
            .bind("id", id)
            .map { row: Readable -> read(row) }
            .one()
{{^flows}}
            .block()
{{/flows}}

    override fun create(
        draft: {{Entity}}Draft,
        now: Instant,
    ): {{#flows}}Mono<{{Entity}}>{{/flows}}{{^flows}}{{Entity}}{{/flows}} =
        database
            .sql(INSERT)
            .filter { statement -> statement.returnGeneratedValues("id") }
{{#fields}}
            .bind("{{name}}", {{{toBound}}})
{{/fields}}
            .bind("now", now.atOffset(ZoneOffset.UTC))
            .map { key: Readable -> {{Entity}}.of(number(key.get(0)), draft, now) }
            .one()
{{^flows}}
            .blockOptional()
            .orElseThrow()
{{/flows}}

    override fun change(
        before: {{Entity}},
        draft: {{Entity}}Draft,
        now: Instant,
{{#flows}}
    ): Mono<{{Entity}}> =
        database
            .sql(UPDATE)
{{#fields}}
            .bind("{{name}}", {{{toBound}}})
{{/fields}}
            .bind("now", now.atOffset(ZoneOffset.UTC))
            .bind("id", before.id)
            .bind("version", before.version)
            .fetch()
            .rowsUpdated()
            .flatMap { changed ->
                if (changed == 0L) {
                    Mono.error(Stale{{Entity}}Exception(before.id))
                } else {
                    Mono.just(before.with(draft, now))
                }
            }
{{/flows}}
{{^flows}}
    ): {{Entity}} {
        val changed =
            database
                .sql(UPDATE)
{{#fields}}
                .bind("{{name}}", {{{toBound}}})
{{/fields}}
                .bind("now", now.atOffset(ZoneOffset.UTC))
                .bind("id", before.id)
                .bind("version", before.version)
                .fetch()
                .rowsUpdated()
                .block()
        if (changed == null || changed == 0L) {
            throw Stale{{Entity}}Exception(before.id)
        }
        return before.with(draft, now)
    }
{{/flows}}

    override fun remove(id: Long): {{#flows}}Mono<Boolean>{{/flows}}{{^flows}}Boolean{{/flows}} =
        database
            .sql("delete from {{entityTable}} where id = :id")
            .bind("id", id)
            .fetch()
            .rowsUpdated()
            .map { removed -> removed > 0 }
{{^flows}}
            .blockOptional()
            .orElse(false)
{{/flows}}

    private fun read(row: Readable) =
        {{Entity}}(
            id = number(row.get("id")),
{{#fields}}
            {{name}} = {{{read}}},
{{/fields}}
            version = number(row.get("version")),
            created = checkNotNull(row.get("created", OffsetDateTime::class.java)).toInstant(),
            changed = checkNotNull(row.get("changed", OffsetDateTime::class.java)).toInstant(),
        )

    /** Databases differ in what they count with. */
    private fun number(count: Any?) = (count as Number).toLong()
{{#hasOptional}}

    /** A value, or that there is none. */
    private fun orNull(
        value: Any?,
        type: Class<*>,
    ): Parameter = if (value == null) Parameters.`in`(type) else Parameters.`in`(value)
{{/hasOptional}}
}
