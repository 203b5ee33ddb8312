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
import java.time.Instant
import java.time.LocalDate
import java.time.OffsetDateTime
import java.time.ZoneOffset
import org.springframework.r2dbc.core.DatabaseClient
import org.springframework.stereotype.Repository
import reactor.core.publisher.Flux
import reactor.core.publisher.Mono

/** Keeps {{entitiesWords}} in the database{{^flows}}; waits for its answers, since who asks can wait{{/flows}}. */
@Repository
class R2dbc{{Entity}}Repository implements {{Entity}}Repository {

    private static final String PAGE = '''
            select * from {{entityTable}} order by id
{{#limitOffset}}
            limit :size offset :before
{{/limitOffset}}
{{^limitOffset}}
            offset :before rows fetch next :size rows only
{{/limitOffset}}
            '''

    private static final String INSERT = '''
            insert into {{entityTable}} ({{#list}}{{#fields}}{{column}}, {{/fields}}version, created, changed{{/list}})
            values ({{#list}}{{#fields}}:{{name}}, {{/fields}}0, :now, :now{{/list}})
            '''

    private static final String UPDATE = '''
            update {{entityTable}}
{{#fields}}
            {{#-first}}set{{/-first}}{{^-first}}   {{/-first}} {{column}} = :{{name}},
{{/fields}}
                version = version + 1,
                changed = :now
            where id = :id and version = :version
            '''

    private final DatabaseClient database

    R2dbc{{Entity}}Repository(DatabaseClient database) {
        this.database = database
    }

    @Override
    {{#flows}}Flux{{/flows}}{{^flows}}List{{/flows}}<{{Entity}}> findAll(int page, int size) {
        database.sql(PAGE)
                .bind('size', size)
                .bind('before', (long) page * size)
                .map { Readable row -> read(row) }
                .all(){{^flows}}.collectList().block(){{/flows}}
    }

    @Override
    {{#flows}}Mono{{/flows}}{{^flows}}Optional{{/flows}}<{{Entity}}> findById(long id) {
        database.sql('select * from {{entityTable}} where id = :id')
                .bind('id', id)
                .map { Readable row -> read(row) }
                .one(){{^flows}}.blockOptional(){{/flows}}
    }

    @Override
    {{#flows}}Mono<{{Entity}}>{{/flows}}{{^flows}}{{Entity}}{{/flows}} create({{Entity}}Draft draft, Instant now) {
        database.sql(INSERT)
                .filter { statement -> statement.returnGeneratedValues('id') }
{{#fields}}
                .bind('{{name}}', {{{toBound}}})
{{/fields}}
                .bind('now', now.atOffset(ZoneOffset.UTC))
                .map { Readable key -> {{Entity}}.of(key.get(0) as long, draft, now) }
                .one(){{^flows}}.block(){{/flows}}
    }

    @Override
    {{#flows}}Mono<{{Entity}}>{{/flows}}{{^flows}}{{Entity}}{{/flows}} change({{Entity}} before, {{Entity}}Draft draft, Instant now) {
        {{#flows}}database{{/flows}}{{^flows}}Long changed = database{{/flows}}.sql(UPDATE)
{{#fields}}
                .bind('{{name}}', {{{toBound}}})
{{/fields}}
                .bind('now', now.atOffset(ZoneOffset.UTC))
                .bind('id', before.id)
                .bind('version', before.version)
                .fetch()
                .rowsUpdated()
{{#flows}}
                .flatMap { changed ->
                    changed == 0 ? Mono.error(new Stale{{Entity}}Exception(before.id)) : Mono.just(before.with(draft, now))
                }
{{/flows}}
{{^flows}}
                .block()
        if (!changed) {
            throw new Stale{{Entity}}Exception(before.id)
        }
        before.with(draft, now)
{{/flows}}
    }

    @Override
    {{#flows}}Mono<Boolean>{{/flows}}{{^flows}}boolean{{/flows}} remove(long id) {
        database.sql('delete from {{entityTable}} where id = :id')
                .bind('id', id)
                .fetch()
                .rowsUpdated()
                .map { it > 0 }{{^flows}}.block(){{/flows}}
    }

    private static {{Entity}} read(Readable row) {
        new {{Entity}}(
                row.get('id') as long,
{{#fields}}
                {{{read}}},
{{/fields}}
                row.get('version') as long,
                row.get('created', OffsetDateTime).toInstant(),
                row.get('changed', OffsetDateTime).toInstant())
    }
{{#hasOptional}}

    /** A value, or that there is none. */
    private static Parameter orNull(Object value, Class<?> type) {
        value == null ? Parameters.in(type) : Parameters.in(value)
    }
{{/hasOptional}}
}
