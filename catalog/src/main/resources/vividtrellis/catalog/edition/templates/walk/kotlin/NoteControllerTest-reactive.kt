package {{package}}.{{web}}

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.Notes
{{/byLayer}}
{{#announces}}
{{#byLayer}}
import {{package}}.messages.Announcements
{{/byLayer}}
{{/announces}}
{{#byLayer}}
import {{package}}.service.NoteBook
{{/byLayer}}
import org.junit.jupiter.api.Test
import org.mockito.Mockito.`when`
import org.springframework.beans.factory.annotation.Autowired
import {{webFluxTest}}
import org.springframework.context.annotation.Import
import org.springframework.http.MediaType
{{#byToken}}
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
import org.springframework.test.context.bean.override.mockito.MockitoBean
import org.springframework.test.web.reactive.server.WebTestClient
{{#flows}}
import reactor.core.publisher.Mono
{{/flows}}

@WebFluxTest(NoteController::class)
@Import(NoteBook::class)
class NoteControllerTest(
    @param:Autowired private val client: WebTestClient,
) {
    @MockitoBean
    lateinit var notes: Notes

{{#announces}}
    @MockitoBean
    lateinit var announcements: Announcements

{{/announces}}
{{#byToken}}
    @MockitoBean
    lateinit var tokens: ReactiveJwtDecoder

{{/byToken}}
    /** Asks as somebody who may. */
    private fun allowed(): WebTestClient = client{{#secured}}.mutateWith(csrf()){{/secured}}{{#bySession}}.mutateWith(mockUser("keeper")){{/bySession}}{{#byToken}}.mutateWith(mockJwt()){{/byToken}}

    @Test
    fun showsOneNote() {
        `when`(notes.find(7)).thenReturn({{#flows}}Mono.just(Note(7, "Tide", "High at noon")){{/flows}}{{^flows}}Note(7, "Tide", "High at noon"){{/flows}})

        allowed()
            .get()
            .uri("/notes/7")
            .exchange()
            .expectStatus()
            .isOk()
            .expectBody()
            .jsonPath("$.title")
            .isEqualTo("Tide")
{{#flows}}
        `when`(notes.find(8)).thenReturn(Mono.empty())
{{/flows}}
        allowed()
            .get()
            .uri("/notes/8")
            .exchange()
            .expectStatus()
            .isNotFound()
    }

    @Test
    fun keepsANote() {
        `when`(notes.add("Tide", "High at noon")).thenReturn({{#flows}}Mono.just(Note(7, "Tide", "High at noon")){{/flows}}{{^flows}}Note(7, "Tide", "High at noon"){{/flows}})

        allowed()
            .post()
            .uri("/notes")
            .contentType(MediaType.APPLICATION_JSON)
            .bodyValue("""{"title": "Tide", "body": "High at noon"}""")
            .exchange()
            .expectStatus()
            .isCreated()
            .expectHeader()
            .valueEquals("Location", "/notes/7")
    }
{{#validated}}

    @Test
    fun refusesANoteWithoutTitle() {
        allowed()
            .post()
            .uri("/notes")
            .contentType(MediaType.APPLICATION_JSON)
            .bodyValue("""{"title": " ", "body": "High at noon"}""")
            .exchange()
            .expectStatus()
            .isBadRequest()
    }
{{/validated}}
}
