package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Note
{{/byLayer}}
import org.springframework.data.annotation.Id
import org.springframework.data.relational.core.mapping.Table

/** A note as a row of its table. */
@Table
data class NoteEntity(
    @field:Id val id: Long?,
    val title: String,
    val body: String,
) {
    fun toNote() = Note(checkNotNull(id), title, body)
}
