package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.NoteRepository
{{/byLayer}}
import java.util.concurrent.atomic.AtomicLong
import org.springframework.data.domain.Sort
import org.springframework.data.elasticsearch.core.ElasticsearchOperations
import org.springframework.data.elasticsearch.core.RefreshPolicy
import org.springframework.data.elasticsearch.core.query.Query
import org.springframework.stereotype.Repository

/** Keeps notes where they can be searched; makes the index where there is none. */
@Repository
class ElasticsearchNoteRepository implements NoteRepository {

    private final ElasticsearchOperations index
    private final AtomicLong last = new AtomicLong()

    ElasticsearchNoteRepository(ElasticsearchOperations index) {
        this.index = index.withRefreshPolicy(RefreshPolicy.WAIT_UNTIL)
        def notes = index.indexOps(NoteDocument)
        if (!notes.exists()) {
            notes.createWithMapping()
        }
    }

    @Override
    List<Note> findAll() {
        index.searchForStream(Query.findAll().addSort(Sort.by('number')), NoteDocument).withCloseable { found ->
            found.collect { it.content.toNote() }
        }
    }

    @Override
    Optional<Note> findById(long id) {
        Optional.ofNullable(index.get(id as String, NoteDocument)).map { it.toNote() }
    }

    @Override
    Note create(String title, String body) {
        long id = next()
        index.save(new NoteDocument(id: id, number: id, title: title, body: body)).toNote()
    }

    /** An index does not count, so numbers come from the clock: microseconds, each given once. */
    private long next() {
        last.updateAndGet { long before -> Math.max(before + 1, System.currentTimeMillis() * 1000) }
    }
}
