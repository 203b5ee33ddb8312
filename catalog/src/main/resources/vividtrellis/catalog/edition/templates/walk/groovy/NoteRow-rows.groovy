package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Note
{{/byLayer}}
import org.springframework.data.annotation.Id

/** A note as a row of its table. */
class NoteRow {

    @Id
    Long id
    String title
    String body

    Note toNote() {
        new Note(id, title, body)
    }
}
