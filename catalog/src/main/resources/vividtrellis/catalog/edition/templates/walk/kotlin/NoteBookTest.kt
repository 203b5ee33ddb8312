package {{package}}.{{service}}

{{#byLayer}}
import {{package}}.domain.NotesForTests
{{/byLayer}}
{{#announces}}
{{#byLayer}}
import {{package}}.messages.AnnouncementsForTests
{{/byLayer}}
{{/announces}}
import org.assertj.core.api.Assertions.assertThat
import org.junit.jupiter.api.Test

class NoteBookTest {
    private val notes = NotesForTests()
{{#announces}}
    private val announcements = AnnouncementsForTests()
    private val book = NoteBook(notes, announcements)
{{/announces}}
{{^announces}}
    private val book = NoteBook(notes)
{{/announces}}

    @Test
    fun keepsNotesWithoutBlanksAround() {
        val written = {{#flows}}checkNotNull(book.write(" Tide ", "High at noon ").block()){{/flows}}{{^flows}}book.write(" Tide ", "High at noon "){{/flows}}

        assertThat(written.title).isEqualTo("Tide")
        assertThat(notes.all(){{#flows}}.collectList().block(){{/flows}}).containsExactly(written)
{{#announces}}
        assertThat(announcements.told).containsExactly(written)
{{/announces}}
    }
}
