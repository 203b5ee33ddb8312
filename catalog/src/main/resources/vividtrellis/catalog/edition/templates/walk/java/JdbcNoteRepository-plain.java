package {{package}}.{{storage}};

{{#byLayer}}
{{#hasUniques}}
import {{package}}.domain.Duplicate{{Entity}}Exception;
{{/hasUniques}}
import {{package}}.domain.{{Entity}};
import {{package}}.domain.{{Entity}}Draft;
import {{package}}.domain.{{Entity}}Repository;
import {{package}}.domain.Stale{{Entity}}Exception;
{{/byLayer}}
import jakarta.enterprise.context.ApplicationScoped;
import jakarta.inject.Singleton;
import java.math.BigDecimal;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import javax.sql.DataSource;

/** Keeps {{entitiesWords}} in the database. */
@{{storageMark}}
class Jdbc{{Entity}}Repository implements {{Entity}}Repository {

    private static final String PAGE = """
            select * from {{entityTable}} order by id
{{#limitOffset}}
            limit ? offset ?
{{/limitOffset}}
{{^limitOffset}}
            offset ? rows fetch next ? rows only
{{/limitOffset}}
            """;

    private static final String INSERT = """
            insert into {{entityTable}} ({{#list}}{{#fields}}{{column}}, {{/fields}}version, created, changed{{/list}})
            values ({{#list}}{{#fields}}?, {{/fields}}0, ?, ?{{/list}})
            """;

    private static final String UPDATE = """
            update {{entityTable}}
{{#fields}}
            {{#-first}}set{{/-first}}{{^-first}}   {{/-first}} {{column}} = ?,
{{/fields}}
                version = version + 1,
                changed = ?
            where id = ? and version = ?
            """;

    private final DataSource database;

    Jdbc{{Entity}}Repository(DataSource database) {
        this.database = database;
    }

    @Override
    public List<{{Entity}}> findAll(int page, int size) {
        long before = (long) page * size;
{{#limitOffset}}
        return query(PAGE, size, before);
{{/limitOffset}}
{{^limitOffset}}
        return query(PAGE, before, size);
{{/limitOffset}}
    }

    @Override
    public Optional<{{Entity}}> findById(long id) {
        return query("select * from {{entityTable}} where id = ?", id).stream().findFirst();
    }

    @Override
    public {{Entity}} create({{Entity}}Draft draft, Instant now) {
        OffsetDateTime time = now.atOffset(ZoneOffset.UTC);
        try (Connection connection = database.getConnection();
                PreparedStatement statement = connection.prepareStatement(INSERT, new String[] {"id"})) {
            set(statement{{#args}}{{#fields}}, {{{toHeld}}}{{/fields}}{{/args}}, time, time);
            statement.executeUpdate();
            try (ResultSet keys = statement.getGeneratedKeys()) {
                keys.next();
                return {{Entity}}.of(keys.getLong(1), draft, now);
            }
        } catch (SQLException e) {
            throw failed("keeping {{an}} {{entityWords}}", e);
        }
    }

    @Override
    public {{Entity}} change({{Entity}} before, {{Entity}}Draft draft, Instant now) {
        int changed = update(UPDATE{{#args}}{{#fields}}, {{{toHeld}}}{{/fields}}{{/args}}, now.atOffset(ZoneOffset.UTC), before.id(), before.version());
        if (changed == 0) {
            throw new Stale{{Entity}}Exception(before.id());
        }
        return before.with(draft, now);
    }

    @Override
    public boolean remove(long id) {
        return update("delete from {{entityTable}} where id = ?", id) > 0;
    }

    private List<{{Entity}}> query(String sql, Object... parameters) {
        try (Connection connection = database.getConnection();
                PreparedStatement statement = connection.prepareStatement(sql)) {
            set(statement, parameters);
            List<{{Entity}}> found = new ArrayList<>();
            try (ResultSet rows = statement.executeQuery()) {
                while (rows.next()) {
                    found.add(read(rows));
                }
            }
            return found;
        } catch (SQLException e) {
            throw failed("reading {{entitiesWords}}", e);
        }
    }

    private int update(String sql, Object... parameters) {
        try (Connection connection = database.getConnection();
                PreparedStatement statement = connection.prepareStatement(sql)) {
            set(statement, parameters);
            return statement.executeUpdate();
        } catch (SQLException e) {
            throw failed("changing {{an}} {{entityWords}}", e);
        }
    }

{{#hasUniques}}
    /** States that begin with 23 say that a rule of the table was not kept: there is one with the same already. */
    private static RuntimeException failed(String what, SQLException e) {
        return e.getSQLState() != null && e.getSQLState().startsWith("23")
                ? new Duplicate{{Entity}}Exception()
                : new IllegalStateException(what + " failed in the database", e);
    }
{{/hasUniques}}
{{^hasUniques}}
    private static RuntimeException failed(String what, SQLException e) {
        return new IllegalStateException(what + " failed in the database", e);
    }
{{/hasUniques}}

    private static void set(PreparedStatement statement, Object... parameters) throws SQLException {
        for (int i = 0; i < parameters.length; i++) {
            statement.setObject(i + 1, parameters[i]);
        }
    }

    private static {{Entity}} read(ResultSet row) throws SQLException {
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
