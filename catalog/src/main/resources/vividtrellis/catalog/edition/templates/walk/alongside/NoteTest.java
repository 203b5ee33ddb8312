package {{package}}.{{domain}};

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class NoteTest {

    @Test
    void keepsWhatItWasGiven() {
        Note note = new Note(7, "Tide", "High at noon");

        assertThat(note.getId()).isEqualTo(7);
        assertThat(note.getTitle()).isEqualTo("Tide");
    }
}
