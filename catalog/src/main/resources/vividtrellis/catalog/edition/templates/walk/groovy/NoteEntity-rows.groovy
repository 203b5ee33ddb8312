package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Note
{{/byLayer}}
import org.springframework.data.annotation.Id
import org.springframework.data.relational.core.mapping.Table

/** A note as a row of its table. */
@Table
class NoteEntity {

    @Id
    Long id
    String title
    String body

    Note toNote() {
        new Note(id, title, body)
    }
}
