package {{package}}.{{storage}};

{{#byLayer}}
import {{package}}.domain.{{Entity}};
import {{package}}.domain.{{Entity}}Draft;
import {{package}}.domain.{{Entity}}Repository;
import {{package}}.domain.Stale{{Entity}}Exception;
{{/byLayer}}
import java.math.BigDecimal;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicBoolean;
import org.neo4j.driver.types.MapAccessor;
import org.springframework.data.neo4j.core.Neo4jClient;
import org.springframework.stereotype.Repository;

/** Keeps {{entitiesWords}} as nodes of a graph. */
@Repository
class Neo4j{{Entity}}Repository implements {{Entity}}Repository {

    private static final String CREATE = """
            merge (c:Counter {of: '{{entityPath}}'}) set c.last = coalesce(c.last, 0) + 1
            create (n:{{Entity}} {id: c.last}) set n += $properties
            return n
            """;

    private static final String CHANGE = """
            match (n:{{Entity}} {id: $id, version: $version}) set n += $properties
            return n
            """;

    private final Neo4jClient graph;
{{#hasUniques}}
    private final AtomicBoolean unique = new AtomicBoolean();
{{/hasUniques}}

    Neo4j{{Entity}}Repository(Neo4jClient graph) {
        this.graph = graph;
    }

    @Override
    public List<{{Entity}}> findAll(int page, int size) {
        return List.copyOf(graph.query("match (n:{{Entity}}) return n order by n.id skip $before limit $size")
                .bindAll(Map.of("before", (long) page * size, "size", size))
                .fetchAs({{Entity}}.class)
                .mappedBy((types, found) -> read(found.get("n").asNode()))
                .all());
    }

    @Override
    public Optional<{{Entity}}> findById(long id) {
        return graph.query("match (n:{{Entity}} {id: $id}) return n")
                .bind(id)
                .to("id")
                .fetchAs({{Entity}}.class)
                .mappedBy((types, found) -> read(found.get("n").asNode()))
                .one();
    }

    @Override
    public {{Entity}} create({{Entity}}Draft draft, Instant now) {
{{#hasUniques}}
        keepUnique();
{{/hasUniques}}
        Map<String, Object> properties = properties(draft, now);
        properties.put("version", 0L);
        properties.put("created", now.atOffset(ZoneOffset.UTC));
        return graph.query(CREATE)
                .bind(properties)
                .to("properties")
                .fetchAs({{Entity}}.class)
                .mappedBy((types, found) -> read(found.get("n").asNode()))
                .one()
                .orElseThrow();
    }

    @Override
    public {{Entity}} change({{Entity}} before, {{Entity}}Draft draft, Instant now) {
        Map<String, Object> properties = properties(draft, now);
        properties.put("version", before.version() + 1);
        return graph.query(CHANGE)
                .bindAll(Map.of("id", before.id(), "version", before.version(), "properties", properties))
                .fetchAs({{Entity}}.class)
                .mappedBy((types, found) -> read(found.get("n").asNode()))
                .one()
                .orElseThrow(() -> new Stale{{Entity}}Exception(before.id()));
    }

    @Override
    public boolean remove(long id) {
        return graph.query("match (n:{{Entity}} {id: $id}) delete n")
                        .bind(id)
                        .to("id")
                        .run()
                        .counters()
                        .nodesDeleted()
                > 0;
    }
{{#hasUniques}}

    /** Asked for before the first is kept, so that the start needs no server; it stays from then on. */
    private void keepUnique() {
        if (!unique.getAndSet(true)) {
{{#uniques}}
            graph.query("create constraint {{entityTable}}_{{column}} if not exists"
                            + " for (n:{{Entity}}) require n.{{name}} is unique")
                    .run();
{{/uniques}}
        }
    }
{{/hasUniques}}

    /** A property that is null is taken away. */
    private static Map<String, Object> properties({{Entity}}Draft draft, Instant now) {
        Map<String, Object> properties = new HashMap<>();
{{#fields}}
        properties.put("{{name}}", {{{toHeld}}});
{{/fields}}
        properties.put("changed", now.atOffset(ZoneOffset.UTC));
        return properties;
    }

    private static {{Entity}} read(MapAccessor found) {
        return new {{Entity}}(
                found.get("id").asLong(),
{{#fields}}
                {{{read}}},
{{/fields}}
                found.get("version").asLong(),
                found.get("created").asOffsetDateTime().toInstant(),
                found.get("changed").asOffsetDateTime().toInstant());
    }
}
