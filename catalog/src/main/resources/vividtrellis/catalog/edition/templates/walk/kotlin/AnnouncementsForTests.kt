package {{package}}.{{messages}}

{{#byLayer}}
import {{package}}.domain.Note

{{/byLayer}}
/** Keeps what was announced, as long as a test runs. */
class AnnouncementsForTests : Announcements {
    val told = mutableListOf<Note>()

    override fun written(note: Note) {
        told.add(note)
    }
}
