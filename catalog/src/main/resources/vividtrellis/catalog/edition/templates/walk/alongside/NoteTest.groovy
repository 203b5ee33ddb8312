package {{package}}.{{domain}}

import org.junit.jupiter.api.Test

class NoteTest {

    @Test
    void keepsWhatItWasGiven() {
        Note note = new Note(7, 'Tide', 'High at noon')

        assert note.id() == 7
        assert note.title() == 'Tide'
    }
}
