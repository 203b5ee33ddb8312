package {{package}}.{{storage}};

{{#byLayer}}
import {{package}}.domain.Note;
{{/byLayer}}
import org.springframework.data.annotation.Id;
import org.springframework.data.relational.core.mapping.Table;

/** A note as a row of its table. */
@Table
record NoteEntity(@Id Long id, String title, String body) {

    Note toNote() {
        return new Note(id, title, body);
    }
}
