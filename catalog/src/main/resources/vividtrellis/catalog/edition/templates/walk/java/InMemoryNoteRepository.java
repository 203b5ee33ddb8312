package {{package}}.{{storage}};

{{#byLayer}}
import {{package}}.domain.Note;
import {{package}}.domain.NoteRepository;
{{/byLayer}}
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.stereotype.Repository;

/** Keeps notes as long as the application runs. */
@Repository
class InMemoryNoteRepository implements NoteRepository {

    private final AtomicLong last = new AtomicLong();
    private final List<Note> notes = new CopyOnWriteArrayList<>();

    @Override
    public List<Note> findAll() {
        return List.copyOf(notes);
    }

    @Override
    public Optional<Note> findById(long id) {
        return notes.stream().filter(note -> note.id() == id).findFirst();
    }

    @Override
    public Note create(String title, String body) {
        Note note = new Note(last.incrementAndGet(), title, body);
        notes.add(note);
        return note;
    }
}
