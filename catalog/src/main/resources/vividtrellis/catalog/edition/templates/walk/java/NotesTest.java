package {{package}}.{{storage}};

import static org.assertj.core.api.Assertions.assertThat;

{{#byLayer}}
import {{package}}.domain.Note;
import {{package}}.domain.Notes;
{{/byLayer}}
{{#outside}}
import java.io.IOException;
import java.net.Socket;
{{/outside}}
import org.junit.jupiter.api.Test;
{{#outside}}
import org.junit.jupiter.api.condition.EnabledIf;
{{/outside}}
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.test.context.ActiveProfiles;
{{#rolledBack}}
import org.springframework.transaction.annotation.Transactional;
{{/rolledBack}}

/** Keeps notes for real, where the settings for tests say{{#rolledBack}}; each test is undone after it{{/rolledBack}}. */
{{#outside}}
@EnabledIf(value = "theStoreAnswers", disabledReason = "nothing answers at localhost:{{outside}}")
{{/outside}}
@SpringBootTest
@ActiveProfiles("test")
{{#rolledBack}}
@Transactional
{{/rolledBack}}
class NotesTest {

    @Autowired
    Notes notes;

{{#outside}}
    static boolean theStoreAnswers() {
        try (Socket socket = new Socket("localhost", {{outside}})) {
            return socket.isConnected();
        } catch (IOException e) {
            return false;
        }
    }

{{/outside}}
    @Test
    void givesBackWhatItKeeps() {
        Note kept = notes.add("Tide", "High at noon"){{#flows}}.block(){{/flows}};

        assertThat(notes.find(kept.id()){{#flows}}.block(){{/flows}}).{{#flows}}isEqualTo{{/flows}}{{^flows}}contains{{/flows}}(kept);
        assertThat(notes.all(){{#flows}}.collectList().block(){{/flows}}).contains(kept);
        assertThat(notes.find(kept.id() + 1){{#flows}}.block(){{/flows}}).{{#flows}}isNull{{/flows}}{{^flows}}isEmpty{{/flows}}();
    }
}
