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
import {{package}}.domain.Fake{{Entity}}Repository;
{{/byLayer}}
{{#announces}}
{{#byLayer}}
import {{package}}.messages.Fake{{Entity}}EventPublisher;
{{/byLayer}}
{{/announces}}
{{#byLayer}}
import {{package}}.service.{{Entity}}Service;
{{/byLayer}}
{{#byLayer}}
import {{package}}.domain.{{Entity}};
import {{package}}.domain.{{Entity}}Draft;
{{/byLayer}}
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
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
import org.springframework.http.HttpStatus;
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

@WebFluxTest({{Entity}}Controller.class)
@ActiveProfiles("test")
@Import({Fake{{Entity}}Repository.class, {{Entity}}Service.class{{#announces}}, Fake{{Entity}}EventPublisher.class{{/announces}}})
class {{Entity}}ControllerTest {

    private static final String {{ENTITY}} = """
            {
{{#fields}}
              "{{name}}": {{{json}}}{{^-last}},{{/-last}}
{{/fields}}
            }
            """;

    @Autowired
    WebTestClient client;

    @Autowired
    Fake{{Entity}}Repository {{entities}};

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
    void showsOne() {
        {{Entity}} kept = keep();

{{#secured}}
        allowed()
                .get()
{{/secured}}
{{^secured}}
        client.get()
{{/secured}}
                .uri("/{{entityPath}}/{id}", kept.id())
                .exchange()
                .expectStatus()
                .isOk()
                .expectHeader()
                .valueEquals("ETag", "\"0\"")
                .expectBody()
{{#first}}
                .jsonPath("$.{{name}}")
                .isEqualTo({{{jsonValue}}});
{{/first}}
{{#secured}}
        allowed()
                .get()
{{/secured}}
{{^secured}}
        client.get()
{{/secured}}
                .uri("/{{entityPath}}/0")
                .exchange()
                .expectStatus()
                .isNotFound()
                .expectBody()
                .jsonPath("$.detail")
                .isEqualTo("There is no {{entityWords}} 0.");
    }

    @Test
    void showsNoMoreThanAPage() {
        keep();
        keep();

{{#secured}}
        allowed()
                .get()
{{/secured}}
{{^secured}}
        client.get()
{{/secured}}
                .uri("/{{entityPath}}?page=0&size=1")
                .exchange()
                .expectStatus()
                .isOk()
                .expectBody()
                .jsonPath("$.length()")
                .isEqualTo(1);
    }

    @Test
    void keepsOne() {
{{#secured}}
        allowed()
                .post()
{{/secured}}
{{^secured}}
        client.post()
{{/secured}}
                .uri("/{{entityPath}}")
                .contentType(MediaType.APPLICATION_JSON)
                .bodyValue({{ENTITY}})
                .exchange()
                .expectStatus()
                .isCreated()
                .expectHeader()
                .valueMatches("Location", "/{{entityPath}}/[0-9]+");
    }
{{#refused}}

    @Test
    void refusesOneWithout{{Name}}() {
{{#secured}}
        allowed()
                .post()
{{/secured}}
{{^secured}}
        client.post()
{{/secured}}
                .uri("/{{entityPath}}")
                .contentType(MediaType.APPLICATION_JSON)
                .bodyValue({{ENTITY}}.replace({{{jsonInJava}}}, {{{nothingInJava}}}))
                .exchange()
                .expectStatus()
                .isBadRequest()
                .expectBody()
                .jsonPath("$.errors.{{name}}")
                .exists();
    }
{{/refused}}

    @Test
    void changesOneThatNobodyElseChanged() {
        {{Entity}} kept = keep();

        for (HttpStatus expected : List.of(HttpStatus.OK, HttpStatus.PRECONDITION_FAILED)) {
{{#secured}}
            allowed()
                    .put()
{{/secured}}
{{^secured}}
            client.put()
{{/secured}}
                    .uri("/{{entityPath}}/{id}", kept.id())
                    .header("If-Match", "\"0\"")
                    .contentType(MediaType.APPLICATION_JSON)
                    .bodyValue({{ENTITY}})
                    .exchange()
                    .expectStatus()
                    .isEqualTo(expected);
        }
    }

    @Test
    void removesOne() {
        {{Entity}} kept = keep();

        for (HttpStatus expected : List.of(HttpStatus.NO_CONTENT, HttpStatus.NOT_FOUND)) {
{{#secured}}
            allowed()
                    .delete()
{{/secured}}
{{^secured}}
            client.delete()
{{/secured}}
                    .uri("/{{entityPath}}/{id}", kept.id())
                    .exchange()
                    .expectStatus()
                    .isEqualTo(expected);
        }
    }

    private {{Entity}} keep() {
        {{Entity}}Draft draft = new {{Entity}}Draft({{#args}}{{#fields}}{{{literal}}}{{^-last}}, {{/-last}}{{/fields}}{{/args}});
        return {{entities}}.create(draft, Instant.EPOCH){{#flows}}.block(){{/flows}};
    }
}
