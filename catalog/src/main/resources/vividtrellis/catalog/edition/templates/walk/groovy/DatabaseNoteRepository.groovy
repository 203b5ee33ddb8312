package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.NoteRepository
{{/byLayer}}
import org.springframework.stereotype.Repository

/** Keeps notes in the database. */
@Repository
class DatabaseNoteRepository implements NoteRepository {

    private final NoteEntityRepository entities

    DatabaseNoteRepository(NoteEntityRepository entities) {
        this.entities = entities
    }

    @Override
    List<Note> findAll() {
        entities.findAllByOrderById()*.toNote()
    }

    @Override
    Optional<Note> findById(long id) {
        entities.findById(id).map { it.toNote() }
    }

    @Override
    Note create(String title, String body) {
        entities.save(new NoteEntity(title: title, body: body)).toNote()
    }
}
