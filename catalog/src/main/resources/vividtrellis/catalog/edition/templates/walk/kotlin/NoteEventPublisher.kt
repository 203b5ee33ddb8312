package {{package}}.{{messages}}

{{#byLayer}}
import {{package}}.domain.Note

{{/byLayer}}
/** Tells others what happened here. */
interface NoteEventPublisher {
    fun noteCreated(note: Note)
}
