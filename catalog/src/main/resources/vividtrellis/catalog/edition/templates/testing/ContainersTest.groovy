package {{package}}

{{#walks}}
import static org.assertj.core.api.Assertions.assertThat

import {{package}}.{{domain}}.{{Entity}}
import {{package}}.{{domain}}.{{Entity}}Draft
import {{package}}.{{domain}}.{{Entity}}Repository
{{/walks}}
import java.time.Instant
import java.time.LocalDate
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
@ActiveProfiles('test')
@Import(LocalServices)
@Testcontainers(disabledWithoutDocker = true)
class ContainersTest {

{{#walks}}
    @Autowired
    {{Entity}}Repository {{entities}}

    @Test
    void givesBackWhatItKeeps() {
        {{Entity}}Draft draft = new {{Entity}}Draft({{#args}}{{#fields}}{{{literal}}}{{^-last}}, {{/-last}}{{/fields}}{{/args}})
        {{Entity}} kept = {{entities}}.create(draft, Instant.parse('2026-11-30T12:00:00Z')){{#flows}}.block(){{/flows}}

        assertThat({{entities}}.findById(kept.id){{#flows}}.block(){{/flows}}).{{#flows}}isEqualTo{{/flows}}{{^flows}}contains{{/flows}}(kept)
    }
{{/walks}}
{{^walks}}
    @Test
    void starts() {
        // Fails if any part of the application cannot be wired or does not reach what it talks to.
    }
{{/walks}}
}
