package {{package}}.{{messages}}

{{#byLayer}}
import {{package}}.domain.Note

{{/byLayer}}
/** Keeps what was announced, as long as a test runs. */
class FakeNoteEventPublisher implements NoteEventPublisher {

    final List<Note> told = []

    @Override
    void noteCreated(Note note) {
        told.add(note)
    }
}
