package {{package}}.{{storage}};

import com.datastax.oss.driver.api.core.cql.Row;
import com.datastax.oss.driver.api.core.cql.SimpleStatement;
{{#byLayer}}
import {{package}}.domain.{{Entity}};
import {{package}}.domain.{{Entity}}Draft;
import {{package}}.domain.{{Entity}}Repository;
import {{package}}.domain.Stale{{Entity}}Exception;
{{/byLayer}}
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.data.cassandra.core.CassandraOperations;
import org.springframework.data.cassandra.core.cql.CqlOperations;
import org.springframework.stereotype.Repository;

/** Keeps {{entitiesWords}} in one partition, so that they come back in order; makes the table where there is none. */
@Repository
class Cassandra{{Entity}}Repository implements {{Entity}}Repository {

    private static final String KEYSPACE = "{{database}}";
    private static final String TABLE = KEYSPACE + ".{{entityTable}}";
    private static final String ALL = "select * from " + TABLE + " where kept_in = '{{entityPath}}'";

    private static final String MAKE_TABLE = "create table if not exists " + TABLE + """
             (
                kept_in text,
                id bigint,
{{#fields}}
                {{column}} {{columnType}},
{{/fields}}
                version bigint,
                created timestamp,
                changed timestamp,
                primary key (kept_in, id))
            """;

    private static final String INSERT = "insert into " + TABLE + """
             (kept_in, id,
{{#fields}}
                {{column}},
{{/fields}}
                version, created, changed)
            values ('{{entityPath}}', ?, {{#fields}}?, {{/fields}}0, ?, ?) if not exists
            """;

    private static final String UPDATE = "update " + TABLE + """
{{#fields}}
            {{#-first}} set{{/-first}}{{^-first}}    {{/-first}} {{column}} = ?,
{{/fields}}
                version = ?,
                changed = ?
            where kept_in = '{{entityPath}}' and id = ? if version = ?
            """;

    private final CqlOperations cassandra;

    Cassandra{{Entity}}Repository(CassandraOperations operations) {
        cassandra = operations.getCqlOperations();
        cassandra.execute("create keyspace if not exists " + KEYSPACE
                + " with replication = {'class': 'SimpleStrategy', 'replication_factor': 1}");
        cassandra.execute(MAKE_TABLE);
    }

    /** The server knows no pages but those that follow each other, so what lies before is read and left out. */
    @Override
    public List<{{Entity}}> findAll(int page, int size) {
        long before = (long) page * size;
        int limit = (int) Math.min(before + size, Integer.MAX_VALUE);
        return cassandra.query(ALL + " limit " + limit, (row, number) -> read(row)).stream()
                .skip(before)
                .toList();
    }

    @Override
    public Optional<{{Entity}}> findById(long id) {
        return cassandra.query(ALL + " and id = ?", (row, number) -> read(row), id).stream()
                .findFirst();
    }

    @Override
    public {{Entity}} create({{Entity}}Draft draft, Instant now) {
        long id = last() + 1;
        while (!execute({{#args}}INSERT, id, {{#fields}}{{{toHeld}}}, {{/fields}}now, now{{/args}})) {
            id++; // somebody else was quicker
        }
        return {{Entity}}.of(id, draft, now);
    }

    @Override
    public {{Entity}} change({{Entity}} before, {{Entity}}Draft draft, Instant now) {
        if (!execute({{#args}}UPDATE, {{#fields}}{{{toHeld}}}, {{/fields}}before.version() + 1, now, before.id(), before.version(){{/args}})) {
            throw new Stale{{Entity}}Exception(before.id());
        }
        return before.with(draft, now);
    }

    @Override
    public boolean remove(long id) {
        return execute({{#args}}"delete from " + TABLE + " where kept_in = '{{entityPath}}' and id = ? if exists", id{{/args}});
    }

    private boolean execute(String statement, {{#nullMarked}}@Nullable {{/nullMarked}}Object... values) {
        return cassandra.execute(SimpleStatement.newInstance(statement, values));
    }

    private long last() {
        return cassandra.query(ALL + " order by id desc limit 1", (row, number) -> row.getLong("id")).stream()
                .findFirst()
                .orElse(0L);
    }

    private static {{Entity}} read(Row row) {
        return new {{Entity}}(
                row.getLong("id"),
{{#fields}}
                {{{read}}},
{{/fields}}
                row.getLong("version"),
                row.getInstant("created"),
                row.getInstant("changed"));
    }
}
