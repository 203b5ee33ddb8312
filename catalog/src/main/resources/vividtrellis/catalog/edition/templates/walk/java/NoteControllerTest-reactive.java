package {{package}}.{{web}};

import static org.mockito.Mockito.when;
{{#secured}}
import static org.springframework.security.test.web.reactive.server.SecurityMockServerConfigurers.csrf;
{{/secured}}
{{#bySession}}
import static org.springframework.security.test.web.reactive.server.SecurityMockServerConfigurers.mockUser;
{{/bySession}}
{{#byToken}}
import static org.springframework.security.test.web.reactive.server.SecurityMockServerConfigurers.mockJwt;
{{/byToken}}

{{#byLayer}}
import {{package}}.domain.Note;
import {{package}}.domain.Notes;
{{/byLayer}}
{{#announces}}
{{#byLayer}}
import {{package}}.messages.Announcements;
{{/byLayer}}
{{/announces}}
{{#byLayer}}
import {{package}}.service.NoteBook;
{{/byLayer}}
{{^flows}}
import java.util.Optional;
{{/flows}}
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import {{webFluxTest}};
import org.springframework.context.annotation.Import;
import org.springframework.http.MediaType;
{{#byToken}}
import org.springframework.security.oauth2.jwt.ReactiveJwtDecoder;
{{/byToken}}
import org.springframework.test.context.bean.override.mockito.MockitoBean;
import org.springframework.test.web.reactive.server.WebTestClient;
{{#flows}}
import reactor.core.publisher.Mono;
{{/flows}}

@WebFluxTest(NoteController.class)
@Import(NoteBook.class)
class NoteControllerTest {

    @Autowired
    WebTestClient client;

    @MockitoBean
    Notes notes;

{{#announces}}
    @MockitoBean
    Announcements announcements;

{{/announces}}
{{#byToken}}
    @MockitoBean
    ReactiveJwtDecoder tokens;

{{/byToken}}
    /** Asks as somebody who may. */
    private WebTestClient allowed() {
        return client{{#secured}}.mutateWith(csrf()){{/secured}}{{#bySession}}.mutateWith(mockUser("keeper")){{/bySession}}{{#byToken}}.mutateWith(mockJwt()){{/byToken}};
    }

    @Test
    void showsOneNote() {
        when(notes.find(7)).thenReturn({{#flows}}Mono.just{{/flows}}{{^flows}}Optional.of{{/flows}}(new Note(7, "Tide", "High at noon")));

        allowed()
                .get()
                .uri("/notes/7")
                .exchange()
                .expectStatus()
                .isOk()
                .expectBody()
                .jsonPath("$.title")
                .isEqualTo("Tide");
{{#flows}}
        when(notes.find(8)).thenReturn(Mono.empty());
{{/flows}}
        allowed().get().uri("/notes/8").exchange().expectStatus().isNotFound();
    }

    @Test
    void keepsANote() {
        when(notes.add("Tide", "High at noon")).thenReturn({{#flows}}Mono.just(new Note(7, "Tide", "High at noon")){{/flows}}{{^flows}}new Note(7, "Tide", "High at noon"){{/flows}});

        allowed()
                .post()
                .uri("/notes")
                .contentType(MediaType.APPLICATION_JSON)
                .bodyValue("{\"title\": \"Tide\", \"body\": \"High at noon\"}")
                .exchange()
                .expectStatus()
                .isCreated()
                .expectHeader()
                .valueEquals("Location", "/notes/7");
    }
{{#validated}}

    @Test
    void refusesANoteWithoutTitle() {
        allowed()
                .post()
                .uri("/notes")
                .contentType(MediaType.APPLICATION_JSON)
                .bodyValue("{\"title\": \" \", \"body\": \"High at noon\"}")
                .exchange()
                .expectStatus()
                .isBadRequest();
    }
{{/validated}}
}
