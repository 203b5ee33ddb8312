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
{{#guarded}}
import {{package}}.security.AccessRules
{{/guarded}}
{{#byLayer}}
import {{package}}.service.NoteBook
{{/byLayer}}
import org.hamcrest.Matchers.containsString
import org.junit.jupiter.api.Test
import org.mockito.Mockito.verify
import org.mockito.Mockito.`when`
import org.springframework.beans.factory.annotation.Autowired
import {{webMvcTest}}
import org.springframework.context.annotation.Import
{{#byToken}}
import org.springframework.security.oauth2.jwt.JwtDecoder
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.jwt
{{/byToken}}
{{#bySession}}
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user
{{/bySession}}
import org.springframework.test.context.bean.override.mockito.MockitoBean
import org.springframework.test.web.servlet.MockHttpServletRequestDsl
import org.springframework.test.web.servlet.MockMvc
import org.springframework.test.web.servlet.get
import org.springframework.test.web.servlet.post

@WebMvcTest(NotePages::class)
@Import(NoteBook::class{{#guarded}}, AccessRules::class{{/guarded}})
class NotePagesTest(
    @param:Autowired private val mvc: MockMvc,
) {
    @MockitoBean
    lateinit var notes: Notes

{{#announces}}
    @MockitoBean
    lateinit var announcements: Announcements

{{/announces}}
{{#byToken}}
    @MockitoBean
    lateinit var tokens: JwtDecoder

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
        `when`(notes.all()).thenReturn(listOf(Note(7, "Tide <b>", "High at noon")))

        mvc.get("/pages/notes") { allowed() }.andExpect {
            status { isOk() }
            content { string(containsString("Tide &lt;b&gt;")) }
        }
    }

    @Test
    fun keepsWhatTheFormSends() {
        `when`(notes.add("Tide", "High at noon")).thenReturn(Note(7, "Tide", "High at noon"))

        mvc
            .post("/pages/notes") {
                allowed()
                param("title", "Tide")
                param("body", "High at noon")
            }.andExpect { redirectedUrl("/pages/notes") }
        verify(notes).add("Tide", "High at noon")
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
                content { string(containsString("A note needs a title")) }
            }
    }
}
