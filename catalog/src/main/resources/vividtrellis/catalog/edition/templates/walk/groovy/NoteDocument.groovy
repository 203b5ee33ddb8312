package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Note
{{/byLayer}}
import org.springframework.data.annotation.Id
import org.springframework.data.mongodb.core.mapping.Document

/** A note as a document. */
@Document('notes')
class NoteDocument {

    @Id
    long id

    String title
    String body

    Note toNote() {
        new Note(id, title, body)
    }
}
