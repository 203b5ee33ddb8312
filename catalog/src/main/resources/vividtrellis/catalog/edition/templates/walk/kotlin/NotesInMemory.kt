package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.Notes
{{/byLayer}}
import org.springframework.stereotype.Repository
import java.util.concurrent.CopyOnWriteArrayList
import java.util.concurrent.atomic.AtomicLong

/** Keeps notes as long as the application runs. */
@Repository
class NotesInMemory : Notes {
    private val last = AtomicLong()
    private val notes = CopyOnWriteArrayList<Note>()

    override fun all() = notes.toList()

    override fun find(id: Long) = notes.find { it.id == id }

    override fun add(
        title: String,
        body: String,
    ) = Note(last.incrementAndGet(), title, body).also { notes += it }
}
