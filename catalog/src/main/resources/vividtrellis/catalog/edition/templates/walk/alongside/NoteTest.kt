package {{package}}.{{domain}}

import org.assertj.core.api.Assertions.assertThat
import org.junit.jupiter.api.Test

class NoteTest {
    @Test
    fun keepsWhatItWasGiven() {
        val note = Note(7, "Tide", "High at noon")

        assertThat(note.id()).isEqualTo(7)
        assertThat(note.title()).isEqualTo("Tide")
    }
}
