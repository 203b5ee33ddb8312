package {{package}}.{{web}}

import static org.assertj.core.api.Assertions.assertThat
import static org.hamcrest.Matchers.containsString
{{#bySession}}
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user
{{/bySession}}
{{#byToken}}
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.jwt
{{/byToken}}
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status

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
{{/byToken}}
import org.springframework.test.context.ActiveProfiles
import org.springframework.test.web.servlet.MockMvc
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder

@WebMvcTest(NotePages)
@ActiveProfiles("test")
@Import([NoteBook, NotesForTests{{#announces}}, AnnouncementsForTests{{/announces}}{{#guarded}}, AccessRules{{/guarded}}])
class NotePagesTest {

    @Autowired
    MockMvc mvc

    @Autowired
    NotesForTests notes

{{#byToken}}
    /** No token is known here; the tests say who asks. */
    @TestConfiguration(proxyBeanMethods = false)
    static class Tokens {

        @Bean
        JwtDecoder tokens() {
            return { token -> throw new BadJwtException("No token is known here") } as JwtDecoder
        }
    }

{{/byToken}}
    /** A request of somebody who may. */
    private static MockHttpServletRequestBuilder allowed(MockHttpServletRequestBuilder request) {
        return request{{#bySession}}.with(user("keeper")).with(csrf()){{/bySession}}{{#byToken}}.with(jwt()){{/byToken}}
    }

    @Test
    void showsNotesWithoutTakingTheirTextForMarkup() {
        notes.add("Tide <b>", "High at noon")

        mvc.perform(allowed(get("/pages/notes")))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("Tide &lt;b&gt;")))
    }

    @Test
    void keepsWhatTheFormSends() {
        mvc.perform(allowed(post("/pages/notes")).param("title", "Tide").param("body", "High at noon"))
                .andExpect(redirectedUrl("/pages/notes"))
        assertThat(notes.all()*.title).contains("Tide")
    }

    @Test
    void saysWhatIsMissing() {
        mvc.perform(allowed(post("/pages/notes")).param("title", " ").param("body", "High at noon"))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("must {{#validated}}not be blank{{/validated}}{{^validated}}be a text of at most 200 signs{{/validated}}")))
    }
}
