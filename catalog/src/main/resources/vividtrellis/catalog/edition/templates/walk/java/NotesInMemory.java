package {{package}}.{{storage}};

{{#byLayer}}
import {{package}}.domain.Note;
import {{package}}.domain.Notes;
{{/byLayer}}
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.stereotype.Repository;

/** Keeps notes as long as the application runs. */
@Repository
class NotesInMemory implements Notes {

    private final AtomicLong last = new AtomicLong();
    private final List<Note> notes = new CopyOnWriteArrayList<>();

    @Override
    public List<Note> all() {
        return List.copyOf(notes);
    }

    @Override
    public Optional<Note> find(long id) {
        return notes.stream().filter(note -> note.id() == id).findFirst();
    }

    @Override
    public Note add(String title, String body) {
        Note note = new Note(last.incrementAndGet(), title, body);
        notes.add(note);
        return note;
    }
}
