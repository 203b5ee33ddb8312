package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.Notes
{{/byLayer}}
import org.springframework.data.repository.findByIdOrNull
import org.springframework.stereotype.Repository

/** Keeps notes in the database. */
@Repository
class NotesInDatabase(
    private val rows: NoteRows,
) : Notes {
    override fun all() = rows.findAllByOrderById().map { it.toNote() }

    override fun find(id: Long) = rows.findByIdOrNull(id)?.toNote()

    override fun add(
        title: String,
        body: String,
    ): Note = rows.save(NoteRow({{#rowsAreRecords}}null, {{/rowsAreRecords}}title, body)).toNote()
}
