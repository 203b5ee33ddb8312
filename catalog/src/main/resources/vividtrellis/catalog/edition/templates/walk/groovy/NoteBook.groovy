package {{package}}.{{service}}

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.Notes
{{/byLayer}}
{{#announces}}
{{#byLayer}}
import {{package}}.messages.Announcements
{{/byLayer}}
{{/announces}}
import org.springframework.stereotype.Service

/** What can be done with notes, whoever asks. */
@Service
class NoteBook {

    private final Notes notes
{{#announces}}
    private final Announcements announcements

    NoteBook(Notes notes, Announcements announcements) {
        this.notes = notes
        this.announcements = announcements
    }
{{/announces}}
{{^announces}}

    NoteBook(Notes notes) {
        this.notes = notes
    }
{{/announces}}

    List<Note> all() {
        return notes.all()
    }

    Optional<Note> find(long id) {
        return notes.find(id)
    }

    Note write(String title, String body) {
{{#announces}}
        Note note = notes.add(title.strip(), body.strip())
        announcements.written(note)
        return note
{{/announces}}
{{^announces}}
        return notes.add(title.strip(), body.strip())
{{/announces}}
    }
}
