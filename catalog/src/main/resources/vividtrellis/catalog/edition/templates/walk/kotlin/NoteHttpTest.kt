package {{package}}.{{web}}

{{#announces}}
{{#byLayer}}
import {{package}}.messages.FakeNoteEventPublisher
{{/byLayer}}
{{/announces}}
import org.assertj.core.api.Assertions.assertThat
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
import java.net.URI
import java.net.http.HttpClient
import java.net.http.HttpRequest
{{^secured}}
import java.net.http.HttpRequest.BodyPublishers
{{/secured}}
import java.net.http.HttpResponse.BodyHandlers

/** Goes the whole way over HTTP, with the settings for tests. */
{{#outside}}
@EnabledIfEnvironmentVariable(
    named = "STORE_FOR_TESTS",
    matches = "yes",
    disabledReason = "set STORE_FOR_TESTS=yes where a server for tests listens at localhost:{{outside}}",
)
{{/outside}}
@SpringBootTest(webEnvironment = WebEnvironment.RANDOM_PORT)
@ActiveProfiles("test")
{{#announces}}
@Import(FakeNoteEventPublisher::class)
{{/announces}}
class NoteHttpTest(
    @param:LocalServerPort private val port: Int,
) {
    private val http = HttpClient.newHttpClient()
    private val notes = URI.create("http://localhost:" + port + "/notes")

{{^secured}}
    @Test
    fun keepsANoteAndGivesItBack() {
        val create =
            HttpRequest
                .newBuilder(notes)
                .header("Content-Type", "application/json")
                .POST(BodyPublishers.ofString("""{"title": "Tide", "body": "High at noon"}"""))
                .build()
        val created = http.send(create, BodyHandlers.ofString())
        assertThat(created.statusCode()).isEqualTo(201)

        val location = created.headers().firstValue("Location").orElseThrow()
        val find = HttpRequest.newBuilder(notes.resolve(location)).build()
        assertThat(http.send(find, BodyHandlers.ofString()).body()).isEqualTo(created.body())
    }
{{/secured}}
{{#secured}}
    @Test
    fun asksWhoIsThere() {
        val find = HttpRequest.newBuilder(notes).header("Accept", "application/json").build()

        assertThat(http.send(find, BodyHandlers.discarding()).statusCode()).isEqualTo(401)
    }
{{/secured}}
}
