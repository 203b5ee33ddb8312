package {{package}}.{{storage}}

import static org.assertj.core.api.Assertions.assertThat
{{#outside}}
import static org.junit.jupiter.api.Assumptions.assumeTrue
{{/outside}}

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.Notes
{{/byLayer}}
{{#outside}}
import org.junit.jupiter.api.BeforeEach
{{/outside}}
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
class NotesTest {

    @Autowired
    Notes notes

{{#outside}}
    @BeforeEach
    void needsTheStore() {
        try (Socket socket = new Socket('localhost', {{outside}})) {
            assumeTrue(socket.connected)
        } catch (IOException ignored) {
            assumeTrue(false, 'left out: nothing answers at localhost:{{outside}}')
        }
    }

{{/outside}}
    @Test
    void givesBackWhatItKeeps() {
        Note kept = notes.add("Tide", "High at noon")

        assertThat(notes.find(kept.id)).contains(kept)
        assertThat(notes.all()).contains(kept)
        assertThat(notes.find(kept.id + 1)).isEmpty()
    }
}
