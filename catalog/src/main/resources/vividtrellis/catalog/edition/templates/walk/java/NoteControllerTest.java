package {{package}}.{{web}};

import static org.hamcrest.Matchers.matchesPattern;
{{#crossSite}}
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
{{/crossSite}}
{{#bySession}}
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
{{/bySession}}
{{#byToken}}
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.jwt;
{{/byToken}}
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

{{#byLayer}}
import {{package}}.domain.NotesForTests;
{{/byLayer}}
{{#announces}}
{{#byLayer}}
import {{package}}.messages.AnnouncementsForTests;
{{/byLayer}}
{{/announces}}
{{#guarded}}
import {{package}}.security.AccessRules;
{{/guarded}}
{{#byLayer}}
import {{package}}.service.NoteBook;
{{/byLayer}}
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
{{#byToken}}
import org.springframework.boot.test.context.TestConfiguration;
{{/byToken}}
import {{webMvcTest}};
{{#byToken}}
import org.springframework.context.annotation.Bean;
{{/byToken}}
import org.springframework.context.annotation.Import;
import org.springframework.http.MediaType;
{{#byToken}}
import org.springframework.security.oauth2.jwt.BadJwtException;
import org.springframework.security.oauth2.jwt.JwtDecoder;
{{/byToken}}
import org.springframework.test.context.ActiveProfiles;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

@WebMvcTest(NoteController.class)
@ActiveProfiles("test")
@Import({NoteBook.class, NotesForTests.class{{#announces}}, AnnouncementsForTests.class{{/announces}}{{#guarded}}, AccessRules.class{{/guarded}}})
class NoteControllerTest {

    @Autowired
    MockMvc mvc;

    @Autowired
    NotesForTests notes;

{{#byToken}}
    /** No token is known here; the tests say who asks. */
    @TestConfiguration(proxyBeanMethods = false)
    static class Tokens {

        @Bean
        JwtDecoder tokens() {
            return token -> {
                throw new BadJwtException("No token is known here");
            };
        }
    }

{{/byToken}}
    /** A request of somebody who may. */
    private static MockHttpServletRequestBuilder allowed(MockHttpServletRequestBuilder request) {
        return request{{#bySession}}.with(user("keeper")){{/bySession}}{{#crossSite}}.with(csrf()){{/crossSite}}{{#byToken}}.with(jwt()){{/byToken}};
    }

    @Test
    void showsOneNote() throws Exception {
        long id = notes.add("Tide", "High at noon").id();

        mvc.perform(allowed(get("/notes/{id}", id)))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.title").value("Tide"));
        mvc.perform(allowed(get("/notes/0"))).andExpect(status().isNotFound());
    }

    @Test
    void keepsANote() throws Exception {
        mvc.perform(allowed(post("/notes"))
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"title\": \"Tide\", \"body\": \"High at noon\"}"))
                .andExpect(status().isCreated())
                .andExpect(header().string("Location", matchesPattern("http://localhost/notes/[0-9]+")));
    }

    @Test
    void refusesANoteWithoutTitle() throws Exception {
        mvc.perform(allowed(post("/notes"))
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"title\": \" \", \"body\": \"High at noon\"}"))
                .andExpect(status().isBadRequest());
    }
{{#guarded}}

    @Test
    void asksWhoIsThere() throws Exception {
        mvc.perform(get("/notes").accept(MediaType.APPLICATION_JSON)).andExpect(status().isUnauthorized());
    }
{{/guarded}}
}
