package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.Notes
{{/byLayer}}
import org.springframework.stereotype.Repository

/** Keeps notes in the database. */
@Repository
class NotesByMapper implements Notes {

    private final NoteMapper rows

    NotesByMapper(NoteMapper rows) {
        this.rows = rows
    }

    @Override
    List<Note> all() {
        rows.all()*.toNote()
    }

    @Override
    Optional<Note> find(long id) {
        rows.find(id).map { it.toNote() }
    }

    @Override
    Note add(String title, String body) {
        def row = new NoteRow(title: title, body: body)
        rows.add(row)
        row.toNote()
    }
}
