package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.NoteRepository
{{/byLayer}}
import org.springframework.data.domain.Sort
import org.springframework.data.elasticsearch.core.ElasticsearchOperations
import org.springframework.data.elasticsearch.core.RefreshPolicy
import org.springframework.data.elasticsearch.core.query.Query
import org.springframework.stereotype.Repository
import java.util.concurrent.atomic.AtomicLong

/** Keeps notes where they can be searched; makes the index where there is none. */
@Repository
class ElasticsearchNoteRepository(
    operations: ElasticsearchOperations,
) : NoteRepository {
    private val index = operations.withRefreshPolicy(RefreshPolicy.WAIT_UNTIL)
    private val last = AtomicLong()

    init {
        val notes = index.indexOps(NoteDocument::class.java)
        if (!notes.exists()) {
            notes.createWithMapping()
        }
    }

    override fun findAll(): List<Note> =
        index
            .searchForStream(Query.findAll().addSort<Query>(Sort.by("number")), NoteDocument::class.java)
            .use { found -> found.asSequence().map { it.content.toNote() }.toList() }

    override fun findById(id: Long): Note? = index.get(id.toString(), NoteDocument::class.java)?.toNote()

    override fun create(
        title: String,
        body: String,
    ): Note {
        val id = next()
        return index.save(NoteDocument(id.toString(), id, title, body)).toNote()
    }

    /** An index does not count, so numbers come from the clock: microseconds, each given once. */
    private fun next() = last.updateAndGet { before -> maxOf(before + 1, System.currentTimeMillis() * 1000) }
}
