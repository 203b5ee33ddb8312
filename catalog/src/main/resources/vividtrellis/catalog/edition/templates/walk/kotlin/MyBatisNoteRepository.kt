package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.NoteRepository
{{/byLayer}}
import org.springframework.stereotype.Repository

/** Keeps notes in the database. */
@Repository
class MyBatisNoteRepository(
    private val mapper: NoteMapper,
) : NoteRepository {
    override fun findAll() = mapper.findAll().map { it.toNote() }

    override fun findById(id: Long) = mapper.findById(id)?.toNote()

    override fun create(
        title: String,
        body: String,
    ): Note {
        val entity = NoteEntity(title, body)
        mapper.insert(entity)
        return entity.toNote()
    }
}
