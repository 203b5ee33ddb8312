package {{package}}.{{service}}

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.Notes
{{/byLayer}}
{{#announces}}
{{#byLayer}}
import {{package}}.messages.Announcements
{{/byLayer}}
{{/announces}}
import org.assertj.core.api.Assertions.assertThat
import org.junit.jupiter.api.Test
import org.mockito.Mockito.mock
{{#announces}}
import org.mockito.Mockito.verify
{{/announces}}
import org.mockito.Mockito.`when`
{{#flows}}
import reactor.core.publisher.Mono
{{/flows}}

class NoteBookTest {
    private val notes = mock(Notes::class.java)
{{#announces}}
    private val announcements = mock(Announcements::class.java)
    private val book = NoteBook(notes, announcements)
{{/announces}}
{{^announces}}
    private val book = NoteBook(notes)
{{/announces}}

    @Test
    fun keepsNotesWithoutBlanksAround() {
        `when`(notes.add("Tide", "High at noon")).thenReturn({{#flows}}Mono.just(Note(7, "Tide", "High at noon")){{/flows}}{{^flows}}Note(7, "Tide", "High at noon"){{/flows}})

        val written = {{#flows}}checkNotNull(book.write(" Tide ", "High at noon ").block()){{/flows}}{{^flows}}book.write(" Tide ", "High at noon "){{/flows}}

        assertThat(written.id).isEqualTo(7)
{{#announces}}
        verify(announcements).written(written)
{{/announces}}
    }
}
