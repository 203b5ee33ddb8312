package {{package}}.{{web}};

{{#secured}}
import static org.springframework.security.test.web.reactive.server.SecurityMockServerConfigurers.csrf;
{{/secured}}
{{#bySession}}
import static org.springframework.security.test.web.reactive.server.SecurityMockServerConfigurers.mockUser;
{{/bySession}}
{{#byToken}}
import static org.springframework.security.test.web.reactive.server.SecurityMockServerConfigurers.mockJwt;
{{/byToken}}
{{#secured}}

{{/secured}}
{{#byLayer}}
import {{package}}.domain.FakeNoteRepository;
{{/byLayer}}
{{#announces}}
{{#byLayer}}
import {{package}}.messages.FakeNoteEventPublisher;
{{/byLayer}}
{{/announces}}
{{#byLayer}}
import {{package}}.service.NoteService;
{{/byLayer}}
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
{{#byToken}}
import org.springframework.boot.test.context.TestConfiguration;
{{/byToken}}
import {{webFluxTest}};
{{#byToken}}
import org.springframework.context.annotation.Bean;
{{/byToken}}
import org.springframework.context.annotation.Import;
{{#byToken}}
import org.springframework.context.annotation.Profile;
{{/byToken}}
import org.springframework.http.MediaType;
{{#byToken}}
import org.springframework.security.oauth2.jwt.BadJwtException;
import org.springframework.security.oauth2.jwt.ReactiveJwtDecoder;
{{/byToken}}
import org.springframework.test.context.ActiveProfiles;
import org.springframework.test.web.reactive.server.WebTestClient;
{{#byToken}}
import reactor.core.publisher.Mono;
{{/byToken}}

@WebFluxTest(NoteController.class)
@ActiveProfiles("test")
@Import({NoteService.class, FakeNoteRepository.class{{#announces}}, FakeNoteEventPublisher.class{{/announces}}})
class NoteControllerTest {

    @Autowired
    WebTestClient client;

    @Autowired
    FakeNoteRepository notes;

{{#byToken}}
    /** No token is known here; the tests say who asks. */
    @TestConfiguration(proxyBeanMethods = false)
    @Profile("test")
    static class Tokens {

        @Bean
        ReactiveJwtDecoder tokens() {
            return token -> Mono.error(new BadJwtException("No token is known here"));
        }
    }

{{/byToken}}
{{#secured}}
    /** Asks as somebody who may. */
    private WebTestClient allowed() {
        return client.mutateWith(csrf()){{#bySession}}.mutateWith(mockUser("keeper")){{/bySession}}{{#byToken}}.mutateWith(mockJwt()){{/byToken}};
    }

{{/secured}}
    @Test
    void showsOneNote() {
        long id = notes.create("Tide", "High at noon"){{#flows}}.block(){{/flows}}.id();

{{#secured}}
        allowed()
                .get()
{{/secured}}
{{^secured}}
        client.get()
{{/secured}}
                .uri("/notes/{id}", id)
                .exchange()
                .expectStatus()
                .isOk()
                .expectBody()
                .jsonPath("$.title")
                .isEqualTo("Tide");
{{#secured}}
        allowed()
                .get()
{{/secured}}
{{^secured}}
        client.get()
{{/secured}}
                .uri("/notes/0")
                .exchange()
                .expectStatus()
                .isNotFound()
                .expectBody()
                .jsonPath("$.detail")
                .isEqualTo("There is no note 0.");
    }

    @Test
    void keepsANote() {
{{#secured}}
        allowed()
                .post()
{{/secured}}
{{^secured}}
        client.post()
{{/secured}}
                .uri("/notes")
                .contentType(MediaType.APPLICATION_JSON)
                .bodyValue("{\"title\": \"Tide\", \"body\": \"High at noon\"}")
                .exchange()
                .expectStatus()
                .isCreated()
                .expectHeader()
                .valueMatches("Location", "/notes/[0-9]+");
    }

    @Test
    void refusesANoteWithoutTitle() {
{{#secured}}
        allowed()
                .post()
{{/secured}}
{{^secured}}
        client.post()
{{/secured}}
                .uri("/notes")
                .contentType(MediaType.APPLICATION_JSON)
                .bodyValue("{\"title\": \" \", \"body\": \"High at noon\"}")
                .exchange()
                .expectStatus()
                .isBadRequest()
                .expectBody()
                .jsonPath("$.errors.title")
                .exists();
    }
}
