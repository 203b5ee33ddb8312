package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.Notes
{{/byLayer}}
import org.springframework.stereotype.Repository

/** Keeps notes in the database. */
@Repository
class NotesInDatabase implements Notes {

    private final NoteRows rows

    NotesInDatabase(NoteRows rows) {
        this.rows = rows
    }

    @Override
    List<Note> all() {
        rows.findAllByOrderById()*.toNote()
    }

    @Override
    Optional<Note> find(long id) {
        rows.findById(id).map { it.toNote() }
    }

    @Override
    Note add(String title, String body) {
        rows.save(new NoteRow(title: title, body: body)).toNote()
    }
}
