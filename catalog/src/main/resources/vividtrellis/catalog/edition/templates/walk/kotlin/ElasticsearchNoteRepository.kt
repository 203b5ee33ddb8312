package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.{{Entity}}
import {{package}}.domain.{{Entity}}Draft
import {{package}}.domain.{{Entity}}Repository
import {{package}}.domain.Stale{{Entity}}Exception
{{/byLayer}}
import org.springframework.dao.OptimisticLockingFailureException
import org.springframework.data.domain.PageRequest
import org.springframework.data.domain.Sort
import org.springframework.data.elasticsearch.core.ElasticsearchOperations
import org.springframework.data.elasticsearch.core.RefreshPolicy
import org.springframework.data.elasticsearch.core.query.Query
import org.springframework.stereotype.Repository
import java.time.Instant
import java.util.concurrent.atomic.AtomicLong

/** Further on, the server gives no pages. */
private const val LAST = 10_000

/** Keeps {{entitiesWords}} where they can be searched; makes the index where there is none. */
@Repository
class Elasticsearch{{Entity}}Repository(
    operations: ElasticsearchOperations,
) : {{Entity}}Repository {
    private val index = operations.withRefreshPolicy(RefreshPolicy.WAIT_UNTIL)
    private val last = AtomicLong()

    init {
        val documents = index.indexOps({{Entity}}Document::class.java)
        if (!documents.exists()) {
            documents.createWithMapping()
        }
    }

    override fun findAll(
        page: Int,
        size: Int,
    ): List<{{Entity}}> {
        if ((page + 1L) * size > LAST) {
            return emptyList()
        }
        val some = Query.findAll().setPageable<Query>(PageRequest.of(page, size, Sort.by("number")))
        return index.search(some, {{Entity}}Document::class.java).map { it.content.to{{Entity}}() }.toList()
    }

    override fun findById(id: Long): {{Entity}}? = document(id)?.to{{Entity}}()

    override fun create(
        draft: {{Entity}}Draft,
        now: Instant,
    ): {{Entity}} {
        val created = {{Entity}}.of(next(), draft, now)
        index.save({{Entity}}Document.of(created, null))
        return created
    }

    override fun change(
        before: {{Entity}},
        draft: {{Entity}}Draft,
        now: Instant,
    ): {{Entity}} {
        val changed = before.with(draft, now)
        val found = document(before.id)
        if (found?.version != before.version) {
            throw Stale{{Entity}}Exception(before.id)
        }
        try {
            index.save({{Entity}}Document.of(changed, found.written))
            return changed
        } catch (ignored: OptimisticLockingFailureException) {
            throw Stale{{Entity}}Exception(before.id)
        }
    }

    override fun remove(id: Long): Boolean {
        val there = document(id) != null
        index.delete(id.toString(), {{Entity}}Document::class.java)
        return there
    }

    private fun document(id: Long): {{Entity}}Document? = index.get(id.toString(), {{Entity}}Document::class.java)

    /** An index does not count, so numbers come from the clock: microseconds, each given once. */
    private fun next() = last.updateAndGet { before -> maxOf(before + 1, System.currentTimeMillis() * 1000) }
}
