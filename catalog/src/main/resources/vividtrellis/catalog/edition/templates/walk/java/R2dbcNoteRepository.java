package {{package}}.{{storage}};

{{#byLayer}}
import {{package}}.domain.{{Entity}};
import {{package}}.domain.{{Entity}}Draft;
import {{package}}.domain.{{Entity}}Repository;
import {{package}}.domain.Stale{{Entity}}Exception;
{{/byLayer}}
import io.r2dbc.spi.Parameter;
import io.r2dbc.spi.Parameters;
import io.r2dbc.spi.Readable;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
{{^flows}}
import java.util.List;
{{/flows}}
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.r2dbc.core.DatabaseClient;
import org.springframework.stereotype.Repository;
{{#flows}}
import reactor.core.publisher.Flux;
import reactor.core.publisher.Mono;
{{/flows}}

/** Keeps {{entitiesWords}} in the database{{^flows}}; waits for its answers, since who asks can wait{{/flows}}. */
@Repository
class R2dbc{{Entity}}Repository implements {{Entity}}Repository {

    private static final String PAGE = """
            select * from {{entityTable}} order by id
{{#limitOffset}}
            limit :size offset :before
{{/limitOffset}}
{{^limitOffset}}
            offset :before rows fetch next :size rows only
{{/limitOffset}}
            """;

    private static final String INSERT = """
            insert into {{entityTable}} ({{#list}}{{#fields}}{{column}}, {{/fields}}version, created, changed{{/list}})
            values ({{#list}}{{#fields}}:{{name}}, {{/fields}}0, :now, :now{{/list}})
            """;

    private static final String UPDATE = """
            update {{entityTable}}
{{#fields}}
            {{#-first}}set{{/-first}}{{^-first}}   {{/-first}} {{column}} = :{{name}},
{{/fields}}
                version = version + 1,
                changed = :now
            where id = :id and version = :version
            """;

    private final DatabaseClient database;

    R2dbc{{Entity}}Repository(DatabaseClient database) {
        this.database = database;
    }

    @Override
    public {{#flows}}Flux{{/flows}}{{^flows}}List{{/flows}}<{{Entity}}> findAll(int page, int size) {
        return database.sql(PAGE)
                .bind("size", size)
                .bind("before", (long) page * size)
                .map(R2dbc{{Entity}}Repository::read)
                .all(){{#flows}};{{/flows}}
{{^flows}}
                .toStream()
                .toList();
{{/flows}}
    }

    @Override
    public {{#flows}}Mono{{/flows}}{{^flows}}Optional{{/flows}}<{{Entity}}> findById(long id) {
        return database.sql("select * from {{entityTable}} where id = :id")
                .bind("id", id)
                .map(R2dbc{{Entity}}Repository::read)
                .one(){{#flows}};{{/flows}}
{{^flows}}
                .blockOptional();
{{/flows}}
    }

    @Override
    public {{#flows}}Mono<{{Entity}}>{{/flows}}{{^flows}}{{Entity}}{{/flows}} create({{Entity}}Draft draft, Instant now) {
        return database.sql(INSERT)
                .filter(statement -> statement.returnGeneratedValues("id"))
{{#fields}}
                .bind("{{name}}", {{{toBound}}})
{{/fields}}
                .bind("now", now.atOffset(ZoneOffset.UTC))
                .map(key -> {{Entity}}.of(number(key.get(0)), draft, now))
                .one(){{#flows}};{{/flows}}
{{^flows}}
                .blockOptional()
                .orElseThrow();
{{/flows}}
    }

    @Override
    public {{#flows}}Mono<{{Entity}}>{{/flows}}{{^flows}}{{Entity}}{{/flows}} change({{Entity}} before, {{Entity}}Draft draft, Instant now) {
{{#flows}}
        return database.sql(UPDATE)
{{#fields}}
                .bind("{{name}}", {{{toBound}}})
{{/fields}}
                .bind("now", now.atOffset(ZoneOffset.UTC))
                .bind("id", before.id())
                .bind("version", before.version())
                .fetch()
                .rowsUpdated()
                .flatMap(changed -> changed == 0
                        ? Mono.error(new Stale{{Entity}}Exception(before.id()))
                        : Mono.just(before.with(draft, now)));
{{/flows}}
{{^flows}}
        Long changed = database.sql(UPDATE)
{{#fields}}
                .bind("{{name}}", {{{toBound}}})
{{/fields}}
                .bind("now", now.atOffset(ZoneOffset.UTC))
                .bind("id", before.id())
                .bind("version", before.version())
                .fetch()
                .rowsUpdated()
                .block();
        if (changed == null || changed == 0) {
            throw new Stale{{Entity}}Exception(before.id());
        }
        return before.with(draft, now);
{{/flows}}
    }

    @Override
    public {{#flows}}Mono<Boolean>{{/flows}}{{^flows}}boolean{{/flows}} remove(long id) {
        return {{^flows}}Boolean.TRUE.equals({{/flows}}database.sql("delete from {{entityTable}} where id = :id")
                .bind("id", id)
                .fetch()
                .rowsUpdated()
                .map(removed -> removed > 0){{#flows}};{{/flows}}
{{^flows}}
                .block());
{{/flows}}
    }

    private static {{Entity}} read(Readable row) {
        return new {{Entity}}(
                number(row.get("id")),
{{#fields}}
                {{{read}}},
{{/fields}}
                number(row.get("version")),
                row.get("created", OffsetDateTime.class).toInstant(),
                row.get("changed", OffsetDateTime.class).toInstant());
    }

    /** Databases differ in what they count with. */
    private static long number(Object count) {
        return ((Number) count).longValue();
    }
{{#hasOptional}}

    /** A value, or that there is none. */
    private static Parameter orNull({{#nullMarked}}@Nullable {{/nullMarked}}Object value, Class<?> type) {
        return value == null ? Parameters.in(type) : Parameters.in(value);
    }
{{/hasOptional}}
}
