package {{package}}.{{web}}

import static org.assertj.core.api.Assertions.assertThat

{{#announces}}
{{#byLayer}}
import {{package}}.messages.FakeNoteEventPublisher
{{/byLayer}}
{{/announces}}
import java.net.http.HttpClient
import java.net.http.HttpRequest
{{^secured}}
import java.net.http.HttpRequest.BodyPublishers
{{/secured}}
import java.net.http.HttpResponse.BodyHandlers
import org.junit.jupiter.api.Test
{{#outside}}
import org.junit.jupiter.api.condition.EnabledIfEnvironmentVariable
{{/outside}}
import org.springframework.boot.test.context.SpringBootTest
import org.springframework.boot.test.context.SpringBootTest.WebEnvironment
import org.springframework.boot.test.web.server.LocalServerPort
{{#announces}}
import org.springframework.context.annotation.Import
{{/announces}}
import org.springframework.test.context.ActiveProfiles

/** Goes the whole way over HTTP, with the settings for tests. */
{{#outside}}
@EnabledIfEnvironmentVariable(
        named = "STORE_FOR_TESTS",
        matches = "yes",
        disabledReason = "set STORE_FOR_TESTS=yes where a server for tests listens at localhost:{{outside}}")
{{/outside}}
@SpringBootTest(webEnvironment = WebEnvironment.RANDOM_PORT)
@ActiveProfiles("test")
{{#announces}}
@Import(FakeNoteEventPublisher)
{{/announces}}
class NoteHttpTest {

    private final HttpClient http = HttpClient.newHttpClient()

    @LocalServerPort
    int port

{{^secured}}
    @Test
    void keepsANoteAndGivesItBack() {
        def create = HttpRequest.newBuilder(notes())
                .header("Content-Type", "application/json")
                .POST(BodyPublishers.ofString('{"title": "Tide", "body": "High at noon"}'))
                .build()
        def created = http.send(create, BodyHandlers.ofString())
        assertThat(created.statusCode()).isEqualTo(201)

        def location = created.headers().firstValue("Location").orElseThrow()
        def find = HttpRequest.newBuilder(notes().resolve(location)).build()
        assertThat(http.send(find, BodyHandlers.ofString()).body()).isEqualTo(created.body())
    }
{{/secured}}
{{#secured}}
    @Test
    void asksWhoIsThere() {
        def find = HttpRequest.newBuilder(notes()).header("Accept", "application/json").build()

        assertThat(http.send(find, BodyHandlers.discarding()).statusCode()).isEqualTo(401)
    }
{{/secured}}

    private URI notes() {
        URI.create("http://localhost:" + port + "/notes")
    }
}
