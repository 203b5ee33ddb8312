package {{package}}.{{service}}

{{#byLayer}}
import {{package}}.domain.FakeNoteRepository
{{/byLayer}}
{{#announces}}
{{#byLayer}}
import {{package}}.messages.FakeNoteEventPublisher
{{/byLayer}}
{{/announces}}
import org.assertj.core.api.Assertions.assertThat
import org.junit.jupiter.api.Test

class NoteServiceTest {
    private val notes = FakeNoteRepository()
{{#announces}}
    private val events = FakeNoteEventPublisher()
    private val service = NoteService(notes, events)
{{/announces}}
{{^announces}}
    private val service = NoteService(notes)
{{/announces}}

    @Test
    fun keepsNotesWithoutBlanksAround() {
        val created = {{#flows}}checkNotNull(service.create(" Tide ", "High at noon ").block()){{/flows}}{{^flows}}service.create(" Tide ", "High at noon "){{/flows}}

        assertThat(created.title).isEqualTo("Tide")
        assertThat(notes.findAll(){{#flows}}.collectList().block(){{/flows}}).containsExactly(created)
{{#announces}}
        assertThat(events.told).containsExactly(created)
{{/announces}}
    }
}
