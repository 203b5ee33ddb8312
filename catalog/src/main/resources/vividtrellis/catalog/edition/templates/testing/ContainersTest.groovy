package {{package}}

{{#walks}}
import static org.assertj.core.api.Assertions.assertThat

import {{package}}.{{domain}}.Note
import {{package}}.{{domain}}.NoteRepository
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
@Import(LocalServices)
@Testcontainers(disabledWithoutDocker = true)
class ContainersTest {

{{#walks}}
    @Autowired
    NoteRepository notes

    @Test
    void givesBackWhatItKeeps() {
        Note kept = notes.create('Tide', 'High at noon'){{#flows}}.block(){{/flows}}

        assertThat(notes.findById(kept.id){{#flows}}.block(){{/flows}}).{{#flows}}isEqualTo{{/flows}}{{^flows}}contains{{/flows}}(kept)
    }
{{/walks}}
{{^walks}}
    @Test
    void starts() {
        // Fails if any part of the application cannot be wired or does not reach what it talks to.
    }
{{/walks}}
}
