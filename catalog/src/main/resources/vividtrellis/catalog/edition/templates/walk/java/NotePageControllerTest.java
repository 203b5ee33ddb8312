package {{package}}.{{web}};

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
{{#bySession}}
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
{{/bySession}}
{{#byToken}}
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.jwt;
{{/byToken}}
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

{{#byLayer}}
import {{package}}.domain.Note;
import {{package}}.domain.FakeNoteRepository;
{{/byLayer}}
{{#announces}}
{{#byLayer}}
import {{package}}.messages.FakeNoteEventPublisher;
{{/byLayer}}
{{/announces}}
{{#guarded}}
import {{package}}.security.SecurityConfiguration;
{{/guarded}}
{{#byLayer}}
import {{package}}.service.NoteService;
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
{{#byToken}}
import org.springframework.context.annotation.Profile;
{{/byToken}}
{{#byToken}}
import org.springframework.security.oauth2.jwt.BadJwtException;
import org.springframework.security.oauth2.jwt.JwtDecoder;
{{/byToken}}
import org.springframework.test.context.ActiveProfiles;
import org.springframework.test.web.servlet.MockMvc;
{{#secured}}
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
{{/secured}}

@WebMvcTest(NotePageController.class)
@ActiveProfiles("test")
@Import({NoteService.class, FakeNoteRepository.class{{#announces}}, FakeNoteEventPublisher.class{{/announces}}{{#guarded}}, SecurityConfiguration.class{{/guarded}}})
class NotePageControllerTest {

    @Autowired
    MockMvc mvc;

    @Autowired
    FakeNoteRepository notes;

{{#byToken}}
    /** No token is known here; the tests say who asks. */
    @TestConfiguration(proxyBeanMethods = false)
    @Profile("test")
    static class Tokens {

        @Bean
        JwtDecoder tokens() {
            return token -> {
                throw new BadJwtException("No token is known here");
            };
        }
    }

{{/byToken}}
{{#secured}}
    /** A request of somebody who may. */
    private static MockHttpServletRequestBuilder allowed(MockHttpServletRequestBuilder request) {
        return request{{#bySession}}.with(user("keeper")).with(csrf()){{/bySession}}{{#byToken}}.with(jwt()){{/byToken}};
    }

{{/secured}}
    @Test
    void showsNotesWithoutTakingTheirTextForMarkup() throws Exception {
        notes.create("Tide <b>", "High at noon");

        mvc.perform({{#secured}}allowed({{/secured}}get("/pages/notes"){{#secured}}){{/secured}})
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("Tide &lt;b&gt;")));
    }

    @Test
    void keepsWhatTheFormSends() throws Exception {
        mvc.perform({{#secured}}allowed({{/secured}}post("/pages/notes"){{#secured}}){{/secured}}.param("title", "Tide").param("body", "High at noon"))
                .andExpect(redirectedUrl("/pages/notes"));
        assertThat(notes.findAll()).extracting(Note::title).contains("Tide");
    }

    @Test
    void saysWhatIsMissing() throws Exception {
        mvc.perform({{#secured}}allowed({{/secured}}post("/pages/notes"){{#secured}}){{/secured}}.param("title", " ").param("body", "High at noon"))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("must {{#validated}}not be blank{{/validated}}{{^validated}}be a text of at most 200 characters{{/validated}}")));
    }
}
