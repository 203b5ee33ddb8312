package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.NoteRepository
{{/byLayer}}
import org.springframework.stereotype.Repository
import java.util.concurrent.CopyOnWriteArrayList
import java.util.concurrent.atomic.AtomicLong

/** Keeps notes as long as the application runs. */
@Repository
class InMemoryNoteRepository : NoteRepository {
    private val last = AtomicLong()
    private val notes = CopyOnWriteArrayList<Note>()

    override fun findAll() = notes.toList()

    override fun findById(id: Long) = notes.find { it.id == id }

    override fun create(
        title: String,
        body: String,
    ) = Note(last.incrementAndGet(), title, body).also { notes += it }
}
