package {{package}}.{{messages}}

{{#byLayer}}
import {{package}}.domain.Note
{{/byLayer}}
import org.springframework.context.annotation.Primary

/** Keeps what was announced, as long as a test runs. */
@Primary
class FakeNoteEventPublisher implements NoteEventPublisher {

    final List<Note> told = []

    @Override
    void noteCreated(Note note) {
        told.add(note)
    }
}
