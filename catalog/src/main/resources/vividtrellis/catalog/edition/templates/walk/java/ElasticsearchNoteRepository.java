package {{package}}.{{storage}};

{{#byLayer}}
import {{package}}.domain.Note;
import {{package}}.domain.NoteRepository;
{{/byLayer}}
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.data.domain.Sort;
import org.springframework.data.elasticsearch.core.ElasticsearchOperations;
import org.springframework.data.elasticsearch.core.IndexOperations;
import org.springframework.data.elasticsearch.core.RefreshPolicy;
import org.springframework.data.elasticsearch.core.SearchHitsIterator;
import org.springframework.data.elasticsearch.core.query.Query;
import org.springframework.stereotype.Repository;

/** Keeps notes where they can be searched; makes the index where there is none. */
@Repository
class ElasticsearchNoteRepository implements NoteRepository {

    private final ElasticsearchOperations index;
    private final AtomicLong last = new AtomicLong();

    ElasticsearchNoteRepository(ElasticsearchOperations index) {
        this.index = index.withRefreshPolicy(RefreshPolicy.WAIT_UNTIL);
        IndexOperations notes = index.indexOps(NoteDocument.class);
        if (!notes.exists()) {
            notes.createWithMapping();
        }
    }

    @Override
    public List<Note> findAll() {
        Query all = Query.findAll().addSort(Sort.by("number"));
        try (SearchHitsIterator<NoteDocument> found = index.searchForStream(all, NoteDocument.class)) {
            return found.stream().map(hit -> hit.getContent().toNote()).toList();
        }
    }

    @Override
    public Optional<Note> findById(long id) {
        return Optional.ofNullable(index.get(Long.toString(id), NoteDocument.class))
                .map(NoteDocument::toNote);
    }

    @Override
    public Note create(String title, String body) {
        long id = next();
        return index.save(new NoteDocument(Long.toString(id), id, title, body)).toNote();
    }

    /** An index does not count, so numbers come from the clock: microseconds, each given once. */
    private long next() {
        return last.updateAndGet(before -> Math.max(before + 1, System.currentTimeMillis() * 1000));
    }
}
