package {{package}}.{{storage}};

{{#byLayer}}
import {{package}}.domain.Note;

{{/byLayer}}
/** A note as a row of its table. */
class NoteEntity {

    private Long id;
    private String title;
    private String body;

    /** For the mapper alone. */
    NoteEntity() {}

    NoteEntity(String title, String body) {
        this.title = title;
        this.body = body;
    }

    Note toNote() {
        return new Note(id, title, body);
    }
}
