package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.NoteRepository
{{/byLayer}}
import org.springframework.stereotype.Repository

/** Keeps notes in the database. */
@Repository
class MyBatisNoteRepository implements NoteRepository {

    private final NoteMapper mapper

    MyBatisNoteRepository(NoteMapper mapper) {
        this.mapper = mapper
    }

    @Override
    List<Note> findAll() {
        mapper.findAll()*.toNote()
    }

    @Override
    Optional<Note> findById(long id) {
        mapper.findById(id).map { it.toNote() }
    }

    @Override
    Note create(String title, String body) {
        def entity = new NoteEntity(title: title, body: body)
        mapper.insert(entity)
        entity.toNote()
    }
}
