package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.{{Entity}}
import {{package}}.domain.{{Entity}}Draft
import {{package}}.domain.{{Entity}}Repository
import {{package}}.domain.Stale{{Entity}}Exception
{{/byLayer}}
import org.jooq.DSLContext
import org.jooq.Record
import org.springframework.stereotype.Repository
import java.time.Instant
import java.time.ZoneOffset

/** Keeps {{entitiesWords}} in the database. */
@Repository
class Jooq{{Entity}}Repository(
    private val database: DSLContext,
) : {{Entity}}Repository {
    override fun findAll(
        page: Int,
        size: Int,
    ): List<{{Entity}}> =
        database
            .selectFrom({{Entity}}Table)
            .orderBy({{Entity}}Table.id)
            .offset(page.toLong() * size)
            .limit(size)
            .map { read(it) }

    override fun findById(id: Long): {{Entity}}? =
        database
            .selectFrom({{Entity}}Table)
            .where({{Entity}}Table.id.eq(id))
            .fetchOne()
            ?.let { read(it) }

    override fun create(
        draft: {{Entity}}Draft,
        now: Instant,
    ): {{Entity}} {
        val key =
            database
                .insertInto({{Entity}}Table)
{{#fields}}
                .set({{Entity}}Table.{{name}}, {{{toHeld}}})
{{/fields}}
                .set({{Entity}}Table.version, 0L)
                .set({{Entity}}Table.created, now.atOffset(ZoneOffset.UTC))
                .set({{Entity}}Table.changed, now.atOffset(ZoneOffset.UTC))
                .returningResult({{Entity}}Table.id)
                .fetchSingle()
        return {{Entity}}.of(checkNotNull(key.value1()), draft, now)
    }

    override fun change(
        before: {{Entity}},
        draft: {{Entity}}Draft,
        now: Instant,
    ): {{Entity}} {
        val changed =
            database
                .update({{Entity}}Table)
{{#fields}}
                .set({{Entity}}Table.{{name}}, {{{toHeld}}})
{{/fields}}
                .set({{Entity}}Table.version, before.version + 1)
                .set({{Entity}}Table.changed, now.atOffset(ZoneOffset.UTC))
                .where({{Entity}}Table.id.eq(before.id), {{Entity}}Table.version.eq(before.version))
                .execute()
        if (changed == 0) {
            throw Stale{{Entity}}Exception(before.id)
        }
        return before.with(draft, now)
    }

    override fun remove(id: Long): Boolean =
        database
            .deleteFrom({{Entity}}Table)
            .where({{Entity}}Table.id.eq(id))
            .execute() > 0

    private fun read(row: Record) =
        {{Entity}}(
            id = checkNotNull(row[{{Entity}}Table.id]),
{{#fields}}
            {{name}} = {{{read}}},
{{/fields}}
            version = checkNotNull(row[{{Entity}}Table.version]),
            created = checkNotNull(row[{{Entity}}Table.created]).toInstant(),
            changed = checkNotNull(row[{{Entity}}Table.changed]).toInstant(),
        )
}
