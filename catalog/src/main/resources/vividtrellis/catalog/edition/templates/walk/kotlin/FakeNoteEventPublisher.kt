package {{package}}.{{messages}}

{{#byLayer}}
import {{package}}.domain.Note
{{/byLayer}}
import org.springframework.context.annotation.Primary

/** Keeps what was announced, as long as a test runs. */
@Primary
class FakeNoteEventPublisher : NoteEventPublisher {
    val told = mutableListOf<Note>()

    override fun noteCreated(note: Note) {
        told.add(note)
    }
}
