package {{package}}.{{samplePackage}}

import org.junit.jupiter.api.Test
import org.springframework.beans.factory.annotation.Autowired
import {{webFluxTest}}
{{#secured}}
import org.springframework.security.test.context.support.WithMockUser
{{/secured}}
import org.springframework.test.context.ActiveProfiles
import org.springframework.test.web.reactive.server.WebTestClient

@WebFluxTest(AboutController)
@ActiveProfiles('test')
{{#secured}}
@WithMockUser
{{/secured}}
class AboutControllerTest {

    @Autowired
    WebTestClient client

    @Test
    void tellsItsName() {
        client.get()
                .uri('/about')
                .exchange()
                .expectStatus().isOk()
                .expectBody()
                .jsonPath('$.name').isEqualTo('{{artifact}}')
    }
}
