package {{package}}.{{messages}};

{{#byLayer}}
import {{package}}.domain.Note;
{{/byLayer}}
import java.util.ArrayList;
import java.util.List;
import org.springframework.context.annotation.Primary;

/** Keeps what was announced, as long as a test runs. */
@Primary
public class FakeNoteEventPublisher implements NoteEventPublisher {

    private final List<Note> told = new ArrayList<>();

    @Override
    public void noteCreated(Note note) {
        told.add(note);
    }

    public List<Note> told() {
        return List.copyOf(told);
    }
}
