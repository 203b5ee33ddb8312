package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.{{Entity}}
import {{package}}.domain.{{Entity}}Draft
import {{package}}.domain.{{Entity}}Repository
import {{package}}.domain.Stale{{Entity}}Exception
{{/byLayer}}
import java.sql.ResultSet
import java.time.Instant
import java.time.LocalDate
import java.time.OffsetDateTime
import java.time.ZoneOffset
import org.springframework.jdbc.core.RowMapper
import org.springframework.jdbc.core.simple.JdbcClient
import org.springframework.jdbc.support.GeneratedKeyHolder
import org.springframework.stereotype.Repository

/** Keeps {{entitiesWords}} in the database. */
@Repository
class Jdbc{{Entity}}Repository implements {{Entity}}Repository {

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

    private static final RowMapper<{{Entity}}> READ = { ResultSet row, int number ->
        new {{Entity}}(
                row.getLong('id'),
{{#fields}}
                {{{read}}},
{{/fields}}
                row.getLong('version'),
                row.getObject('created', OffsetDateTime).toInstant(),
                row.getObject('changed', OffsetDateTime).toInstant())
    }

    private final JdbcClient database

    Jdbc{{Entity}}Repository(JdbcClient database) {
        this.database = database
    }

    @Override
    List<{{Entity}}> findAll(int page, int size) {
        database.sql(PAGE).param('size', size).param('before', (long) page * size).query(READ).list()
    }

    @Override
    Optional<{{Entity}}> findById(long id) {
        database.sql('select * from {{entityTable}} where id = :id').param('id', id).query(READ).optional()
    }

    @Override
    {{Entity}} create({{Entity}}Draft draft, Instant now) {
        def key = new GeneratedKeyHolder()
        database.sql(INSERT)
{{#fields}}
                .param('{{name}}', {{{toHeld}}})
{{/fields}}
                .param('now', now.atOffset(ZoneOffset.UTC))
                .update(key, 'id')
        {{Entity}}.of(key.key.longValue(), draft, now)
    }

    @Override
    {{Entity}} change({{Entity}} before, {{Entity}}Draft draft, Instant now) {
        int changed = database.sql(UPDATE)
{{#fields}}
                .param('{{name}}', {{{toHeld}}})
{{/fields}}
                .param('now', now.atOffset(ZoneOffset.UTC))
                .param('id', before.id)
                .param('version', before.version)
                .update()
        if (changed == 0) {
            throw new Stale{{Entity}}Exception(before.id)
        }
        before.with(draft, now)
    }

    @Override
    boolean remove(long id) {
        database.sql('delete from {{entityTable}} where id = :id').param('id', id).update() > 0
    }
}
