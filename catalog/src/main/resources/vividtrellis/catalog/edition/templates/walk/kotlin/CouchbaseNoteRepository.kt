package {{package}}.{{storage}}

import com.couchbase.client.core.error.DocumentNotFoundException
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
class CouchbaseNoteRepository(
    bucket: CouchbaseClientFactory,
) : NoteRepository {
    private val documents = bucket.defaultCollection

    override fun findAll(): List<Note> = (1..count(0)).mapNotNull { findById(it) }

    override fun findById(id: Long): Note? =
        try {
            val note = documents.get("note-" + id).contentAsObject()
            Note(id, note.getString("title"), note.getString("body"))
        } catch (ignored: DocumentNotFoundException) {
            null
        }

    override fun create(
        title: String,
        body: String,
    ): Note {
        val id = count(1)
        documents.insert("note-" + id, JsonObject.create().put("title", title).put("body", body))
        return Note(id, title, body)
    }

    private fun count(more: Long) =
        documents
            .binary()
            .increment("notes", IncrementOptions.incrementOptions().delta(more).initial(more))
            .content()
}
