package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Notes
{{/byLayer}}
import org.assertj.core.api.Assertions.assertThat
import org.junit.jupiter.api.Test
{{#outside}}
import org.junit.jupiter.api.condition.EnabledIf
{{/outside}}
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
{{#outside}}
@EnabledIf(value = "theStoreAnswers", disabledReason = "nothing answers at localhost:{{outside}}")
{{/outside}}
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
        val kept = {{#flows}}checkNotNull(notes.add("Tide", "High at noon").block()){{/flows}}{{^flows}}notes.add("Tide", "High at noon"){{/flows}}

        assertThat(notes.find(kept.id){{#flows}}.block(){{/flows}}).isEqualTo(kept)
        assertThat(notes.all(){{#flows}}.collectList().block(){{/flows}}).contains(kept)
        assertThat(notes.find(kept.id + 1){{#flows}}.block(){{/flows}}).isNull()
    }
{{#outside}}

    companion object {
        @JvmStatic
        fun theStoreAnswers(): Boolean =
            try {
                Socket("localhost", {{outside}}).use { it.isConnected }
            } catch (ignored: IOException) {
                false
            }
    }
{{/outside}}
}
