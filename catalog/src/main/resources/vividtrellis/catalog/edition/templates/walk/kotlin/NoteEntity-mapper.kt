package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Note

{{/byLayer}}
/** A note as a row of its table. */
class NoteEntity(
    var title: String = "",
    var body: String = "",
) {
    var id: Long? = null

    fun toNote() = Note(checkNotNull(id), title, body)
}
