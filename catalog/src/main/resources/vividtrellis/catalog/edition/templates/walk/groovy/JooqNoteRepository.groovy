package {{package}}.{{storage}}

import static {{package}}.{{storage}}.{{Entity}}Table.*

{{#byLayer}}
import {{package}}.domain.{{Entity}}
import {{package}}.domain.{{Entity}}Draft
import {{package}}.domain.{{Entity}}Repository
import {{package}}.domain.Stale{{Entity}}Exception
{{/byLayer}}
import java.time.Instant
import java.time.OffsetDateTime
import java.time.ZoneOffset
import org.jooq.DSLContext
import org.jooq.Record
import org.springframework.stereotype.Repository

/** Keeps {{entitiesWords}} in the database. */
@Repository
class Jooq{{Entity}}Repository implements {{Entity}}Repository {

    private final DSLContext database

    Jooq{{Entity}}Repository(DSLContext database) {
        this.database = database
    }

    @Override
    List<{{Entity}}> findAll(int page, int size) {
        database.select(EVERY_COLUMN).from(TABLE).orderBy(ID).offset((long) page * size).limit(size).fetch().collect { read(it) }
    }

    @Override
    Optional<{{Entity}}> findById(long id) {
        database.select(EVERY_COLUMN).from(TABLE).where(ID.eq(id)).fetchOptional().map { read(it) }
    }

    @Override
    {{Entity}} create({{Entity}}Draft draft, Instant now) {
        OffsetDateTime time = now.atOffset(ZoneOffset.UTC)
        def key = database.insertInto(TABLE)
{{#fields}}
                .set({{COLUMN}}, {{{toHeld}}})
{{/fields}}
                .set(VERSION, 0L)
                .set(CREATED, time)
                .set(CHANGED, time)
                .returningResult(ID)
                .fetchSingle()
        {{Entity}}.of(key.value1(), draft, now)
    }

    @Override
    {{Entity}} change({{Entity}} before, {{Entity}}Draft draft, Instant now) {
        int changed = database.update(TABLE)
{{#fields}}
                .set({{COLUMN}}, {{{toHeld}}})
{{/fields}}
                .set(VERSION, before.version + 1)
                .set(CHANGED, now.atOffset(ZoneOffset.UTC))
                .where(ID.eq(before.id), VERSION.eq(before.version))
                .execute()
        if (changed == 0) {
            throw new Stale{{Entity}}Exception(before.id)
        }
        before.with(draft, now)
    }

    @Override
    boolean remove(long id) {
        database.deleteFrom(TABLE).where(ID.eq(id)).execute() > 0
    }

    private static {{Entity}} read(Record row) {
        new {{Entity}}(
                row.get(ID),
{{#fields}}
                {{{read}}},
{{/fields}}
                row.get(VERSION),
                row.get(CREATED).toInstant(),
                row.get(CHANGED).toInstant())
    }
}
