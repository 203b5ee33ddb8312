package {{package}}.{{storage}};

{{#byLayer}}
import {{package}}.domain.Note;
import {{package}}.domain.NoteRepository;
{{/byLayer}}
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Repository;

/** Keeps notes in the database. */
@Repository
class DatabaseNoteRepository implements NoteRepository {

    private final NoteEntityRepository entities;

    DatabaseNoteRepository(NoteEntityRepository entities) {
        this.entities = entities;
    }

    @Override
    public List<Note> findAll() {
        return entities.findAllByOrderById().stream().map(NoteEntity::toNote).toList();
    }

    @Override
    public Optional<Note> findById(long id) {
        return entities.findById(id).map(NoteEntity::toNote);
    }

    @Override
    public Note create(String title, String body) {
        return entities.save(new NoteEntity({{#rowsAreRecords}}null, {{/rowsAreRecords}}title, body)).toNote();
    }
}
