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
@Table(name = "note")
class NoteEntity(
    @Column(nullable = false, length = 200)
    var title: String,
    @Column(nullable = false, length = 4000)
    var body: String,
) {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    var id: Long? = null

    fun toNote() = Note(checkNotNull(id), title, body)
}
