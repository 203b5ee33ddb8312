package {{package}}.{{service}};

import static org.assertj.core.api.Assertions.assertThat;

{{#byLayer}}
import {{package}}.domain.Note;
import {{package}}.domain.NotesForTests;
{{/byLayer}}
{{#announces}}
{{#byLayer}}
import {{package}}.messages.AnnouncementsForTests;
{{/byLayer}}
{{/announces}}
import org.junit.jupiter.api.Test;

class NoteBookTest {

    private final NotesForTests notes = new NotesForTests();
{{#announces}}
    private final AnnouncementsForTests announcements = new AnnouncementsForTests();
    private final NoteBook book = new NoteBook(notes, announcements);
{{/announces}}
{{^announces}}
    private final NoteBook book = new NoteBook(notes);
{{/announces}}

    @Test
    void keepsNotesWithoutBlanksAround() {
        Note written = book.write(" Tide ", "High at noon "){{#flows}}.block(){{/flows}};

        assertThat(written.title()).isEqualTo("Tide");
        assertThat(notes.all(){{#flows}}.collectList().block(){{/flows}}).containsExactly(written);
{{#announces}}
        assertThat(announcements.told()).containsExactly(written);
{{/announces}}
    }
}
