package {{package}}.{{storage}};

{{#byLayer}}
import {{package}}.domain.{{Entity}};
import {{package}}.domain.{{Entity}}Draft;
import {{package}}.domain.{{Entity}}Repository;
import {{package}}.domain.Stale{{Entity}}Exception;
{{/byLayer}}
import java.math.BigDecimal;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.jdbc.support.KeyHolder;
import org.springframework.stereotype.Repository;

/** Keeps {{entitiesWords}} in the database. */
@Repository
class Jdbc{{Entity}}Repository implements {{Entity}}Repository {

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

    private final JdbcClient database;

    Jdbc{{Entity}}Repository(JdbcClient database) {
        this.database = database;
    }

    @Override
    public List<{{Entity}}> findAll(int page, int size) {
        return database.sql(PAGE)
                .param("size", size)
                .param("before", (long) page * size)
                .query(Jdbc{{Entity}}Repository::read)
                .list();
    }

    @Override
    public Optional<{{Entity}}> findById(long id) {
        return database.sql("select * from {{entityTable}} where id = :id")
                .param("id", id)
                .query(Jdbc{{Entity}}Repository::read)
                .optional();
    }

    @Override
    public {{Entity}} create({{Entity}}Draft draft, Instant now) {
        KeyHolder key = new GeneratedKeyHolder();
        database.sql(INSERT)
{{#fields}}
                .param("{{name}}", {{{toHeld}}})
{{/fields}}
                .param("now", now.atOffset(ZoneOffset.UTC))
                .update(key, "id");
        return {{Entity}}.of({{#nullMarked}}Objects.requireNonNull(key.getKeyAs(Number.class)){{/nullMarked}}{{^nullMarked}}key.getKeyAs(Number.class){{/nullMarked}}.longValue(), draft, now);
    }

    @Override
    public {{Entity}} change({{Entity}} before, {{Entity}}Draft draft, Instant now) {
        int changed = database.sql(UPDATE)
{{#fields}}
                .param("{{name}}", {{{toHeld}}})
{{/fields}}
                .param("now", now.atOffset(ZoneOffset.UTC))
                .param("id", before.id())
                .param("version", before.version())
                .update();
        if (changed == 0) {
            throw new Stale{{Entity}}Exception(before.id());
        }
        return before.with(draft, now);
    }

    @Override
    public boolean remove(long id) {
        return database.sql("delete from {{entityTable}} where id = :id").param("id", id).update() > 0;
    }

    private static {{Entity}} read(ResultSet row, int number) throws SQLException {
        return new {{Entity}}(
                row.getLong("id"),
{{#fields}}
                {{{read}}},
{{/fields}}
                row.getLong("version"),
                row.getObject("created", OffsetDateTime.class).toInstant(),
                row.getObject("changed", OffsetDateTime.class).toInstant());
    }
}
