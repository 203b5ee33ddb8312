package {{package}}.{{storage}};

import static {{package}}.{{storage}}.{{Entity}}Table.{{ENTITY}};

{{#byLayer}}
import {{package}}.domain.{{Entity}};
import {{package}}.domain.{{Entity}}Draft;
import {{package}}.domain.{{Entity}}Repository;
import {{package}}.domain.Stale{{Entity}}Exception;
{{/byLayer}}
import jakarta.inject.Singleton;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Repository;

/** Keeps {{entitiesWords}} in the database. */
@{{storageMark}}
class Jooq{{Entity}}Repository implements {{Entity}}Repository {

    private final DSLContext database;

    Jooq{{Entity}}Repository(DSLContext database) {
        this.database = database;
    }

    @Override
    public List<{{Entity}}> findAll(int page, int size) {
        return database.selectFrom({{ENTITY}})
                .orderBy({{ENTITY}}.id)
                .offset((long) page * size)
                .limit(size)
                .fetch(Jooq{{Entity}}Repository::read);
    }

    @Override
    public Optional<{{Entity}}> findById(long id) {
        return database.selectFrom({{ENTITY}}).where({{ENTITY}}.id.eq(id)).fetchOptional(Jooq{{Entity}}Repository::read);
    }

    @Override
    public {{Entity}} create({{Entity}}Draft draft, Instant now) {
        OffsetDateTime time = now.atOffset(ZoneOffset.UTC);
        return database.insertInto({{ENTITY}})
{{#fields}}
                .set({{ENTITY}}.{{name}}, {{{toHeld}}})
{{/fields}}
                .set({{ENTITY}}.version, 0L)
                .set({{ENTITY}}.created, time)
                .set({{ENTITY}}.changed, time)
                .returningResult({{ENTITY}}.id)
                .fetchSingle(key -> {{Entity}}.of(key.value1(), draft, now));
    }

    @Override
    public {{Entity}} change({{Entity}} before, {{Entity}}Draft draft, Instant now) {
        int changed = database.update({{ENTITY}})
{{#fields}}
                .set({{ENTITY}}.{{name}}, {{{toHeld}}})
{{/fields}}
                .set({{ENTITY}}.version, before.version() + 1)
                .set({{ENTITY}}.changed, now.atOffset(ZoneOffset.UTC))
                .where({{ENTITY}}.id.eq(before.id()), {{ENTITY}}.version.eq(before.version()))
                .execute();
        if (changed == 0) {
            throw new Stale{{Entity}}Exception(before.id());
        }
        return before.with(draft, now);
    }

    @Override
    public boolean remove(long id) {
        return database.deleteFrom({{ENTITY}}).where({{ENTITY}}.id.eq(id)).execute() > 0;
    }

    private static {{Entity}} read(Record row) {
        return new {{Entity}}(
                row.get({{ENTITY}}.id),
{{#fields}}
                {{{read}}},
{{/fields}}
                row.get({{ENTITY}}.version),
                row.get({{ENTITY}}.created).toInstant(),
                row.get({{ENTITY}}.changed).toInstant());
    }
}
