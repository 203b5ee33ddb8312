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
import org.assertj.core.api.Assertions.assertThat
import org.hamcrest.Matchers.containsString
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
{{#byToken}}
import org.springframework.security.oauth2.jwt.BadJwtException
import org.springframework.security.oauth2.jwt.JwtDecoder
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.jwt
{{/byToken}}
{{#bySession}}
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user
{{/bySession}}
import org.springframework.test.context.ActiveProfiles
import org.springframework.test.web.servlet.MockHttpServletRequestDsl
import org.springframework.test.web.servlet.MockMvc
import org.springframework.test.web.servlet.get
import org.springframework.test.web.servlet.post

@WebMvcTest(NotePageController::class)
@ActiveProfiles("test")
@Import(NoteService::class, FakeNoteRepository::class{{#announces}}, FakeNoteEventPublisher::class{{/announces}}{{#guarded}}, SecurityConfiguration::class{{/guarded}})
class NotePageControllerTest(
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
        with(csrf())
{{/bySession}}
{{#byToken}}
        with(jwt())
{{/byToken}}
        secure = false
    }

    @Test
    fun showsNotesWithoutTakingTheirTextForMarkup() {
        notes.create("Tide <b>", "High at noon")

        mvc.get("/pages/notes") { allowed() }.andExpect {
            status { isOk() }
            content { string(containsString("Tide &lt;b&gt;")) }
        }
    }

    @Test
    fun keepsWhatTheFormSends() {
        mvc
            .post("/pages/notes") {
                allowed()
                param("title", "Tide")
                param("body", "High at noon")
            }.andExpect { redirectedUrl("/pages/notes") }
        assertThat(notes.findAll().map { it.title }).contains("Tide")
    }

    @Test
    fun saysWhatIsMissing() {
        mvc
            .post("/pages/notes") {
                allowed()
                param("title", " ")
                param("body", "High at noon")
            }.andExpect {
                status { isOk() }
                content { string(containsString("must {{#validated}}not be blank{{/validated}}{{^validated}}be a text of at most 200 characters{{/validated}}")) }
            }
    }
}
