package {{package}}.{{service}}

import static org.assertj.core.api.Assertions.assertThat

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.FakeNoteRepository
{{/byLayer}}
{{#announces}}
{{#byLayer}}
import {{package}}.messages.FakeNoteEventPublisher
{{/byLayer}}
{{/announces}}
import org.junit.jupiter.api.Test

class NoteServiceTest {

    private final FakeNoteRepository notes = new FakeNoteRepository()
{{#announces}}
    private final FakeNoteEventPublisher events = new FakeNoteEventPublisher()
    private final NoteService service = new NoteService(notes, events)
{{/announces}}
{{^announces}}
    private final NoteService service = new NoteService(notes)
{{/announces}}

    @Test
    void keepsNotesWithoutBlanksAround() {
        Note created = service.create(" Tide ", "High at noon "){{#flows}}.block(){{/flows}}

        assertThat(created.title).isEqualTo("Tide")
        assertThat(notes.findAll(){{#flows}}.collectList().block(){{/flows}}).containsExactly(created)
{{#announces}}
        assertThat(events.told).containsExactly(created)
{{/announces}}
    }
}
