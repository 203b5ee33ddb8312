package {{package}}.{{web}};

import static org.mockito.Mockito.when;
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
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import {{webMvcTest}};
import org.springframework.context.annotation.Import;
import org.springframework.http.MediaType;
{{#byToken}}
import org.springframework.security.oauth2.jwt.JwtDecoder;
{{/byToken}}
import org.springframework.test.context.bean.override.mockito.MockitoBean;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

@WebMvcTest(NoteController.class)
@Import({{#guarded}}{NoteBook.class, AccessRules.class}{{/guarded}}{{^guarded}}NoteBook.class{{/guarded}})
class NoteControllerTest {

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
        return request{{#bySession}}.with(user("keeper")){{/bySession}}{{#crossSite}}.with(csrf()){{/crossSite}}{{#byToken}}.with(jwt()){{/byToken}};
    }

    @Test
    void showsOneNote() throws Exception {
        when(notes.find(7)).thenReturn(Optional.of(new Note(7, "Tide", "High at noon")));

        mvc.perform(allowed(get("/notes/7")))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.title").value("Tide"));
        mvc.perform(allowed(get("/notes/8"))).andExpect(status().isNotFound());
    }

    @Test
    void keepsANote() throws Exception {
        when(notes.add("Tide", "High at noon")).thenReturn(new Note(7, "Tide", "High at noon"));

        mvc.perform(allowed(post("/notes"))
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"title\": \"Tide\", \"body\": \"High at noon\"}"))
                .andExpect(status().isCreated())
                .andExpect(header().string("Location", "/notes/7"));
    }
{{#validated}}

    @Test
    void refusesANoteWithoutTitle() throws Exception {
        mvc.perform(allowed(post("/notes"))
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"title\": \" \", \"body\": \"High at noon\"}"))
                .andExpect(status().isBadRequest());
    }
{{/validated}}
{{#guarded}}

    @Test
    void asksWhoIsThere() throws Exception {
        mvc.perform(get("/notes").accept(MediaType.APPLICATION_JSON)).andExpect(status().isUnauthorized());
    }
{{/guarded}}
}
