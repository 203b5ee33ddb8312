package {{package}}.{{messages}}

{{#byLayer}}
import {{package}}.domain.Note

{{/byLayer}}
/** Keeps what was announced, as long as a test runs. */
class AnnouncementsForTests implements Announcements {

    final List<Note> told = []

    @Override
    void written(Note note) {
        told.add(note)
    }
}
