package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.NoteRepository
{{/byLayer}}
import org.springframework.data.repository.findByIdOrNull
import org.springframework.stereotype.Repository

/** Keeps notes in the database. */
@Repository
class DatabaseNoteRepository(
    private val entities: NoteEntityRepository,
) : NoteRepository {
    override fun findAll() = entities.findAllByOrderById().map { it.toNote() }

    override fun findById(id: Long) = entities.findByIdOrNull(id)?.toNote()

    override fun create(
        title: String,
        body: String,
    ): Note = entities.save(NoteEntity({{#rowsAreRecords}}null, {{/rowsAreRecords}}title, body)).toNote()
}
