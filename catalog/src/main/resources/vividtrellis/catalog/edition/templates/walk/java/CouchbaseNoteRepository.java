package {{package}}.{{storage}};

import com.couchbase.client.core.error.DocumentNotFoundException;
import com.couchbase.client.java.Collection;
import com.couchbase.client.java.json.JsonObject;
import com.couchbase.client.java.kv.IncrementOptions;
{{#byLayer}}
import {{package}}.domain.Note;
import {{package}}.domain.NoteRepository;
{{/byLayer}}
import java.util.List;
import java.util.Optional;
import java.util.stream.LongStream;
import org.springframework.data.couchbase.CouchbaseClientFactory;
import org.springframework.stereotype.Repository;

/** Keeps each note as a document, and counts them in one more. */
@Repository
class CouchbaseNoteRepository implements NoteRepository {

    private final Collection documents;

    CouchbaseNoteRepository(CouchbaseClientFactory bucket) {
        documents = bucket.getDefaultCollection();
    }

    @Override
    public List<Note> findAll() {
        return LongStream.rangeClosed(1, count(0))
                .boxed()
                .flatMap(id -> findById(id).stream())
                .toList();
    }

    @Override
    public Optional<Note> findById(long id) {
        try {
            JsonObject note = documents.get("note-" + id).contentAsObject();
            return Optional.of(new Note(id, note.getString("title"), note.getString("body")));
        } catch (DocumentNotFoundException e) {
            return Optional.empty();
        }
    }

    @Override
    public Note create(String title, String body) {
        long id = count(1);
        documents.insert("note-" + id, JsonObject.create().put("title", title).put("body", body));
        return new Note(id, title, body);
    }

    private long count(long more) {
        return documents
                .binary()
                .increment(
                        "notes", IncrementOptions.incrementOptions().delta(more).initial(more))
                .content();
    }
}
