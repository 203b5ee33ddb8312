package {{package}}.{{storage}};

import static org.assertj.core.api.Assertions.assertThat;

{{#byLayer}}
import {{package}}.domain.Note;
import {{package}}.domain.NoteRepository;
{{/byLayer}}
import org.junit.jupiter.api.Test;
{{#outside}}
import org.junit.jupiter.api.condition.EnabledIfEnvironmentVariable;
{{/outside}}
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.test.context.ActiveProfiles;
{{#rolledBack}}
import org.springframework.transaction.annotation.Transactional;
{{/rolledBack}}

{{^outside}}
/** Keeps notes for real, where the settings for tests say{{#rolledBack}}; each test is undone after it{{/rolledBack}}. */
{{/outside}}
{{#outside}}
/** Writes to a server, so it runs only where somebody says that there is one for tests. */
@EnabledIfEnvironmentVariable(
        named = "STORE_FOR_TESTS",
        matches = "yes",
        disabledReason = "set STORE_FOR_TESTS=yes where a server for tests listens at localhost:{{outside}}")
{{/outside}}
@SpringBootTest
@ActiveProfiles("test")
{{#rolledBack}}
@Transactional
{{/rolledBack}}
class NoteRepositoryTest {

    @Autowired
    NoteRepository notes;

    @Test
    void givesBackWhatItKeeps() {
        Note kept = notes.create("Tide", "High at noon"){{#flows}}.block(){{/flows}};

        assertThat(notes.findById(kept.id()){{#flows}}.block(){{/flows}}).{{#flows}}isEqualTo{{/flows}}{{^flows}}contains{{/flows}}(kept);
        assertThat(notes.findAll(){{#flows}}.collectList().block(){{/flows}}).contains(kept);
        assertThat(notes.findById(kept.id() + 1){{#flows}}.block(){{/flows}}).{{#flows}}isNull{{/flows}}{{^flows}}isEmpty{{/flows}}();
    }
}
