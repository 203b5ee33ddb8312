package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.NoteRepository
{{/byLayer}}
import org.assertj.core.api.Assertions.assertThat
import org.junit.jupiter.api.Test
{{#outside}}
import org.junit.jupiter.api.condition.EnabledIfEnvironmentVariable
{{/outside}}
import org.springframework.beans.factory.annotation.Autowired
import org.springframework.boot.test.context.SpringBootTest
import org.springframework.test.context.ActiveProfiles
{{#rolledBack}}
import org.springframework.transaction.annotation.Transactional
{{/rolledBack}}

{{^outside}}
/** Keeps notes for real, where the settings for tests say{{#rolledBack}}; each test is undone after it{{/rolledBack}}. */
{{/outside}}
{{#outside}}
/** Writes to a server, so it runs only where somebody says that there is one for tests. */
@EnabledIfEnvironmentVariable(
    named = "STORE_FOR_TESTS",
    matches = "yes",
    disabledReason = "set STORE_FOR_TESTS=yes where a server for tests listens at localhost:{{outside}}",
)
{{/outside}}
@SpringBootTest
@ActiveProfiles("test")
{{#rolledBack}}
@Transactional
{{/rolledBack}}
class NoteRepositoryTest(
    @param:Autowired private val notes: NoteRepository,
) {
    @Test
    fun givesBackWhatItKeeps() {
        val kept = {{#flows}}checkNotNull(notes.create("Tide", "High at noon").block()){{/flows}}{{^flows}}notes.create("Tide", "High at noon"){{/flows}}

        assertThat(notes.findById(kept.id){{#flows}}.block(){{/flows}}).isEqualTo(kept)
        assertThat(notes.findAll(){{#flows}}.collectList().block(){{/flows}}).contains(kept)
        assertThat(notes.findById(kept.id + 1){{#flows}}.block(){{/flows}}).isNull()
    }
}
