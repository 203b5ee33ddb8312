package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.{{Entity}}
import {{package}}.domain.{{Entity}}Draft
import {{package}}.domain.{{Entity}}Repository
import {{package}}.domain.Stale{{Entity}}Exception
{{/byLayer}}
import com.mongodb.client.model.IndexOptions
import com.mongodb.client.model.Indexes
import org.bson.Document
import org.springframework.data.domain.PageRequest
import org.springframework.data.domain.Sort
import org.springframework.data.mongodb.core.FindAndModifyOptions
import org.springframework.data.mongodb.core.MongoTemplate
import org.springframework.data.mongodb.core.query.Criteria.where
import org.springframework.data.mongodb.core.query.Query
import org.springframework.data.mongodb.core.query.Query.query
import org.springframework.data.mongodb.core.query.Update
import org.springframework.stereotype.Repository
import java.time.Instant
import java.util.concurrent.atomic.AtomicBoolean

/** Keeps {{entitiesWords}} as documents. */
@Repository
class Mongo{{Entity}}Repository(
    private val documents: MongoTemplate,
) : {{Entity}}Repository {
{{#hasUniques}}
    private val unique = AtomicBoolean()

{{/hasUniques}}
    override fun findAll(
        page: Int,
        size: Int,
    ): List<{{Entity}}> =
        documents
            .find(Query().with(PageRequest.of(page, size, Sort.by("id"))), {{Entity}}Document::class.java)
            .map { it.to{{Entity}}() }

    override fun findById(id: Long): {{Entity}}? = documents.findById(id, {{Entity}}Document::class.java)?.to{{Entity}}()

    override fun create(
        draft: {{Entity}}Draft,
        now: Instant,
    ): {{Entity}} {
{{#hasUniques}}
        keepUnique()
{{/hasUniques}}
        val created = {{Entity}}.of(next(), draft, now)
        documents.insert({{Entity}}Document.of(created))
        return created
    }

    override fun change(
        before: {{Entity}},
        draft: {{Entity}}Draft,
        now: Instant,
    ): {{Entity}} {
        val changed = before.with(draft, now)
        val unlessChanged =
            query(
                where("id")
                    .`is`(before.id)
                    .and("version")
                    .`is`(before.version),
            )
        documents.findAndReplace(unlessChanged, {{Entity}}Document.of(changed)) ?: throw Stale{{Entity}}Exception(before.id)
        return changed
    }

    override fun remove(id: Long): Boolean {
        val one = query(where("id").`is`(id))
        return documents.remove(one, {{Entity}}Document::class.java).deletedCount > 0
    }
{{#hasUniques}}

    /** Asked for before the first is kept, so that the start needs no server; it stays from then on. */
    private fun keepUnique() {
        if (!unique.getAndSet(true)) {
{{#uniques}}
            documents
                .getCollection("{{entityPath}}")
                .createIndex(Indexes.ascending("{{name}}"), IndexOptions().unique(true).sparse(true))
{{/uniques}}
        }
    }
{{/hasUniques}}

    /** Counts in a document of its own, so that no number is given twice. */
    private fun next(): Long {
        val counted =
            documents.findAndModify(
                query(where("_id").`is`("{{entityPath}}")),
                Update().inc("last", 1L),
                FindAndModifyOptions.options().upsert(true).returnNew(true),
                Document::class.java,
                "counters",
            )
        return checkNotNull(counted).getLong("last")
    }
}
