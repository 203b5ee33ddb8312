package {{package}}.{{web}}

{{#byLayer}}
import {{package}}.domain.NotesForTests
{{/byLayer}}
{{#announces}}
{{#byLayer}}
import {{package}}.messages.AnnouncementsForTests
{{/byLayer}}
{{/announces}}
{{#guarded}}
import {{package}}.security.AccessRules
{{/guarded}}
{{#byLayer}}
import {{package}}.service.NoteBook
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

@WebMvcTest(NotePages::class)
@ActiveProfiles("test")
@Import(NoteBook::class, NotesForTests::class{{#announces}}, AnnouncementsForTests::class{{/announces}}{{#guarded}}, AccessRules::class{{/guarded}})
class NotePagesTest(
    @param:Autowired private val mvc: MockMvc,
    @param:Autowired private val notes: NotesForTests,
) {
{{#byToken}}
    /** No token is known here; the tests say who asks. */
    @TestConfiguration(proxyBeanMethods = false)
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
        notes.add("Tide <b>", "High at noon")

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
        assertThat(notes.all().map { it.title }).contains("Tide")
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
                content { string(containsString("must {{#validated}}not be blank{{/validated}}{{^validated}}be a text of at most 200 signs{{/validated}}")) }
            }
    }
}
