package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Note
{{/byLayer}}
import org.springframework.data.annotation.Id

/** A note as a row of its table. */
data class NoteRow(
    @field:Id val id: Long?,
    val title: String,
    val body: String,
) {
    fun toNote() = Note(checkNotNull(id), title, body)
}
