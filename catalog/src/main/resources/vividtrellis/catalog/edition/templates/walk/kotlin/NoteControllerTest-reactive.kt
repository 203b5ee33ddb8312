package {{package}}.{{web}}

{{#byLayer}}
import {{package}}.domain.FakeNoteRepository
{{/byLayer}}
{{#announces}}
{{#byLayer}}
import {{package}}.messages.FakeNoteEventPublisher
{{/byLayer}}
{{/announces}}
{{#byLayer}}
import {{package}}.service.NoteService
{{/byLayer}}
import org.junit.jupiter.api.Test
import org.springframework.beans.factory.annotation.Autowired
{{#byToken}}
import org.springframework.boot.test.context.TestConfiguration
{{/byToken}}
import {{webFluxTest}}
{{#byToken}}
import org.springframework.context.annotation.Bean
{{/byToken}}
import org.springframework.context.annotation.Import
{{#byToken}}
import org.springframework.context.annotation.Profile
{{/byToken}}
import org.springframework.http.MediaType
{{#byToken}}
import org.springframework.security.oauth2.jwt.BadJwtException
import org.springframework.security.oauth2.jwt.ReactiveJwtDecoder
{{/byToken}}
{{#secured}}
import org.springframework.security.test.web.reactive.server.SecurityMockServerConfigurers.csrf
{{/secured}}
{{#byToken}}
import org.springframework.security.test.web.reactive.server.SecurityMockServerConfigurers.mockJwt
{{/byToken}}
{{#bySession}}
import org.springframework.security.test.web.reactive.server.SecurityMockServerConfigurers.mockUser
{{/bySession}}
import org.springframework.test.context.ActiveProfiles
import org.springframework.test.web.reactive.server.WebTestClient
{{#byToken}}
import reactor.core.publisher.Mono
{{/byToken}}

@WebFluxTest(NoteController::class)
@ActiveProfiles("test")
@Import(NoteService::class, FakeNoteRepository::class{{#announces}}, FakeNoteEventPublisher::class{{/announces}})
class NoteControllerTest(
    @param:Autowired private val client: WebTestClient,
    @param:Autowired private val notes: FakeNoteRepository,
) {
{{#byToken}}
    /** No token is known here; the tests say who asks. */
    @TestConfiguration(proxyBeanMethods = false)
    @Profile("test")
    class Tokens {
        @Bean
        fun tokens() = ReactiveJwtDecoder { Mono.error(BadJwtException("No token is known here")) }
    }

{{/byToken}}
{{#secured}}
    /** Asks as somebody who may. */
    private fun allowed(): WebTestClient = client.mutateWith(csrf()){{#bySession}}.mutateWith(mockUser("keeper")){{/bySession}}{{#byToken}}.mutateWith(mockJwt()){{/byToken}}

{{/secured}}
    @Test
    fun showsOneNote() {
        val id = {{#flows}}checkNotNull(notes.create("Tide", "High at noon").block()).id{{/flows}}{{^flows}}notes.create("Tide", "High at noon").id{{/flows}}

        {{#secured}}allowed(){{/secured}}{{^secured}}client{{/secured}}
            .get()
            .uri("/notes/{id}", id)
            .exchange()
            .expectStatus()
            .isOk()
            .expectBody()
            .jsonPath("$.title")
            .isEqualTo("Tide")
        {{#secured}}allowed(){{/secured}}{{^secured}}client{{/secured}}
            .get()
            .uri("/notes/0")
            .exchange()
            .expectStatus()
            .isNotFound()
            .expectBody()
            .jsonPath("$.detail")
            .isEqualTo("There is no note 0.")
    }

    @Test
    fun keepsANote() {
        {{#secured}}allowed(){{/secured}}{{^secured}}client{{/secured}}
            .post()
            .uri("/notes")
            .contentType(MediaType.APPLICATION_JSON)
            .bodyValue("""{"title": "Tide", "body": "High at noon"}""")
            .exchange()
            .expectStatus()
            .isCreated()
            .expectHeader()
            .valueMatches("Location", "/notes/[0-9]+")
    }

    @Test
    fun refusesANoteWithoutTitle() {
        {{#secured}}allowed(){{/secured}}{{^secured}}client{{/secured}}
            .post()
            .uri("/notes")
            .contentType(MediaType.APPLICATION_JSON)
            .bodyValue("""{"title": " ", "body": "High at noon"}""")
            .exchange()
            .expectStatus()
            .isBadRequest()
            .expectBody()
            .jsonPath("$.errors.title")
            .exists()
    }
}
