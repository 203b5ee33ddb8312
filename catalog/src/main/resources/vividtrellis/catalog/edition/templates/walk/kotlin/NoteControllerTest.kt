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
import org.junit.jupiter.api.Test
import org.mockito.Mockito.`when`
import org.springframework.beans.factory.annotation.Autowired
import {{webMvcTest}}
import org.springframework.context.annotation.Import
import org.springframework.http.MediaType
{{#byToken}}
import org.springframework.security.oauth2.jwt.JwtDecoder
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.jwt
{{/byToken}}
{{#crossSite}}
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf
{{/crossSite}}
{{#bySession}}
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user
{{/bySession}}
import org.springframework.test.context.bean.override.mockito.MockitoBean
import org.springframework.test.web.servlet.MockHttpServletRequestDsl
import org.springframework.test.web.servlet.MockMvc
import org.springframework.test.web.servlet.get
import org.springframework.test.web.servlet.post

@WebMvcTest(NoteController::class)
@Import(NoteBook::class{{#guarded}}, AccessRules::class{{/guarded}})
class NoteControllerTest(
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
{{/bySession}}
{{#crossSite}}
        with(csrf())
{{/crossSite}}
{{#byToken}}
        with(jwt())
{{/byToken}}
        accept = MediaType.APPLICATION_JSON
    }

    @Test
    fun showsOneNote() {
        `when`(notes.find(7)).thenReturn(Note(7, "Tide", "High at noon"))

        mvc.get("/notes/7") { allowed() }.andExpect {
            status { isOk() }
            jsonPath("$.title") { value("Tide") }
        }
        mvc.get("/notes/8") { allowed() }.andExpect { status { isNotFound() } }
    }

    @Test
    fun keepsANote() {
        `when`(notes.add("Tide", "High at noon")).thenReturn(Note(7, "Tide", "High at noon"))

        mvc
            .post("/notes") {
                allowed()
                contentType = MediaType.APPLICATION_JSON
                content = """{"title": "Tide", "body": "High at noon"}"""
            }.andExpect {
                status { isCreated() }
                header { string("Location", "/notes/7") }
            }
    }
{{#validated}}

    @Test
    fun refusesANoteWithoutTitle() {
        mvc
            .post("/notes") {
                allowed()
                contentType = MediaType.APPLICATION_JSON
                content = """{"title": " ", "body": "High at noon"}"""
            }.andExpect { status { isBadRequest() } }
    }
{{/validated}}
{{#guarded}}

    @Test
    fun asksWhoIsThere() {
        mvc.get("/notes") { accept = MediaType.APPLICATION_JSON }.andExpect { status { isUnauthorized() } }
    }
{{/guarded}}
}
