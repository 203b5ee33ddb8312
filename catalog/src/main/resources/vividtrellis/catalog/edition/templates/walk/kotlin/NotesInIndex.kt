package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.Notes
{{/byLayer}}
import org.springframework.data.domain.Sort
import org.springframework.data.elasticsearch.core.ElasticsearchOperations
import org.springframework.data.elasticsearch.core.RefreshPolicy
import org.springframework.data.elasticsearch.core.query.Query
import org.springframework.stereotype.Repository
import java.util.concurrent.atomic.AtomicLong

/** Keeps notes where they can be searched; makes the index where there is none. */
@Repository
class NotesInIndex(
    operations: ElasticsearchOperations,
) : Notes {
    private val index = operations.withRefreshPolicy(RefreshPolicy.WAIT_UNTIL)
    private val last = AtomicLong()

    init {
        val notes = index.indexOps(NoteDocument::class.java)
        if (!notes.exists()) {
            notes.createWithMapping()
        }
    }

    override fun all(): List<Note> =
        index
            .searchForStream(Query.findAll().addSort<Query>(Sort.by("number")), NoteDocument::class.java)
            .use { found -> found.asSequence().map { it.content.toNote() }.toList() }

    override fun find(id: Long): Note? = index.get(id.toString(), NoteDocument::class.java)?.toNote()

    override fun add(
        title: String,
        body: String,
    ): Note {
        val id = next()
        return index.save(NoteDocument(id.toString(), id, title, body)).toNote()
    }

    /** An index does not count, so numbers come from the clock: microseconds, each given once. */
    private fun next() = last.updateAndGet { before -> maxOf(before + 1, System.currentTimeMillis() * 1000) }
}
