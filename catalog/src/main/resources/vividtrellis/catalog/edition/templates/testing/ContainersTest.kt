package {{package}}

{{#walks}}
import {{package}}.{{domain}}.NoteRepository
import org.assertj.core.api.Assertions.assertThat
{{/walks}}
import org.junit.jupiter.api.Test
{{#walks}}
import org.springframework.beans.factory.annotation.Autowired
{{/walks}}
import org.springframework.boot.test.context.SpringBootTest
import org.springframework.context.annotation.Import
import org.springframework.test.context.ActiveProfiles
import org.testcontainers.junit.jupiter.Testcontainers

/** Starts the whole application beside what it talks to, each in a container; left out where there is no Docker. */
@SpringBootTest
@ActiveProfiles("test")
@Import(LocalServices::class)
@Testcontainers(disabledWithoutDocker = true)
class ContainersTest{{#walks}}(
    @param:Autowired private val notes: NoteRepository,
){{/walks}} {
{{#walks}}
    @Test
    fun givesBackWhatItKeeps() {
        val kept = {{#flows}}checkNotNull(notes.create("Tide", "High at noon").block()){{/flows}}{{^flows}}notes.create("Tide", "High at noon"){{/flows}}

        assertThat(notes.findById(kept.id){{#flows}}.block(){{/flows}}).isEqualTo(kept)
    }
{{/walks}}
{{^walks}}
    @Test
    fun starts() {
        // Fails if any part of the application cannot be wired or does not reach what it talks to.
    }
{{/walks}}
}
