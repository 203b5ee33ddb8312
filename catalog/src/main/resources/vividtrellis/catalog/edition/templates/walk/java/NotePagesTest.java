package {{package}}.{{web}};

import static org.hamcrest.Matchers.containsString;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;
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
import {{package}}.domain.Notes;
{{/byLayer}}
{{#announces}}
{{#byLayer}}
import {{package}}.messages.Announcements;
{{/byLayer}}
{{/announces}}
{{#guarded}}
import {{package}}.security.AccessRules;
{{/guarded}}
{{#byLayer}}
import {{package}}.service.NoteBook;
{{/byLayer}}
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import {{webMvcTest}};
import org.springframework.context.annotation.Import;
{{#byToken}}
import org.springframework.security.oauth2.jwt.JwtDecoder;
{{/byToken}}
import org.springframework.test.context.bean.override.mockito.MockitoBean;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

@WebMvcTest(NotePages.class)
@Import({{#guarded}}{NoteBook.class, AccessRules.class}{{/guarded}}{{^guarded}}NoteBook.class{{/guarded}})
class NotePagesTest {

    @Autowired
    MockMvc mvc;

    @MockitoBean
    Notes notes;

{{#announces}}
    @MockitoBean
    Announcements announcements;

{{/announces}}
{{#byToken}}
    @MockitoBean
    JwtDecoder tokens;

{{/byToken}}
    /** A request of somebody who may. */
    private static MockHttpServletRequestBuilder allowed(MockHttpServletRequestBuilder request) {
        return request{{#bySession}}.with(user("keeper")).with(csrf()){{/bySession}}{{#byToken}}.with(jwt()){{/byToken}};
    }

    @Test
    void showsNotesWithoutTakingTheirTextForMarkup() throws Exception {
        when(notes.all()).thenReturn(List.of(new Note(7, "Tide <b>", "High at noon")));

        mvc.perform(allowed(get("/pages/notes")))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("Tide &lt;b&gt;")));
    }

    @Test
    void keepsWhatTheFormSends() throws Exception {
        when(notes.add("Tide", "High at noon")).thenReturn(new Note(7, "Tide", "High at noon"));

        mvc.perform(allowed(post("/pages/notes")).param("title", "Tide").param("body", "High at noon"))
                .andExpect(redirectedUrl("/pages/notes"));
        verify(notes).add("Tide", "High at noon");
    }

    @Test
    void saysWhatIsMissing() throws Exception {
        mvc.perform(allowed(post("/pages/notes")).param("title", " ").param("body", "High at noon"))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("A note needs a title")));
    }
}
