package {{package}}.{{storage}}

import com.couchbase.client.core.error.CasMismatchException
import com.couchbase.client.core.error.DocumentNotFoundException
import com.couchbase.client.java.json.JsonObject
import com.couchbase.client.java.kv.IncrementOptions
import com.couchbase.client.java.kv.ReplaceOptions
{{#byLayer}}
import {{package}}.domain.{{Entity}}
import {{package}}.domain.{{Entity}}Draft
import {{package}}.domain.{{Entity}}Repository
import {{package}}.domain.Stale{{Entity}}Exception
{{/byLayer}}
import org.springframework.data.couchbase.CouchbaseClientFactory
import org.springframework.stereotype.Repository
import java.math.BigDecimal
import java.time.Instant
import java.time.LocalDate
import java.util.UUID

/** Keeps each {{entityWords}} as a document, and counts them in one more. */
@Repository
class Couchbase{{Entity}}Repository(
    bucket: CouchbaseClientFactory,
) : {{Entity}}Repository {
    private val documents = bucket.defaultCollection

    override fun findAll(
        page: Int,
        size: Int,
    ): List<{{Entity}}> =
        (1..count(0))
            .asSequence()
            .mapNotNull { findById(it) }
            .drop(page * size)
            .take(size)
            .toList()

    override fun findById(id: Long): {{Entity}}? =
        try {
            read(id, documents.get(key(id)).contentAsObject())
        } catch (ignored: DocumentNotFoundException) {
            null
        }

    override fun create(
        draft: {{Entity}}Draft,
        now: Instant,
    ): {{Entity}} {
        val created = {{Entity}}.of(count(1), draft, now)
        documents.insert(key(created.id), document(created, draft))
        return created
    }

    override fun change(
        before: {{Entity}},
        draft: {{Entity}}Draft,
        now: Instant,
    ): {{Entity}} {
        val changed = before.with(draft, now)
        try {
            val found = documents.get(key(before.id))
            if (found.contentAsObject().getLong("version") != before.version) {
                throw Stale{{Entity}}Exception(before.id)
            }
            val unlessChanged = ReplaceOptions.replaceOptions().cas(found.cas())
            documents.replace(key(before.id), document(changed, draft), unlessChanged)
            return changed
        } catch (ignored: DocumentNotFoundException) {
            throw Stale{{Entity}}Exception(before.id)
        } catch (ignored: CasMismatchException) {
            throw Stale{{Entity}}Exception(before.id)
        }
    }

    override fun remove(id: Long): Boolean =
        try {
            documents.remove(key(id))
            true
        } catch (ignored: DocumentNotFoundException) {
            false
        }

    private fun count(more: Long) =
        documents
            .binary()
            .increment("{{entityPath}}", IncrementOptions.incrementOptions().delta(more).initial(more))
            .content()

    private fun key(id: Long) = "{{entityPath}}-" + id

    private fun document(
        {{entity}}: {{Entity}},
        draft: {{Entity}}Draft,
    ): JsonObject =
        JsonObject
            .create()
{{#fields}}
            .put("{{name}}", {{{toHeld}}})
{{/fields}}
            .put("version", {{entity}}.version)
            .put("created", {{entity}}.created.toString())
            .put("changed", {{entity}}.changed.toString())

    private fun read(
        id: Long,
        found: JsonObject,
    ) = {{Entity}}(
        id = id,
{{#fields}}
        {{name}} = {{{read}}},
{{/fields}}
        version = found.getLong("version"),
        created = Instant.parse(found.getString("created")),
        changed = Instant.parse(found.getString("changed")),
    )
}
