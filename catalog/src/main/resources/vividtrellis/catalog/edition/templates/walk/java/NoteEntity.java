package {{package}}.{{storage}};

{{#byLayer}}
import {{package}}.domain.Note;
{{/byLayer}}
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** A note as a row of its table. */
@Entity
@Table(name = "note")
class NoteEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(nullable = false, length = 200)
    private String title;

    @Column(nullable = false, length = 4000)
    private String body;

    /** For object mapping alone. */
    protected NoteEntity() {}

    NoteEntity(String title, String body) {
        this.title = title;
        this.body = body;
    }

    Note toNote() {
        return new Note(id, title, body);
    }
}
