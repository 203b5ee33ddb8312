package {{package}}.{{storage}}

import com.couchbase.client.core.error.DocumentNotFoundException
import com.couchbase.client.java.Collection as Documents
import com.couchbase.client.java.json.JsonObject
import com.couchbase.client.java.kv.IncrementOptions
{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.NoteRepository
{{/byLayer}}
import org.springframework.data.couchbase.CouchbaseClientFactory
import org.springframework.stereotype.Repository

/** Keeps each note as a document, and counts them in one more. */
@Repository
class CouchbaseNoteRepository implements NoteRepository {

    private final Documents documents

    CouchbaseNoteRepository(CouchbaseClientFactory bucket) {
        documents = bucket.defaultCollection
    }

    @Override
    List<Note> findAll() {
        long last = count(0)
        (last ? (1..last) : []).collect { findById(it).orElse(null) }.findAll()
    }

    @Override
    Optional<Note> findById(long id) {
        try {
            def note = documents.get('note-' + id).contentAsObject()
            Optional.of(new Note(id, note.getString('title'), note.getString('body')))
        } catch (DocumentNotFoundException ignored) {
            Optional.empty()
        }
    }

    @Override
    Note create(String title, String body) {
        long id = count(1)
        documents.insert('note-' + id, JsonObject.create().put('title', title).put('body', body))
        new Note(id, title, body)
    }

    private long count(long more) {
        documents.binary().increment('notes', IncrementOptions.incrementOptions().delta(more).initial(more)).content()
    }
}
