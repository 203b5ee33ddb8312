package {{package}}.{{storage}};

{{#byLayer}}
import {{package}}.domain.Note;
{{/byLayer}}
import org.springframework.data.annotation.Id;
import org.springframework.data.mongodb.core.mapping.Document;

/** A note as a document. */
@Document("notes")
record NoteDocument(@Id long id, String title, String body) {

    Note toNote() {
        return new Note(id, title, body);
    }
}
