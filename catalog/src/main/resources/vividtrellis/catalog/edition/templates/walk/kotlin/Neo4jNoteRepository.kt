package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.{{Entity}}
import {{package}}.domain.{{Entity}}Draft
import {{package}}.domain.{{Entity}}Repository
import {{package}}.domain.Stale{{Entity}}Exception
{{/byLayer}}
import org.neo4j.driver.types.MapAccessor
import org.springframework.data.neo4j.core.Neo4jClient
import org.springframework.stereotype.Repository
import java.math.BigDecimal
import java.time.Instant
import java.time.LocalDate
import java.util.UUID
import java.time.ZoneOffset
import java.util.concurrent.atomic.AtomicBoolean

private const val CREATE =
    "merge (c:Counter {of: '{{entityPath}}'}) set c.last = coalesce(c.last, 0) + 1" +
        " create (n:{{Entity}} {id: c.last}) set n += \$properties return n"

private const val CHANGE =
    "match (n:{{Entity}} {id: \$id, version: \$version})" +
        " set n += \$properties return n"

/** Keeps {{entitiesWords}} as nodes of a graph. */
@Repository
class Neo4j{{Entity}}Repository(
    private val graph: Neo4jClient,
) : {{Entity}}Repository {
{{#hasUniques}}
    private val unique = AtomicBoolean()

{{/hasUniques}}
    override fun findAll(
        page: Int,
        size: Int,
    ): List<{{Entity}}> =
        graph
            .query("match (n:{{Entity}}) return n order by n.id skip \$before limit \$size")
            .bindAll(mapOf("before" to page.toLong() * size, "size" to size))
            .fetchAs({{Entity}}::class.java)
            .mappedBy { _, found -> read(found.get("n").asNode()) }
            .all()
            .toList()

    override fun findById(id: Long): {{Entity}}? =
        graph
            .query("match (n:{{Entity}} {id: \$id}) return n")
            .bind(id)
            .to("id")
            .fetchAs({{Entity}}::class.java)
            .mappedBy { _, found -> read(found.get("n").asNode()) }
            .one()
            .orElse(null)

    override fun create(
        draft: {{Entity}}Draft,
        now: Instant,
    ): {{Entity}} {
{{#hasUniques}}
        keepUnique()
{{/hasUniques}}
        val properties = properties(draft, now) + mapOf("version" to 0L, "created" to now.atOffset(ZoneOffset.UTC))
        return graph
            .query(CREATE)
            .bind(properties)
            .to("properties")
            .fetchAs({{Entity}}::class.java)
            .mappedBy { _, found -> read(found.get("n").asNode()) }
            .one()
            .orElseThrow()
    }

    override fun change(
        before: {{Entity}},
        draft: {{Entity}}Draft,
        now: Instant,
    ): {{Entity}} =
        graph
            .query(CHANGE)
            .bind(before.id)
            .to("id")
            .bind(before.version)
            .to("version")
            .bind(properties(draft, now) + mapOf("version" to before.version + 1))
            .to("properties")
            .fetchAs({{Entity}}::class.java)
            .mappedBy { _, found -> read(found.get("n").asNode()) }
            .one()
            .orElseThrow { Stale{{Entity}}Exception(before.id) }

    override fun remove(id: Long): Boolean =
        graph
            .query("match (n:{{Entity}} {id: \$id}) delete n")
            .bind(id)
            .to("id")
            .run()
            .counters()
            .nodesDeleted() > 0
{{#hasUniques}}

    /** Asked for before the first is kept, so that the start needs no server; it stays from then on. */
    private fun keepUnique() {
        if (!unique.getAndSet(true)) {
{{#uniques}}
            graph
                .query(
                    "create constraint {{entityTable}}_{{column}} if not exists" +
                        " for (n:{{Entity}}) require n.{{name}} is unique",
                ).run()
{{/uniques}}
        }
    }
{{/hasUniques}}

    /** A property that is null is taken away. */
    private fun properties(
        draft: {{Entity}}Draft,
        now: Instant,
    ): Map<String, Any?> =
        mapOf(
{{#fields}}
            "{{name}}" to {{{toHeld}}},
{{/fields}}
            "changed" to now.atOffset(ZoneOffset.UTC),
        )

    private fun read(found: MapAccessor) =
        {{Entity}}(
            id = found.get("id").asLong(),
{{#fields}}
            {{name}} = {{{read}}},
{{/fields}}
            version = found.get("version").asLong(),
            created = found.get("created").asOffsetDateTime().toInstant(),
            changed = found.get("changed").asOffsetDateTime().toInstant(),
        )
}
