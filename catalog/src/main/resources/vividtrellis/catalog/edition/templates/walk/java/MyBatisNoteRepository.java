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
class MyBatisNoteRepository implements NoteRepository {

    private final NoteMapper mapper;

    MyBatisNoteRepository(NoteMapper mapper) {
        this.mapper = mapper;
    }

    @Override
    public List<Note> findAll() {
        return mapper.findAll().stream().map(NoteEntity::toNote).toList();
    }

    @Override
    public Optional<Note> findById(long id) {
        return mapper.findById(id).map(NoteEntity::toNote);
    }

    @Override
    public Note create(String title, String body) {
        NoteEntity entity = new NoteEntity(title, body);
        mapper.insert(entity);
        return entity.toNote();
    }
}
