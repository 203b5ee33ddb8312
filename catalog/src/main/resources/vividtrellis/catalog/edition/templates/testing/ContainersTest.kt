package {{package}}

{{#walks}}
import {{package}}.{{domain}}.{{Entity}}
import {{package}}.{{domain}}.{{Entity}}Draft
import {{package}}.{{domain}}.{{Entity}}Repository
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
import java.math.BigDecimal
import java.time.Instant
import java.time.LocalDate
import java.util.UUID

/** Starts the whole application beside what it talks to, each in a container; left out where there is no Docker. */
@SpringBootTest
@ActiveProfiles("test")
@Import(LocalServices::class)
@Testcontainers(disabledWithoutDocker = true)
class ContainersTest{{#walks}}(
    @param:Autowired private val {{entities}}: {{Entity}}Repository,
){{/walks}} {
{{#walks}}
    @Test
    fun givesBackWhatItKeeps() {
        val draft =
            {{Entity}}Draft(
{{#fields}}
                {{name}} = {{{literal}}},
{{/fields}}
            )
        val now = Instant.parse("2026-11-30T12:00:00Z")
        val kept = {{#flows}}checkNotNull({{entities}}.create(draft, now).block()){{/flows}}{{^flows}}{{entities}}.create(draft, now){{/flows}}

        assertThat({{entities}}.findById(kept.id){{#flows}}.block(){{/flows}}).isEqualTo(kept)
    }
{{/walks}}
{{^walks}}
    @Test
    fun starts() {
        // Fails if any part of the application cannot be wired or does not reach what it talks to.
    }
{{/walks}}
}
