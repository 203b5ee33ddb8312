package {{package}}.{{web}}

import static org.hamcrest.Matchers.matchesPattern
{{#bySession}}
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user
{{/bySession}}
{{#byToken}}
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.jwt
{{/byToken}}
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status

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
{{/byToken}}
import org.springframework.test.context.ActiveProfiles
import org.springframework.test.web.servlet.MockMvc
{{#secured}}
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder
{{/secured}}

@WebMvcTest(NoteController)
@ActiveProfiles("test")
@Import([NoteService, FakeNoteRepository{{#announces}}, FakeNoteEventPublisher{{/announces}}{{#guarded}}, SecurityConfiguration{{/guarded}}])
class NoteControllerTest {

    @Autowired
    MockMvc mvc

    @Autowired
    FakeNoteRepository notes

{{#byToken}}
    /** No token is known here; the tests say who asks. */
    @TestConfiguration(proxyBeanMethods = false)
    @Profile("test")
    static class Tokens {

        @Bean
        JwtDecoder tokens() {
            return { token -> throw new BadJwtException("No token is known here") } as JwtDecoder
        }
    }

{{/byToken}}
{{#secured}}
    /** A request of somebody who may. */
    private static MockHttpServletRequestBuilder allowed(MockHttpServletRequestBuilder request) {
        return request{{#bySession}}.with(user("keeper")){{/bySession}}{{#byToken}}.with(jwt()){{/byToken}}
    }

{{/secured}}
    @Test
    void showsOneNote() {
        long id = notes.create("Tide", "High at noon").id

        mvc.perform({{#secured}}allowed({{/secured}}get("/notes/{id}", id){{#secured}}){{/secured}})
                .andExpect(status().isOk())
                .andExpect(jsonPath('$.title').value("Tide"))
        mvc.perform({{#secured}}allowed({{/secured}}get("/notes/0"){{#secured}}){{/secured}})
                .andExpect(status().isNotFound())
                .andExpect(jsonPath('$.detail').value("There is no note 0."))
    }

    @Test
    void keepsANote() {
        mvc.perform({{#secured}}allowed({{/secured}}post("/notes"){{#secured}}){{/secured}}
                        .contentType(MediaType.APPLICATION_JSON)
                        .content('{"title": "Tide", "body": "High at noon"}'))
                .andExpect(status().isCreated())
                .andExpect(header().string("Location", matchesPattern("http://localhost/notes/[0-9]+")))
    }

    @Test
    void refusesANoteWithoutTitle() {
        mvc.perform({{#secured}}allowed({{/secured}}post("/notes"){{#secured}}){{/secured}}
                        .contentType(MediaType.APPLICATION_JSON)
                        .content('{"title": " ", "body": "High at noon"}'))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath('$.errors.title').exists())
    }
{{#guarded}}

    @Test
    void asksWhoIsThere() {
        mvc.perform(get("/notes").accept(MediaType.APPLICATION_JSON)).andExpect(status().isUnauthorized())
    }
{{/guarded}}
}
