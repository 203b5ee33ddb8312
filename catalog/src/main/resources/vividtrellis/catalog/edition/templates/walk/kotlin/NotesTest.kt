package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Notes
{{/byLayer}}
import org.assertj.core.api.Assertions.assertThat
import org.junit.jupiter.api.Test
import org.springframework.beans.factory.annotation.Autowired
import org.springframework.boot.test.context.SpringBootTest
import org.springframework.test.context.ActiveProfiles
{{#rolledBack}}
import org.springframework.transaction.annotation.Transactional
{{/rolledBack}}

/** Keeps notes for real, where the settings for tests say{{#rolledBack}}; each test is undone after it{{/rolledBack}}. */
@SpringBootTest
@ActiveProfiles("test")
{{#rolledBack}}
@Transactional
{{/rolledBack}}
class NotesTest(
    @param:Autowired private val notes: Notes,
) {
    @Test
    fun givesBackWhatItKeeps() {
        val kept = notes.add("Tide", "High at noon")

        assertThat(notes.find(kept.id)).isEqualTo(kept)
        assertThat(notes.all()).contains(kept)
        assertThat(notes.find(kept.id + 1)).isNull()
    }
}
