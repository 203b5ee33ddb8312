package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.Notes
{{/byLayer}}
import java.util.concurrent.CopyOnWriteArrayList
import java.util.concurrent.atomic.AtomicLong
import org.springframework.stereotype.Repository

/** Keeps notes as long as the application runs. */
@Repository
class NotesInMemory implements Notes {

    private final AtomicLong last = new AtomicLong()
    private final List<Note> notes = new CopyOnWriteArrayList<>()

    @Override
    List<Note> all() {
        List.copyOf(notes)
    }

    @Override
    Optional<Note> find(long id) {
        Optional.ofNullable(notes.find { it.id == id })
    }

    @Override
    Note add(String title, String body) {
        def note = new Note(last.incrementAndGet(), title, body)
        notes.add(note)
        note
    }
}
