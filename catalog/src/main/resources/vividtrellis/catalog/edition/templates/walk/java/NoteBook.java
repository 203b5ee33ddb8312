package {{package}}.{{service}};

{{#byLayer}}
import {{package}}.domain.Note;
import {{package}}.domain.Notes;
{{/byLayer}}
{{#announces}}
{{#byLayer}}
import {{package}}.messages.Announcements;
{{/byLayer}}
{{/announces}}
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** What can be done with notes, whoever asks. */
@Service
public class NoteBook {

    private final Notes notes;
{{#announces}}
    private final Announcements announcements;

    public NoteBook(Notes notes, Announcements announcements) {
        this.notes = notes;
        this.announcements = announcements;
    }
{{/announces}}
{{^announces}}

    public NoteBook(Notes notes) {
        this.notes = notes;
    }
{{/announces}}

    public List<Note> all() {
        return notes.all();
    }

    public Optional<Note> find(long id) {
        return notes.find(id);
    }

    public Note write(String title, String body) {
{{#announces}}
        Note note = notes.add(title.strip(), body.strip());
        announcements.written(note);
        return note;
{{/announces}}
{{^announces}}
        return notes.add(title.strip(), body.strip());
{{/announces}}
    }
}
