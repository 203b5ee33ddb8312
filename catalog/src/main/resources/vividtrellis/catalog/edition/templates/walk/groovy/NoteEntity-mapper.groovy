package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Note

{{/byLayer}}
/** A note as a row of its table. */
class NoteEntity {

    Long id
    String title
    String body

    Note toNote() {
        new Note(id, title, body)
    }
}
