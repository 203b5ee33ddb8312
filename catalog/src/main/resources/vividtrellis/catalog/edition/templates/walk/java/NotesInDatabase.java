package {{package}}.{{storage}};

{{#byLayer}}
import {{package}}.domain.Note;
import {{package}}.domain.Notes;
{{/byLayer}}
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Repository;

/** Keeps notes in the database. */
@Repository
class NotesInDatabase implements Notes {

    private final NoteRows rows;

    NotesInDatabase(NoteRows rows) {
        this.rows = rows;
    }

    @Override
    public List<Note> all() {
        return rows.findAllByOrderById().stream().map(NoteRow::toNote).toList();
    }

    @Override
    public Optional<Note> find(long id) {
        return rows.findById(id).map(NoteRow::toNote);
    }

    @Override
    public Note add(String title, String body) {
        return rows.save(new NoteRow({{#rowsAreRecords}}null, {{/rowsAreRecords}}title, body)).toNote();
    }
}
