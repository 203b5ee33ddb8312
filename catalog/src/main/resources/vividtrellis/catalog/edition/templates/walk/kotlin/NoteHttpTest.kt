package {{package}}.{{web}}

{{#announces}}
{{#byLayer}}
import {{package}}.messages.Fake{{Entity}}EventPublisher
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
@Import(Fake{{Entity}}EventPublisher::class)
{{/announces}}
class {{Entity}}HttpTest(
    @param:LocalServerPort private val port: Int,
) {
    private val http = HttpClient.newHttpClient()
    private val {{entities}} = URI.create("http://localhost:" + port + "/{{entityPath}}")

{{^secured}}
    private val json =
        """
        {
{{#fields}}
          "{{name}}": {{{json}}}{{^-last}},{{/-last}}
{{/fields}}
        }
        """.trimIndent()

    @Test
    fun keepsOneUntilItIsRemoved() {
        val create =
            HttpRequest
                .newBuilder({{entities}})
                .header("Content-Type", "application/json")
                .POST(BodyPublishers.ofString(json))
                .build()
        val created = http.send(create, BodyHandlers.ofString())
        assertThat(created.statusCode()).isEqualTo(201)

        val location = created.headers().firstValue("Location").orElseThrow()
        val find = HttpRequest.newBuilder({{entities}}.resolve(location)).build()
        assertThat(http.send(find, BodyHandlers.ofString()).body()).isEqualTo(created.body())

        val remove = HttpRequest.newBuilder({{entities}}.resolve(location)).DELETE().build()
        assertThat(http.send(remove, BodyHandlers.discarding()).statusCode()).isEqualTo(204)
        assertThat(http.send(find, BodyHandlers.discarding()).statusCode()).isEqualTo(404)
    }
{{/secured}}
{{#secured}}
    @Test
    fun asksWhoIsThere() {
        val find = HttpRequest.newBuilder({{entities}}).header("Accept", "application/json").build()

        assertThat(http.send(find, BodyHandlers.discarding()).statusCode()).isEqualTo(401)
    }
{{/secured}}
}
