package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.Notes
{{/byLayer}}
import org.springframework.stereotype.Repository

/** Keeps notes in the database. */
@Repository
class NotesByMapper(
    private val rows: NoteMapper,
) : Notes {
    override fun all() = rows.all().map { it.toNote() }

    override fun find(id: Long) = rows.find(id)?.toNote()

    override fun add(
        title: String,
        body: String,
    ): Note {
        val row = NoteRow(title, body)
        rows.add(row)
        return row.toNote()
    }
}
