package {{package}}.{{web}}

{{#byLayer}}
import {{package}}.domain.FakeNoteRepository
{{/byLayer}}
{{#announces}}
{{#byLayer}}
import {{package}}.messages.FakeNoteEventPublisher
{{/byLayer}}
{{/announces}}
{{#guarded}}
import {{package}}.security.SecurityConfiguration
{{/guarded}}
{{#byLayer}}
import {{package}}.service.NoteService
{{/byLayer}}
import org.hamcrest.Matchers.matchesPattern
import org.junit.jupiter.api.Test
import org.springframework.beans.factory.annotation.Autowired
{{#byToken}}
import org.springframework.boot.test.context.TestConfiguration
{{/byToken}}
import {{webMvcTest}}
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
import org.springframework.security.oauth2.jwt.JwtDecoder
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.jwt
{{/byToken}}
{{#bySession}}
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user
{{/bySession}}
import org.springframework.test.context.ActiveProfiles
import org.springframework.test.web.servlet.MockHttpServletRequestDsl
import org.springframework.test.web.servlet.MockMvc
import org.springframework.test.web.servlet.get
import org.springframework.test.web.servlet.post

@WebMvcTest(NoteController::class)
@ActiveProfiles("test")
@Import(NoteService::class, FakeNoteRepository::class{{#announces}}, FakeNoteEventPublisher::class{{/announces}}{{#guarded}}, SecurityConfiguration::class{{/guarded}})
class NoteControllerTest(
    @param:Autowired private val mvc: MockMvc,
    @param:Autowired private val notes: FakeNoteRepository,
) {
{{#byToken}}
    /** No token is known here; the tests say who asks. */
    @TestConfiguration(proxyBeanMethods = false)
    @Profile("test")
    class Tokens {
        @Bean
        fun tokens() = JwtDecoder { throw BadJwtException("No token is known here") }
    }

{{/byToken}}
    /** Says that it is somebody who may. */
    private fun MockHttpServletRequestDsl.allowed() {
{{#bySession}}
        with(user("keeper"))
{{/bySession}}
{{#byToken}}
        with(jwt())
{{/byToken}}
        accept = MediaType.APPLICATION_JSON
    }

    @Test
    fun showsOneNote() {
        val id = notes.create("Tide", "High at noon").id

        mvc.get("/notes/{id}", id) { allowed() }.andExpect {
            status { isOk() }
            jsonPath("$.title") { value("Tide") }
        }
        mvc.get("/notes/0") { allowed() }.andExpect {
            status { isNotFound() }
            jsonPath("$.detail") { value("There is no note 0.") }
        }
    }

    @Test
    fun keepsANote() {
        mvc
            .post("/notes") {
                allowed()
                contentType = MediaType.APPLICATION_JSON
                content = """{"title": "Tide", "body": "High at noon"}"""
            }.andExpect {
                status { isCreated() }
                header { string("Location", matchesPattern("http://localhost/notes/[0-9]+")) }
            }
    }

    @Test
    fun refusesANoteWithoutTitle() {
        mvc
            .post("/notes") {
                allowed()
                contentType = MediaType.APPLICATION_JSON
                content = """{"title": " ", "body": "High at noon"}"""
            }.andExpect {
                status { isBadRequest() }
                jsonPath("$.errors.title") { exists() }
            }
    }
{{#guarded}}

    @Test
    fun asksWhoIsThere() {
        mvc.get("/notes") { accept = MediaType.APPLICATION_JSON }.andExpect { status { isUnauthorized() } }
    }
{{/guarded}}
}
