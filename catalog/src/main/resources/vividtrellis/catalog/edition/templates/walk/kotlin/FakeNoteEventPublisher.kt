package {{package}}.{{messages}}

{{#byLayer}}
import {{package}}.domain.Note

{{/byLayer}}
/** Keeps what was announced, as long as a test runs. */
class FakeNoteEventPublisher : NoteEventPublisher {
    val told = mutableListOf<Note>()

    override fun noteCreated(note: Note) {
        told.add(note)
    }
}
