package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.NoteRepository
{{/byLayer}}
import java.util.concurrent.CopyOnWriteArrayList
import java.util.concurrent.atomic.AtomicLong
import org.springframework.stereotype.Repository

/** Keeps notes as long as the application runs. */
@Repository
class InMemoryNoteRepository implements NoteRepository {

    private final AtomicLong last = new AtomicLong()
    private final List<Note> notes = new CopyOnWriteArrayList<>()

    @Override
    List<Note> findAll() {
        List.copyOf(notes)
    }

    @Override
    Optional<Note> findById(long id) {
        Optional.ofNullable(notes.find { it.id == id })
    }

    @Override
    Note create(String title, String body) {
        def note = new Note(last.incrementAndGet(), title, body)
        notes.add(note)
        note
    }
}
