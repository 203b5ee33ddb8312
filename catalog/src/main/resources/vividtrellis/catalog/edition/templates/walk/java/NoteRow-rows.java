package {{package}}.{{storage}};

{{#byLayer}}
import {{package}}.domain.Note;
{{/byLayer}}
import org.springframework.data.annotation.Id;

/** A note as a row of its table. */
record NoteRow(@Id Long id, String title, String body) {

    Note toNote() {
        return new Note(id, title, body);
    }
}
