package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Note
{{/byLayer}}
import jakarta.persistence.Column
import jakarta.persistence.Entity
import jakarta.persistence.GeneratedValue
import jakarta.persistence.GenerationType
import jakarta.persistence.Id
import jakarta.persistence.Table

/** A note as a row of its table. */
@Entity
@Table(name = 'note')
class NoteEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id

    @Column(nullable = false, length = 200)
    String title

    @Column(nullable = false, length = 4000)
    String body

    Note toNote() {
        new Note(id, title, body)
    }
}
