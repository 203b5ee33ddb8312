package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Notes
{{/byLayer}}
import org.assertj.core.api.Assertions.assertThat
{{#outside}}
import org.junit.jupiter.api.Assumptions.assumeTrue
import org.junit.jupiter.api.BeforeEach
{{/outside}}
import org.junit.jupiter.api.Test
import org.springframework.beans.factory.annotation.Autowired
import org.springframework.boot.test.context.SpringBootTest
import org.springframework.test.context.ActiveProfiles
{{#rolledBack}}
import org.springframework.transaction.annotation.Transactional
{{/rolledBack}}
{{#outside}}
import java.io.IOException
import java.net.Socket
{{/outside}}

/** Keeps notes for real, where the settings for tests say{{#rolledBack}}; each test is undone after it{{/rolledBack}}. */
@SpringBootTest
@ActiveProfiles("test")
{{#rolledBack}}
@Transactional
{{/rolledBack}}
class NotesTest(
    @param:Autowired private val notes: Notes,
) {
{{#outside}}
    @BeforeEach
    fun needsTheStore() {
        try {
            Socket("localhost", {{outside}}).use { assumeTrue(it.isConnected) }
        } catch (ignored: IOException) {
            assumeTrue(false, "left out: nothing answers at localhost:{{outside}}")
        }
    }

{{/outside}}
    @Test
    fun givesBackWhatItKeeps() {
        val kept = notes.add("Tide", "High at noon")

        assertThat(notes.find(kept.id)).isEqualTo(kept)
        assertThat(notes.all()).contains(kept)
        assertThat(notes.find(kept.id + 1)).isNull()
    }
}
