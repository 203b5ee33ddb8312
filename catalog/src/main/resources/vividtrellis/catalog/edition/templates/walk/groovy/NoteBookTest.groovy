package {{package}}.{{service}}

import static org.assertj.core.api.Assertions.assertThat
import static org.mockito.Mockito.mock
{{#announces}}
import static org.mockito.Mockito.verify
{{/announces}}
import static org.mockito.Mockito.when

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.Notes
{{/byLayer}}
{{#announces}}
{{#byLayer}}
import {{package}}.messages.Announcements
{{/byLayer}}
{{/announces}}
import org.junit.jupiter.api.Test
{{#flows}}
import reactor.core.publisher.Mono
{{/flows}}

class NoteBookTest {

    private final Notes notes = mock(Notes)
{{#announces}}
    private final Announcements announcements = mock(Announcements)
    private final NoteBook book = new NoteBook(notes, announcements)
{{/announces}}
{{^announces}}
    private final NoteBook book = new NoteBook(notes)
{{/announces}}

    @Test
    void keepsNotesWithoutBlanksAround() {
        when(notes.add("Tide", "High at noon")).thenReturn({{#flows}}Mono.just(new Note(7, "Tide", "High at noon")){{/flows}}{{^flows}}new Note(7, "Tide", "High at noon"){{/flows}})

        Note written = book.write(" Tide ", "High at noon "){{#flows}}.block(){{/flows}}

        assertThat(written.id).isEqualTo(7)
{{#announces}}
        verify(announcements).written(written)
{{/announces}}
    }
}
