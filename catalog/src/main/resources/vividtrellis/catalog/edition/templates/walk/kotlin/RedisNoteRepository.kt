package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.{{Entity}}
import {{package}}.domain.{{Entity}}Draft
import {{package}}.domain.{{Entity}}Repository
import {{package}}.domain.Stale{{Entity}}Exception
{{/byLayer}}
import org.springframework.data.redis.core.StringRedisTemplate
import org.springframework.data.redis.core.script.DefaultRedisScript
import org.springframework.stereotype.Repository
import java.math.BigDecimal
import java.time.Instant
import java.time.LocalDate
import java.util.UUID

private const val LIST = "{{entityPath}}"

/** Replaces what is kept under a key in one step, if it is still at a version. */
private val REPLACE =
    DefaultRedisScript(
        """
        if redis.call('hget', KEYS[1], 'version') ~= ARGV[1] then
            return false
        end
        redis.call('del', KEYS[1])
        redis.call('hset', KEYS[1], unpack(ARGV, 2))
        return true
        """,
        Boolean::class.javaObjectType,
    )

/** Keeps each {{entityWords}} under a key of its own, and their numbers in a list. */
@Repository
class Redis{{Entity}}Repository(
    private val redis: StringRedisTemplate,
) : {{Entity}}Repository {
    private val hashes = redis.opsForHash<String, String>()

    override fun findAll(
        page: Int,
        size: Int,
    ): List<{{Entity}}> {
        val before = page.toLong() * size
        return redis
            .opsForList()
            .range(LIST, before, before + size - 1)
            .orEmpty()
            .mapNotNull { findById(it.toLong()) }
    }

    override fun findById(id: Long): {{Entity}}? =
        hashes
            .entries(key(id))
            .takeIf { it.isNotEmpty() }
            ?.let { read(id, it) }

    override fun create(
        draft: {{Entity}}Draft,
        now: Instant,
    ): {{Entity}} {
        val id = checkNotNull(redis.opsForValue().increment("{{entityPath}}:last"))
        val created = {{Entity}}.of(id, draft, now)
        hashes.putAll(key(id), hash(created, draft))
        redis.opsForList().rightPush(LIST, id.toString())
        return created
    }

    override fun change(
        before: {{Entity}},
        draft: {{Entity}}Draft,
        now: Instant,
    ): {{Entity}} {
        val changed = before.with(draft, now)
        val arguments = hash(changed, draft).flatMap { (name, value) -> listOf(name, value) }
        val replaced =
            redis.execute(
                REPLACE,
                listOf(key(before.id)),
                before.version.toString(),
                *arguments.toTypedArray(),
            )
        if (replaced != true) {
            throw Stale{{Entity}}Exception(before.id)
        }
        return changed
    }

    override fun remove(id: Long): Boolean {
        redis.opsForList().remove(LIST, 1, id.toString())
        return redis.delete(key(id))
    }

    private fun key(id: Long) = LIST + ":" + id

    /** All as texts; what is missing is not in it. */
    private fun hash(
        {{entity}}: {{Entity}},
        draft: {{Entity}}Draft,
    ): Map<String, String> =
        buildMap {
{{#fields}}
{{#optional}}
            draft.{{name}}?.let { put("{{name}}", {{{toHeld}}}) }
{{/optional}}
{{#required}}
            put("{{name}}", {{{toHeld}}})
{{/required}}
{{/fields}}
            put("version", {{entity}}.version.toString())
            put("created", {{entity}}.created.toString())
            put("changed", {{entity}}.changed.toString())
        }

    private fun read(
        id: Long,
        found: Map<String, String>,
    ) = {{Entity}}(
        id = id,
{{#fields}}
        {{name}} = {{{read}}},
{{/fields}}
        version = found.getValue("version").toLong(),
        created = Instant.parse(found.getValue("created")),
        changed = Instant.parse(found.getValue("changed")),
    )
}
