package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.NoteRepository
{{/byLayer}}
import org.bson.Document
import org.springframework.data.domain.Sort
import org.springframework.data.mongodb.core.FindAndModifyOptions
import org.springframework.data.mongodb.core.MongoTemplate
import org.springframework.data.mongodb.core.query.Criteria.where
import org.springframework.data.mongodb.core.query.Query
import org.springframework.data.mongodb.core.query.Query.query
import org.springframework.data.mongodb.core.query.Update
import org.springframework.stereotype.Repository

/** Keeps notes as documents. */
@Repository
class MongoNoteRepository(
    private val documents: MongoTemplate,
) : NoteRepository {
    override fun findAll() =
        documents
            .find(Query().with(Sort.by("id")), NoteDocument::class.java)
            .map { it.toNote() }

    override fun findById(id: Long) = documents.findById(id, NoteDocument::class.java)?.toNote()

    override fun create(
        title: String,
        body: String,
    ): Note = documents.insert(NoteDocument(next(), title, body)).toNote()

    /** Counts in a document of its own, so that no number is given twice. */
    private fun next(): Long {
        val counted =
            documents.findAndModify(
                query(where("_id").`is`("notes")),
                Update().inc("last", 1L),
                FindAndModifyOptions.options().upsert(true).returnNew(true),
                Document::class.java,
                "counters",
            )
        return checkNotNull(counted).getLong("last")
    }
}
