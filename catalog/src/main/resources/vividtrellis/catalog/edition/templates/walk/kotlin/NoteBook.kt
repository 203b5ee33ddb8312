package {{package}}.{{service}}

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.Notes
{{/byLayer}}
{{#announces}}
{{#byLayer}}
import {{package}}.messages.Announcements
{{/byLayer}}
{{/announces}}
import org.springframework.stereotype.Service

/** What can be done with notes, whoever asks. */
@Service
class NoteBook(
    private val notes: Notes,
{{#announces}}
    private val announcements: Announcements,
{{/announces}}
) {
    fun all(): List<Note> = notes.all()

    fun find(id: Long): Note? = notes.find(id)

    fun write(
        title: String,
        body: String,
    ): Note = notes.add(title.trim(), body.trim()){{#announces}}.also(announcements::written){{/announces}}
}
