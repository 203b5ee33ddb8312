package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Note
{{/byLayer}}
import org.springframework.data.annotation.Id
import org.springframework.data.mongodb.core.mapping.Document

/** A note as a document. */
@Document("notes")
data class NoteDocument(
    @Id val id: Long,
    val title: String,
    val body: String,
) {
    fun toNote() = Note(id, title, body)
}
