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
class NotesByMapper implements Notes {

    private final NoteMapper rows;

    NotesByMapper(NoteMapper rows) {
        this.rows = rows;
    }

    @Override
    public List<Note> all() {
        return rows.all().stream().map(NoteRow::toNote).toList();
    }

    @Override
    public Optional<Note> find(long id) {
        return rows.find(id).map(NoteRow::toNote);
    }

    @Override
    public Note add(String title, String body) {
        NoteRow row = new NoteRow(title, body);
        rows.add(row);
        return row.toNote();
    }
}
